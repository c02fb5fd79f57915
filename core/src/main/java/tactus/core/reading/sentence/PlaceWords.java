package tactus.core.reading.sentence;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Part;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Stretch;

/** Passes, bars and parts of a pass in words: {@code last pass}, {@code bars 5-8}, {@code where nobody sings}. */
public final class PlaceWords {

    private final Lexicon lexicon;

    /** Places in the words of {@code lexicon}. */
    public PlaceWords(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /** Writes {@code last pass}, {@code pass 2} or {@code every pass}. */
    public String of(PassChoice choice) {
        return switch (choice) {
            case PassChoice.Group group -> lexicon.word("pass", group);
            case PassChoice.Pass(int number) -> lexicon.say("pass-number.one", number);
        };
    }

    /**
     * Reads passes as {@link #of(PassChoice)} writes them; empty if the text is about something else.
     *
     * @throws Refusal if there can be no such pass
     */
    public Optional<PassChoice> pass(String text) {
        Optional<PassChoice> group =
                lexicon.find("pass", text, PassChoice.Group.values()).map(each -> each);
        return group.or(() -> whole(lexicon.read("pass-number.one", text)).stream()
                .mapToObj(PassChoice::of)
                .findFirst());
    }

    /** Writes {@code bars 5-8}, {@code bar 4.3} or {@code last 2 bars}. */
    public String of(Stretch stretch) {
        return switch (stretch) {
            case Stretch.Last(int count) ->
                count == 1 ? lexicon.word("stretch.last-bar") : lexicon.say("stretch-bars.last", count);
            case Stretch.Counted counted ->
                lexicon.say(counted.code().contains("-") ? "stretch-bars.several" : "stretch-bars.one", counted.code());
        };
    }

    /**
     * Reads bars as {@link #of(Stretch)} writes them, also without the word for bars; empty if the text is about
     * something else.
     *
     * @throws Refusal if there can be no such bars
     */
    public Optional<Stretch> stretch(String text) {
        if (lexicon.is("stretch.last-bar", text)) return Optional.of(Stretch.last(1));
        OptionalInt last = whole(lexicon.read("stretch-bars.last", text));
        if (last.isPresent()) return Optional.of(Stretch.last(last.getAsInt()));
        Optional<List<String>> range = lexicon.read("stretch-range.bars", text);
        if (range.isPresent()) return Optional.of(Stretch.ofCode(String.join("-", range.get())));
        String bars = lexicon.read("stretch-bars.one", text)
                .or(() -> lexicon.read("stretch-bars.several", text))
                .map(List::getFirst)
                .orElse(text.strip());
        boolean written = bars.matches("\\d[\\d.\\s–-]*");
        return written ? Optional.of(Stretch.ofCode(bars)) : Optional.empty();
    }

    /**
     * Reads bars that are typed.
     *
     * @throws NotationException if the text is no bars
     */
    public Stretch parse(String text) {
        try {
            return stretch(text).orElseThrow(() -> new NotationException("stretch.unread", "", 0));
        } catch (NotationException unread) {
            throw unread.in(text, firstDigit(text));
        } catch (Refusal impossible) {
            throw new NotationException("stretch.impossible", text, firstDigit(text), impossible.reason());
        }
    }

    private static int firstDigit(String text) {
        long letters =
                text.chars().takeWhile(letter -> !Character.isDigit(letter)).count();
        return letters < text.length() ? (int) letters : 0;
    }

    String of(Part part) {
        return switch (part) {
            case Part.OnChord(int number) -> lexicon.say("rule-chord.number", number);
            case Part.OnChordFromEnd(int number) ->
                number == 1 ? lexicon.word("rule-part.last-chord") : lexicon.say("rule-chord.from-end", number);
            case Part.SharedBars() -> lexicon.word("rule-part.shared-bars");
            case Part.OnName(String chord, boolean last) ->
                lexicon.say(last ? "rule-name.last" : "rule-name.every", chord);
            case Part.Both(Part one, Part other) -> of(one) + ", " + of(other);
            case Part.InBars(var bars) -> of(bars);
            case Part.InHalf(boolean second) -> lexicon.word(second ? "rule-part.second-half" : "rule-part.first-half");
            case Part.Voice(boolean sung) -> lexicon.word(sung ? "rule-part.sung" : "rule-part.unsung");
        };
    }

    /** @throws Refusal if there can be no such part */
    Optional<Part> part(String text) {
        Optional<Part> word = lexicon.find("rule-part", text).map(PlaceWords::wordPart);
        if (word.isPresent()) return word;
        OptionalInt chord = whole(lexicon.read("rule-chord.number", text));
        if (chord.isPresent()) return Optional.of(new Part.OnChord(chord.getAsInt()));
        OptionalInt last = whole(lexicon.read("rule-chord.from-end", text));
        if (last.isPresent()) return Optional.of(new Part.OnChordFromEnd(last.getAsInt()));
        Optional<Part> bars = stretch(text).map(Part.InBars::new);
        return bars.or(() -> named(text));
    }

    /** {@code on every D}, {@code on the last D}. */
    private Optional<Part> named(String text) {
        return lexicon.read("rule-name.last", text)
                .<Part>flatMap(holes -> chord(holes.getFirst()).map(name -> new Part.OnName(name, true)))
                .or(() -> lexicon.read("rule-name.every", text)
                        .flatMap(holes -> chord(holes.getFirst()).map(name -> new Part.OnName(name, false))));
    }

    private static Optional<String> chord(String name) {
        return Chord.meaning(name).map(_ -> name);
    }

    private static Part wordPart(String code) {
        return switch (code) {
            case "shared-bars" -> new Part.SharedBars();
            case "first-half" -> new Part.InHalf(false);
            case "second-half" -> new Part.InHalf(true);
            case "sung" -> new Part.Voice(true);
            case "unsung" -> new Part.Voice(false);
            case "last-chord" -> new Part.OnChordFromEnd(1);
            default -> throw new IllegalArgumentException("no part is called " + code);
        };
    }

    private static OptionalInt whole(Optional<List<String>> holes) {
        return holes.map(List::getFirst)
                .filter(number -> number.matches("\\d+"))
                .map(number -> OptionalInt.of(Integer.parseInt(number)))
                .orElse(OptionalInt.empty());
    }
}
