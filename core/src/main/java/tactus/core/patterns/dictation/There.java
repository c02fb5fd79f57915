package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;

/**
 * How a saying begins with what is there: {@code the same but the last one muted}, {@code same pattern, twice as fast},
 * {@code three ups instead of two}, {@code the second half of March, then two downs}.
 */
final class There {

    private final String rest;
    private final List<SpokenStroke> strokes;
    private final boolean isBut;

    private There(String rest, List<SpokenStroke> strokes, boolean isBut) {
        this.rest = rest;
        this.strokes = strokes;
        this.isBut = isBut;
    }

    /** What the beginning of {@code text} takes from what is there. */
    static There at(String text, Speech speech) {
        return Stream.<Optional<There>>of(
                        instead(text, speech), faster(text, speech), same(text, speech), named(text, speech))
                .flatMap(Optional::stream)
                .findFirst()
                .orElse(new There(text, List.of(), false));
    }

    /** Says what is there before all else is said. */
    void begin(SaidStrokes said) {
        strokes.forEach(said::add);
        said.endPhrase();
        if (isBut) said.but();
    }

    /** What is read after it; every place stays where it is. */
    String rest() {
        return rest;
    }

    private static Optional<Pattern> shown(Speech speech) {
        return speech.shown().filter(pattern -> pattern.played().stream().anyMatch(Stroke::isStruck));
    }

    private static Optional<There> same(String text, Speech speech) {
        return shown(speech).flatMap(pattern -> {
            List<SpokenStroke> all = strokes(pattern, pattern.frame());
            return speech.lexicon()
                    .behind("there.but", text)
                    .map(end -> new There(blanked(text, end), all, true))
                    .or(() -> speech.lexicon()
                            .behind("there.same", text)
                            .map(end -> new There(blanked(text, end), all, false)));
        });
    }

    /** Each stroke twice as soon, and all of it twice in the time it had. */
    private static Optional<There> faster(String text, Speech speech) {
        Optional<Integer> end = speech.lexicon().behind("there.faster", text);
        return end.flatMap(_ -> shown(speech)).flatMap(pattern -> {
            Hand hand = pattern.frame().hand();
            var quick = new Hand(hand.mode(), hand.rate().dividedBy(2));
            if (!PatternFrame.isPossible(pattern.meter(), quick.rate())) return Optional.empty();
            PatternFrame frame = PatternFrame.of(pattern.meter(), pattern.beats(), quick);
            int slots = pattern.grid().size();
            if (frame.grid().size() != 2 * slots) return Optional.empty();
            var strokes = new ArrayList<SpokenStroke>();
            for (Slot slot : frame.grid().slots()) {
                Stroke stroke = pattern.at(pattern.grid().slots().get(slot.index() % slots));
                if (!(stroke instanceof Miss)) strokes.add(on(slot, stroke));
            }
            return Optional.of(new There(blanked(text, end.orElseThrow()), strokes, false));
        });
    }

    private static Optional<There> instead(String text, Speech speech) {
        Lexicon lexicon = speech.lexicon();
        for (String code : lexicon.codes("there-instead")) {
            Optional<List<String>> numbers = lexicon.read(code, text);
            if (numbers.isEmpty()) continue;
            int wanted = lexicon.number(numbers.get().getFirst()).orElse(0);
            int there = lexicon.number(numbers.get().getLast()).orElse(0);
            Predicate<Stroke> kind = kind(code.substring(code.indexOf('.') + 1));
            return shown(speech)
                    .map(pattern -> new There(
                            " ".repeat(text.length()),
                            replaced(strokes(pattern, pattern.frame()), kind, there, wanted)
                                    .orElseThrow(
                                            () -> new NotationException("dictation-reader.not-there", text, 0, there)),
                            false));
        }
        return Optional.empty();
    }

    private static Predicate<Stroke> kind(String code) {
        return switch (code) {
            case "mute" -> Mute.class::isInstance;
            case "up" -> stroke -> stroke instanceof Strum strum && strum.direction() == Direction.UP;
            default -> stroke -> stroke instanceof Strum strum && strum.direction() == Direction.DOWN;
        };
    }

    /** The first run of {@code there} strokes of a kind has {@code wanted} of them; nothing keeps its count, since all behind it moves. */
    private static Optional<List<SpokenStroke>> replaced(
            List<SpokenStroke> strokes, Predicate<Stroke> kind, int there, int wanted) {
        for (int from = 0; from < strokes.size(); from++) {
            int to = from;
            while (to < strokes.size() && kind.test(strokes.get(to).form())) to++;
            if (to - from == there && there > 0) {
                var others = new ArrayList<SpokenStroke>(strokes.subList(0, from));
                for (int i = 0; i < Math.min(wanted, Dictation.MOST_STROKES); i++) others.add(strokes.get(from));
                others.addAll(strokes.subList(to, strokes.size()));
                return Optional.of(others.stream().map(SpokenStroke::uncounted).toList());
            }
            from = Math.max(from, to - 1);
        }
        return Optional.empty();
    }

    /** A pattern by its name, or a half of it. */
    private static Optional<There> named(String text, Speech speech) {
        return speech.lexicon().codes("there-part").stream()
                .flatMap(code -> speech.lexicon().forms(code).stream()
                        .map(form -> form.substring(0, form.indexOf('{')))
                        .flatMap(before -> named(text, code, before, speech).stream()))
                .findFirst();
    }

    private static Optional<There> named(String text, String code, String before, Speech speech) {
        int start = text.length() - text.stripLeading().length();
        int from = start + before.length();
        if (!text.regionMatches(true, start, before, 0, before.length())) return Optional.empty();
        return speech.patterns().stream()
                .filter(pattern -> !pattern.name().isBlank() && isAt(text, from, pattern.name()))
                .max(Comparator.comparingInt(pattern -> pattern.name().length()))
                .map(pattern -> new There(blanked(text, from + pattern.name().length()), part(pattern, code), false));
    }

    private static boolean isAt(String text, int from, String name) {
        int end = from + name.length();
        return text.regionMatches(true, from, name, 0, name.length())
                && (end == text.length() || !Character.isLetterOrDigit(text.charAt(end)));
    }

    private static List<SpokenStroke> part(Pattern pattern, String code) {
        List<Slot> slots = pattern.grid().slots();
        int half = slots.size() / 2;
        int from = code.equals("there-part.second-half") ? half : 0;
        int to = code.equals("there-part.first-half") ? half : slots.size();
        var strokes = new ArrayList<SpokenStroke>();
        for (int i = from; i < to; i++) {
            Stroke stroke = pattern.at(slots.get(i));
            if (!(stroke instanceof Miss)) strokes.add(on(slots.get(i - from), stroke));
        }
        return strokes;
    }

    private static List<SpokenStroke> strokes(Pattern pattern, PatternFrame frame) {
        return frame.grid().slots().stream()
                .filter(slot -> !(pattern.at(slot) instanceof Miss))
                .map(slot -> on(slot, pattern.at(slot)))
                .toList();
    }

    private static SpokenStroke on(Slot slot, Stroke stroke) {
        return SpokenStroke.of(stroke, stroke.way(), 0).withCount(slot.count().toString());
    }

    private static String blanked(String text, int end) {
        return " ".repeat(end) + text.substring(end);
    }
}
