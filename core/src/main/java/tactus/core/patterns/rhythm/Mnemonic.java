package tactus.core.patterns.rhythm;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tactus.core.ground.language.Lexicon;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Pattern;

/**
 * Words to feel a cell by, one syllable a stroke. The words are our own.
 *
 * @param syllables as they are written: {@code LAN tern light}
 */
public record Mnemonic(List<String> syllables) {

    public Mnemonic {
        syllables = List.copyOf(syllables);
    }

    private static Mnemonic of(String words) {
        return new Mnemonic(List.of(words.split(" ")));
    }

    /**
     * The words whose strong syllables fall on felt beats as well as any of ours do.
     *
     * @param slots how many slots of {@code pattern} they are for
     * @param lexicon has the words to choose from
     * @return empty if there are none of as many syllables
     */
    public static Optional<Mnemonic> of(Pattern pattern, int slots, Lexicon lexicon) {
        List<Boolean> strong = pattern.grid().slots().stream()
                .filter(slot -> slot.index() < slots && pattern.at(slot).isStruck())
                .map(Slot::startsBeat)
                .toList();
        return lexicon.codes("mnemonic").stream()
                .map(code -> of(lexicon.word(code)))
                .filter(words -> words.syllables.size() == strong.size())
                .max(Comparator.comparingInt(words -> words.agreement(strong)));
    }

    private int agreement(List<Boolean> strong) {
        int agreeing = 0;
        for (int i = 0; i < strong.size(); i++) if (isStrong(i) == strong.get(i)) agreeing++;
        return agreeing;
    }

    /** Whether the syllable with {@code index} is stressed. */
    public boolean isStrong(int index) {
        return Character.isUpperCase(syllables.get(index).charAt(0));
    }

    @Override
    public String toString() {
        return String.join(" ", syllables);
    }
}
