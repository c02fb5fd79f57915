package tactus.core.counsel.snag;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.statement.Statement;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.placing.BorneOut;

/** Finds strokes against the hand, the same words for two rhythms, and two names for one. */
final class PatternSnags implements Finder {

    private record Rhythm(PatternFrame frame, List<Stroke> strokes, Object moves) {
        static Rhythm of(Pattern pattern) {
            return new Rhythm(pattern.frame(), pattern.played(), pattern.moves());
        }
    }

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        List<Pattern> patterns = laid.song().patterns();
        patterns.forEach(pattern -> checkHand(pattern, found));
        checkWords(patterns, laid.lexicon(), found);
        checkNames(patterns, found);
    }

    private static void checkHand(Pattern pattern, Consumer<Snag> found) {
        for (Slot slot : pattern.grid().slots()) {
            if (!pattern.isAgainstHand(slot)) continue;
            found.accept(against(pattern, slot));
        }
    }

    private static Snag against(Pattern pattern, Slot slot) {
        Stroke stroke = pattern.at(slot);
        Optional<Direction> hand = pattern.frame().handAt(slot);
        Length rate = pattern.hand().rate();
        Statement said = Statement.of(
                stroke instanceof Mute ? "snag.mute" : "snag.strum",
                stroke.way().<Object>map(way -> way).orElse(""));
        return inSlot(
                        Kind.AGAINST_THE_HAND,
                        pattern,
                        slot,
                        hand.map(way -> Statement.of("snag.against-the-hand", said, way))
                                .orElseGet(() -> Statement.of("snag.beside-the-hand", said, rate.toString())))
                .about(pattern.id(), slot.index())
                .counted("slot", slot.index() + 1, "hand-rate", rate)
                .mendedBy(hand.map(way -> new PatternFix.Turn(pattern.id(), slot.index(), way)));
    }

    /** A snag of a slot, whose place is said by its count. */
    static Snag inSlot(Kind kind, Pattern pattern, Slot slot, Statement said) {
        Snag snag = Snag.of(kind, new SnagPlace.InPattern(pattern.id(), slot.index()), said);
        return slot.bar() > 0
                ? snag.at("where.pattern-bar-count", pattern.id(), slot.bar() + 1, slot.count())
                : snag.at("where.pattern-count", pattern.id(), slot.count());
    }

    /** A snag of two patterns. */
    private static Snag ofTwo(Kind kind, Pattern pattern, Pattern other, Fix fix, String code, Object... values) {
        return Snag.of(kind, new SnagPlace.InPattern(pattern.id(), 0), code, values)
                .about(pattern.id(), other.id())
                .mendedBy(fix);
    }

    private static void checkWords(List<Pattern> patterns, Lexicon lexicon, Consumer<Snag> found) {
        Map<String, Pattern> first = new HashMap<>();
        for (Pattern pattern : patterns) {
            // A form is said as its pattern is, and what was said anew no longer means what was said before.
            if (pattern.form().isPresent() || pattern.story().said().isEmpty()) continue;
            String said = pattern.story().said().getLast();
            // Whose strokes were changed by hand is no longer what was said.
            if (!BorneOut.by(pattern, said, lexicon)) continue;
            String words =
                    said.toLowerCase(Locale.ROOT).replaceAll("[\\s,.;]+", " ").strip();
            Pattern before = first.putIfAbsent(words, pattern);
            if (before != null && !Rhythm.of(before).equals(Rhythm.of(pattern)))
                found.accept(ofTwo(
                        Kind.SAME_WORDS_OTHER_RHYTHM,
                        pattern,
                        before,
                        new PatternFix.ForgetSaying(pattern.id(), said),
                        "snag.same-words",
                        said,
                        before.id()));
        }
    }

    private static void checkNames(List<Pattern> patterns, Consumer<Snag> found) {
        Map<Rhythm, Pattern> first = new HashMap<>();
        for (Pattern pattern : patterns) {
            boolean silent = pattern.strokes().isEmpty();
            Pattern before = silent ? null : first.putIfAbsent(Rhythm.of(pattern), pattern);
            if (before != null)
                found.accept(ofTwo(
                        Kind.SAME_RHYTHM_OTHER_NAME,
                        pattern,
                        before,
                        new PatternFix.CallBoth(pattern.id(), before.id(), before.name()),
                        "snag.same-rhythm",
                        before.id()));
        }
    }
}
