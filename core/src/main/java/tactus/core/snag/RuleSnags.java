package tactus.core.snag;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.rule.Part;
import tactus.core.rule.PassPlan;
import tactus.core.rule.Play;
import tactus.core.rule.Rule;
import tactus.core.rule.Situation;
import tactus.core.rule.Where;
import tactus.core.section.Section;
import tactus.core.section.SectionId;
import tactus.core.sentence.RuleSentence;
import tactus.core.snag.Snag.Fix;
import tactus.core.snag.Snag.Kind;
import tactus.core.snag.Snag.Number;
import tactus.core.song.Passes;
import tactus.core.song.Song;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineSpan;

/** Finds bars that no rule speaks of, rules that contradict each other, and rules whose place is not in the song. */
final class RuleSnags {

    private final Song song;
    private final Timeline timeline;
    private final Finds found = new Finds();

    private RuleSnags(Song song, Timeline timeline) {
        this.song = song;
        this.timeline = timeline;
    }

    static List<Snag> of(Song song, Timeline timeline) {
        var snags = new RuleSnags(song, timeline);
        snags.checkCoverage();
        snags.checkContradictions();
        snags.checkPlaces();
        return snags.found.all();
    }

    /** The pattern that most rules of {@code song} assign, if there is any pattern. */
    static Optional<PatternId> commonPattern(Song song) {
        Map<PatternId, Integer> counts = new LinkedHashMap<>();
        song.rules().forEach(rule -> rule.pattern().ifPresent(id -> counts.merge(id, 1, Integer::sum)));
        return counts.entrySet().stream()
                .max(Comparator.comparingInt(Map.Entry::getValue))
                .map(Map.Entry::getKey)
                .or(() -> song.patterns().stream().findFirst().map(Pattern::id));
    }

    static Fix assign(Song song, Where where, PatternId pattern) {
        String name = song.pattern(pattern).map(Pattern::name).orElse("");
        return new Fix(
                "Play " + name + " there",
                edited -> edited.pattern(pattern).isEmpty()
                        ? edited
                        : edited.withRule(new Rule(where, Play.pattern(pattern))));
    }

    private void checkCoverage() {
        Set<SectionId> said = new LinkedHashSet<>();
        for (TimelineSpan span : timeline.spans()) {
            if (span.inSection() < 0 || span.played().what().isPresent()) continue;
            SectionId id = song.uses().get(span.use()).section();
            if (!said.add(id)) continue;
            Section section = song.section(id).orElseThrow();
            long silent = timeline.spans().stream()
                    .filter(each -> each.inSection() >= 0
                            && each.played().what().isEmpty()
                            && song.uses().get(each.use()).section().equals(id))
                    .count();
            found.add(
                    Kind.BAR_WITHOUT_PATTERN,
                    new Place.InUse(span.use(), span.pass(), span.inSection()),
                    section.name(),
                    "no rule says what is played here, from " + span.chord() + " on (" + Words.count(silent, "chord")
                            + " in the song).",
                    commonPattern(song).map(pattern -> assign(song, Where.in(id), pattern)),
                    new Number("chords", Long.toString(silent)));
        }
    }

    private void checkContradictions() {
        Map<Where, List<Integer>> places = new HashMap<>();
        for (int i = 0; i < song.rules().size(); i++) {
            places.computeIfAbsent(song.rules().get(i).where(), _ -> new ArrayList<>())
                    .add(i);
        }
        var sorted = new ArrayList<>(places.values());
        sorted.sort(Comparator.comparingInt(List::getFirst));
        for (List<Integer> same : sorted) {
            for (int i = 1; i < same.size(); i++) {
                int later = same.get(i);
                int earlier = same.get(i - 1);
                if (contradict(
                        song.rules().get(earlier).play(),
                        song.rules().get(later).play())) {
                    addContradiction(earlier, later);
                }
            }
        }
    }

    private static boolean contradict(Play one, Play other) {
        return differ(one, other, Play::what)
                || differ(one, other, Play::form)
                        && one.what().isEmpty()
                        && other.what().isEmpty()
                || differ(one, other, Play::fit)
                || differ(one, other, Play::dynamics)
                || differ(one, other, Play::raise)
                || differ(one, other, Play::pause);
    }

    private static <T> boolean differ(Play one, Play other, Function<Play, Optional<T>> says) {
        return says.apply(one).isPresent()
                && says.apply(other).isPresent()
                && !says.apply(one).equals(says.apply(other));
    }

    private void addContradiction(int earlier, int later) {
        Rule beaten = song.rules().get(earlier);
        Rule winner = song.rules().get(later);
        found.add(
                Kind.RULES_CONTRADICT,
                new Place.InRules(later),
                RuleSentence.where(song, winner.where()),
                "two rules speak of the same place: \"" + RuleSentence.what(song, beaten.play()) + "\" and \""
                        + RuleSentence.what(song, winner.play()) + "\". The later one holds.",
                Optional.of(removal(beaten, "Delete the earlier rule")));
    }

    private static Fix removal(Rule rule, String label) {
        return new Fix(label, edited -> {
            var rest = new ArrayList<>(edited.rules());
            rest.remove(rule);
            return edited.withRules(rest);
        });
    }

    private void checkPlaces() {
        Set<Integer> missing = new LinkedHashSet<>();
        for (int i = 0; i < song.rules().size(); i++) missing.add(i);
        var passes = new Passes(song);
        for (int use = 0; use < song.uses().size() && !missing.isEmpty(); use++) {
            int count = passes.count(use);
            for (int pass = 1; pass <= count; pass++) {
                if (pass > 2 && pass < count && !speaksOfPass(pass)) continue;
                Section section = passes.section(use, pass);
                var situation = passes.situation(use, pass);
                missing.removeIf(index -> isThere(song.rules().get(index), section, situation));
            }
        }
        for (int index : missing) if (isUsed(song.rules().get(index).where())) addPlace(index);
    }

    private boolean speaksOfPass(int pass) {
        return song.rules().stream().anyMatch(rule -> rule.where().pass().number() == pass);
    }

    private boolean isThere(Rule rule, Section section, Situation situation) {
        Where anywhere = rule.where().withVersion(Optional.empty()).withCompany(Optional.empty());
        if (!situation.isIn(anywhere)) return false;
        return rule.where().part().map(part -> isThere(part, section)).orElse(true);
    }

    private static boolean isThere(Part part, Section section) {
        return switch (part) {
            case Part.OnChord(int number) -> Math.abs(number) <= section.spans().size();
            case Part.InBars _, Part.InHalf _ ->
                PassPlan.bounds(part, section.barLines()).isPresent();
            case Part.SharedBars _, Part.Voice _ -> true;
        };
    }

    /** A section that is not played has rules that wait for it. */
    private boolean isUsed(Where where) {
        return where.section()
                .map(id -> song.uses().stream().anyMatch(use -> use.section().equals(id)))
                .orElse(!song.uses().isEmpty());
    }

    private void addPlace(int index) {
        Rule rule = song.rules().get(index);
        found.add(
                Kind.RULE_NEVER_HOLDS,
                new Place.InRules(index),
                RuleSentence.where(song, rule.where()),
                "the rule \"" + RuleSentence.of(song, rule) + "\" speaks of a place that is not in the song.",
                Optional.of(removal(rule, "Delete the rule")));
    }
}
