package tactus.words;

import java.util.List;
import tactus.core.music.chord.NameGuess;

/** Why a chord is called so, as a sentence: {@code The fifth is left out; E, the major third, lies lowest.} */
public final class NameWords {

    private NameWords() {}

    public static String why(NameGuess guess) {
        List<String> reasons = guess.reasons().stream().map(Words::say).toList();
        String all = reasons.size() == 1
                ? reasons.getFirst()
                : Words.of("list.reasons", reasons.getFirst(), reasons.getLast());
        return Words.of("list.sentence", Sentences.capital(all));
    }
}
