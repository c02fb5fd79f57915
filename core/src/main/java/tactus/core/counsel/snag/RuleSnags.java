package tactus.core.counsel.snag;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.IntStream;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.time.Quantity;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.PassPlan;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Numbered;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Passes;
import tactus.core.written.song.Song;

/** Finds bars that no rule speaks of, rules that contradict each other, and rules whose place is not in the song. */
final class RuleSnags implements Finder {

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        checkCoverage(laid, found);
        checkContradictions(laid.song().rules(), found);
        checkPlaces(laid.song(), found);
    }

    private static void checkCoverage(LaidSong laid, Consumer<Snag> found) {
        Map<SectionId, List<TimelineSpan>> silent = new LinkedHashMap<>();
        for (TimelineSpan span : laid.timeline().spans()) {
            if (span.inSection().isEmpty() || span.played().what().isPresent()) continue;
            silent.computeIfAbsent(laid.section(span).id(), _ -> new ArrayList<>())
                    .add(span);
        }
        silent.forEach((section, spans) -> found.accept(Snag.of(
                        Kind.BAR_WITHOUT_PATTERN,
                        laid.place(spans.getFirst()),
                        "snag.nothing-said",
                        spans.getFirst().chord(),
                        Quantity.of(Quantity.Unit.CHORD, spans.size()))
                .called(section)
                .about(section)
                .counted("chords", spans.size())
                .mendedBy(laid.assignCommon(section))));
    }

    private static Snag contradiction(int index, Rule winner, Rule beaten) {
        return Snag.of(
                        Kind.RULES_CONTRADICT,
                        new SnagPlace.InRules(index, winner.where()),
                        "snag.contradiction",
                        beaten.play(),
                        winner.play())
                .about(RuleCode.of(winner.where()), RuleCode.of(winner.play()), RuleCode.of(beaten.play()))
                .mendedBy(new RuleFix.DeleteRule(beaten, true));
    }

    private static Snag neverHolds(int index, Rule rule) {
        return Snag.of(Kind.RULE_NEVER_HOLDS, new SnagPlace.InRules(index, rule.where()), "snag.never-holds", rule)
                .about(RuleCode.of(rule.where()), RuleCode.of(rule.play()))
                .mendedBy(new RuleFix.DeleteRule(rule, false));
    }

    private static void checkContradictions(List<Rule> rules, Consumer<Snag> found) {
        Map<Where, List<Integer>> places = new HashMap<>();
        for (int i = 0; i < rules.size(); i++) {
            if (rules.get(i).isAlternative()) continue;
            places.computeIfAbsent(rules.get(i).where(), _ -> new ArrayList<>()).add(i);
        }
        places.values().stream()
                .sorted(Comparator.comparingInt(List::getFirst))
                .forEach(same -> checkSamePlace(rules, same, found));
    }

    private static void checkSamePlace(List<Rule> rules, List<Integer> same, Consumer<Snag> found) {
        for (int i = 1; i < same.size(); i++) {
            Rule winner = rules.get(same.get(i));
            Rule beaten = rules.get(same.get(i - 1));
            if (contradict(beaten.play(), winner.play())) {
                found.accept(contradiction(same.get(i), winner, beaten));
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
                || differ(one, other, Play::pause)
                || differ(one, other, Play::pace)
                || differ(one, other, Play::shapes)
                || differ(one, other, Play::second);
    }

    private static <T> boolean differ(Play one, Play other, Function<Play, Optional<T>> says) {
        return says.apply(one).isPresent()
                && says.apply(other).isPresent()
                && !says.apply(one).equals(says.apply(other));
    }

    private static void checkPlaces(Song song, Consumer<Snag> found) {
        List<Rule> rules = song.rules();
        for (int index : missing(song)) {
            if (isUsed(song, rules.get(index).where())) found.accept(neverHolds(index, rules.get(index)));
        }
    }

    /** The rules whose place is on no pass; a pass in the middle is like the one before unless a rule names it. */
    private static Set<Integer> missing(Song song) {
        Set<Integer> missing = new LinkedHashSet<>();
        for (int i = 0; i < song.rules().size(); i++)
            if (canBeThere(song, song.rules().get(i))) missing.add(i);
        var passes = new Passes(song);
        for (int use = 0; use < song.uses().size() && !missing.isEmpty(); use++) {
            int count = passes.count(use);
            for (int pass = 1; pass <= count; pass++) {
                if (pass > 3 && pass < count && !speaksOfPass(song, pass)) continue;
                var situation = passes.situation(use, pass);
                List<Integer> speaking = missing.stream()
                        .filter(index ->
                                situation.isIn(anywhere(song.rules().get(index).where())))
                        .toList();
                if (speaking.isEmpty()) continue;
                Numbered section = passes.numbered(use, pass);
                speaking.stream()
                        .filter(index -> isThere(song.rules().get(index), section))
                        .forEach(missing::remove);
            }
        }
        return missing;
    }

    /** Whichever version is shown, whoever plays along. */
    private static Where anywhere(Where where) {
        return where.version().isEmpty() && where.company().isEmpty()
                ? where
                : where.withVersion(Optional.empty()).withCompany(Optional.empty());
    }

    /** A version may have entries of its own; rules about them are not missed where it is not shown. */
    private static boolean canBeThere(Song song, Rule rule) {
        return rule.where().use().entry().map(id -> song.use(id).isPresent()).orElse(true);
    }

    private static boolean speaksOfPass(Song song, int pass) {
        PassChoice wanted = PassChoice.of(pass);
        return song.rules().stream().anyMatch(rule -> rule.where().pass().equals(wanted));
    }

    private static boolean isThere(Rule rule, Numbered section) {
        return rule.where().part().map(part -> isThere(part, section)).orElse(true);
    }

    private static boolean isThere(Part part, Numbered section) {
        return switch (part) {
            case Part.OnChord _, Part.OnChordFromEnd _ ->
                IntStream.range(0, section.chords().size()).anyMatch(chord -> part.isChord(section, chord));
            case Part.InBars _, Part.InHalf _ -> PassPlan.bounds(part, section).isPresent();
            case Part.OnName name -> section.section().spans().stream().anyMatch(span -> name.has(span.chord()));
            case Part.Both(Part one, Part other) -> isThere(one, section) && isThere(other, section);
            case Part.SharedBars _, Part.Voice _ -> true;
        };
    }

    /** A section that is not played has rules that wait for it. */
    private static boolean isUsed(Song song, Where where) {
        return where.section()
                .map(id -> song.uses().stream().anyMatch(use -> use.section().equals(id)))
                .orElse(!song.uses().isEmpty());
    }
}
