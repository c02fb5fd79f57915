package tactus.core.patterns.saying;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import tactus.core.ground.language.Lexicon;
import tactus.core.music.stroke.Stop;
import tactus.core.music.time.Length;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.Filling;
import tactus.core.patterns.dictation.SpokenCount;
import tactus.core.patterns.dictation.SpokenStroke;

/** A dictation in words that a dictation reads back. */
final class SaidAgain {

    private static final Map<Length, String> RATES = Map.of(
            Length.QUARTER, "filling.quarters",
            Length.EIGHTH, "filling.eighths",
            Length.SIXTEENTH, "filling.sixteenths");

    private static final Map<String, String> BEHIND =
            Map.of("&", "count-behind.and", "e", "count-behind.e", "a", "count-behind.a");

    private final Lexicon lexicon;
    private final StrokeWords words;

    SaidAgain(Lexicon lexicon, StrokeWords words) {
        this.lexicon = lexicon;
        this.words = words;
    }

    String of(Dictation said) {
        Optional<Filling> filling = said.notes().filling();
        String strokes = filling.filter(Filling::isAlone)
                .map(this::filled)
                .orElseGet(() -> filling.map(each -> filled(each) + ": ").orElse("") + strokes(said));
        return strokes + accents(said);
    }

    private String filled(Filling filling) {
        return lexicon.word(filling.rate().map(RATES::get).orElse("filling.beats"));
    }

    private String strokes(Dictation said) {
        boolean counts = said.strokes().stream().allMatch(SpokenStroke::isCounted);
        boolean fromOne = said.strokes().getFirst().count().filter("1"::equals).isPresent();
        String strokes = said.strokes().stream()
                .map(stroke -> counts ? struck(stroke.count().orElseThrow(), fromOne) : stroke(stroke))
                .collect(Collectors.joining(counts ? " " : ", "));
        return said.counts().isEmpty()
                ? strokes
                : strokes + ": " + said.counts().stream().map(this::count).collect(Collectors.joining(" "));
    }

    private String stroke(SpokenStroke said) {
        String word = words.of(said.form(), said.direction());
        String counted = said.count()
                .map(count -> word + " " + lexicon.word("mark.on") + " " + count)
                .orElse(word);
        return said.beats()
                .map(beats -> said.form() instanceof Stop
                        ? lexicon.say("held.rest", beats)
                        : counted + ", " + lexicon.say("held.before", beats))
                .orElse(counted);
    }

    /** What is passed on the way to a count stands in brackets: {@code (3) &}. */
    private String struck(String count, boolean fromOne) {
        int last = count.lastIndexOf(' ');
        // Numbers alone that do not begin with 1 would be strings.
        if (!fromOne && count.chars().allMatch(Character::isDigit)) return lexicon.say("beat-count", count);
        return last < 0 ? count : "(" + count.substring(0, last) + ") " + count.substring(last + 1);
    }

    private String count(SpokenCount count) {
        int last = count.said().lastIndexOf(' ');
        String said = last < 0
                ? count.said()
                : lexicon.say(
                        BEHIND.get(count.said().substring(last + 1)),
                        count.said().substring(0, last));
        return count.isBracketed() ? "(" + said + ")" : said;
    }

    private String accents(Dictation said) {
        return said.accents().stream()
                .map(count -> ", " + lexicon.word("mark.accented") + " " + lexicon.word("mark.on") + " " + count)
                .collect(Collectors.joining());
    }
}
