package tactus.core.snag;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import tactus.core.dictation.BorneOut;
import tactus.core.language.Lexicon;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternFrame;
import tactus.core.stroke.Stroke;
import tactus.core.time.Slot;

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
            found.accept(new PatternSnag.AgainstTheHand(
                    pattern.id(),
                    slot,
                    pattern.at(slot),
                    pattern.frame().handAt(slot),
                    pattern.hand().rate()));
        }
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
                found.accept(new PatternSnag.SameWords(pattern.id(), before.id(), said));
        }
    }

    private static void checkNames(List<Pattern> patterns, Consumer<Snag> found) {
        Map<Rhythm, Pattern> first = new HashMap<>();
        for (Pattern pattern : patterns) {
            boolean silent = pattern.strokes().isEmpty();
            Pattern before = silent ? null : first.putIfAbsent(Rhythm.of(pattern), pattern);
            if (before != null) found.accept(new PatternSnag.SameRhythm(pattern.id(), before.id(), before.name()));
        }
    }
}
