package tactus.core.snag;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternFrame;
import tactus.core.pattern.PatternId;
import tactus.core.rule.Rule;
import tactus.core.rule.What;
import tactus.core.snag.Snag.Fix;
import tactus.core.snag.Snag.Kind;
import tactus.core.snag.Snag.Number;
import tactus.core.song.Song;
import tactus.core.stroke.Stroke;
import tactus.core.time.Slot;

/** Finds strokes against the hand, the same words for two rhythms, and two names for one. */
final class PatternSnags {

    private record Rhythm(PatternFrame frame, List<Stroke> strokes, Object moves) {
        static Rhythm of(Pattern pattern) {
            return new Rhythm(pattern.frame(), pattern.played(), pattern.moves());
        }
    }

    private final Song song;
    private final Finds found = new Finds();

    private PatternSnags(Song song) {
        this.song = song;
    }

    static List<Snag> of(Song song) {
        var snags = new PatternSnags(song);
        song.patterns().forEach(snags::checkHand);
        snags.checkWords();
        snags.checkNames();
        return snags.found.all();
    }

    private void checkHand(Pattern pattern) {
        for (Slot slot : pattern.grid().slots()) {
            if (!pattern.isAgainstHand(slot)) continue;
            String where = pattern.name() + ", " + (slot.bar() > 0 ? "bar " + (slot.bar() + 1) + ", " : "") + "count "
                    + slot.count();
            found.add(
                    Kind.AGAINST_THE_HAND,
                    new Place.InPattern(pattern.id(), slot.index()),
                    where,
                    AgainstTheHand.sentence(pattern, slot),
                    turned(pattern, slot),
                    new Number("slot", Integer.toString(slot.index() + 1)),
                    new Number("hand rate", pattern.hand().rate().toString()));
        }
    }

    private static Optional<Fix> turned(Pattern pattern, Slot slot) {
        return pattern.frame()
                .handAt(slot)
                .map(way -> new Fix(
                        "Turn the stroke " + way.word(),
                        edited -> edited.pattern(pattern.id())
                                .filter(each -> each.frame().equals(pattern.frame()))
                                .map(each -> edited.withPattern(each.withStroke(
                                        slot.index(), each.at(slot).withWay(way))))
                                .orElse(edited)));
    }

    private void checkWords() {
        Map<String, Pattern> first = new HashMap<>();
        for (Pattern pattern : song.patterns()) {
            for (String said : pattern.story().said()) {
                String words = said.toLowerCase(Locale.ROOT)
                        .replaceAll("[\\s,.;]+", " ")
                        .strip();
                Pattern before = first.putIfAbsent(words, pattern);
                if (before == null || before.id().equals(pattern.id())) continue;
                if (!Rhythm.of(before).equals(Rhythm.of(pattern))) addWords(before, pattern, said);
            }
        }
    }

    private void addWords(Pattern before, Pattern pattern, String said) {
        found.add(
                Kind.SAME_WORDS_OTHER_RHYTHM,
                new Place.InPattern(pattern.id(), 0),
                pattern.name(),
                "\"" + said + "\" was said for this pattern and for \"" + before.name()
                        + "\", but they are two rhythms. Say the counts to tell them apart.",
                Optional.empty());
    }

    private void checkNames() {
        Map<Rhythm, Pattern> first = new LinkedHashMap<>();
        for (Pattern pattern : song.patterns()) {
            boolean silent = pattern.strokes().isEmpty();
            Pattern before = silent ? null : first.putIfAbsent(Rhythm.of(pattern), pattern);
            if (before == null) continue;
            found.add(
                    Kind.SAME_RHYTHM_OTHER_NAME,
                    new Place.InPattern(pattern.id(), 0),
                    pattern.name(),
                    "this is the same rhythm as \"" + before.name() + "\" under another name.",
                    Optional.of(merged(before, pattern)));
        }
    }

    private static Fix merged(Pattern kept, Pattern gone) {
        return new Fix("Call both " + kept.name(), edited -> {
            if (edited.pattern(kept.id()).isEmpty()) return edited;
            var rules = edited.rules().stream()
                    .map(rule -> replaced(rule, gone.id(), kept.id()))
                    .toList();
            return edited.withRules(rules).withoutPattern(gone.id());
        });
    }

    private static Rule replaced(Rule rule, PatternId gone, PatternId kept) {
        boolean says = rule.pattern().filter(gone::equals).isPresent();
        return says ? rule.withPlay(rule.play().with(new What.Plays(kept))) : rule;
    }
}
