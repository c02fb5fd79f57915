package tactus.core.laid.outline;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import tactus.core.laid.timeline.Fit;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.time.Length;
import tactus.core.written.section.SectionId;

/**
 * A song as one page.
 *
 * @param pickup the incomplete bar in front of the first one
 * @param uses in the order in which they are played
 */
public record Outline(Optional<TimelineBar> pickup, List<OutlinedUse> uses) {

    public Outline {
        Objects.requireNonNull(pickup);
        uses = List.copyOf(uses);
    }

    /** Folds what is played alike. */
    public static Outline of(Timeline timeline) {
        var heard = new OrderedTimeline(timeline);
        var uses = new ArrayList<OutlinedUse>();
        Map<Object, Integer> played = new LinkedHashMap<>();
        Map<SectionId, Integer> sections = new LinkedHashMap<>();
        List<List<List<TimelineBar>>> all = byUse(timeline);
        for (List<List<TimelineBar>> passes : all) {
            int use = passes.getFirst().getFirst().use();
            SectionId section = passes.getFirst().getFirst().section();
            Object sound = List.of(
                    section,
                    passes.stream().map(bars -> PassSound.of(heard, bars)).toList());
            OptionalInt same = index(played.putIfAbsent(sound, use));
            OptionalInt like = index(sections.putIfAbsent(section, use));
            List<TimelineBar> other =
                    same.isEmpty() && like.isPresent() ? other(heard, passes, all.get(like.getAsInt())) : List.of();
            uses.add(new OutlinedUse(use, section, blocks(heard, passes), same, like, other));
        }
        Optional<TimelineBar> pickup = timeline.bar(0);
        return new Outline(pickup, uses);
    }

    /** The bars that are not played like those at the same place of the passes {@code before}. */
    private static List<TimelineBar> other(
            OrderedTimeline heard, List<List<TimelineBar>> passes, List<List<TimelineBar>> before) {
        var other = new ArrayList<TimelineBar>();
        for (int pass = 0; pass < passes.size(); pass++) {
            List<TimelineBar> bars = passes.get(pass);
            List<TimelineBar> model = pass < before.size() ? before.get(pass) : List.of();
            for (int bar = 0; bar < bars.size(); bar++) {
                boolean same = bar < model.size()
                        && PassSound.of(heard, List.of(bars.get(bar)))
                                .equals(PassSound.of(heard, List.of(model.get(bar))));
                if (!same) other.add(bars.get(bar));
            }
        }
        return other;
    }

    private static OptionalInt index(Integer found) {
        return found == null ? OptionalInt.empty() : OptionalInt.of(found);
    }

    /** The bars of every pass of every use. */
    private static List<List<List<TimelineBar>>> byUse(Timeline timeline) {
        Map<Integer, Map<Integer, List<TimelineBar>>> uses = new LinkedHashMap<>();
        for (TimelineBar bar : timeline.bars()) {
            if (bar.inSection().isEmpty()) continue;
            uses.computeIfAbsent(bar.use(), _ -> new LinkedHashMap<>())
                    .computeIfAbsent(bar.pass(), _ -> new ArrayList<>())
                    .add(bar);
        }
        return uses.values().stream()
                .map(passes -> List.copyOf(passes.values()))
                .toList();
    }

    private static List<Block> blocks(OrderedTimeline heard, List<List<TimelineBar>> passes) {
        Map<Object, List<List<TimelineBar>>> byBars = new LinkedHashMap<>();
        for (List<TimelineBar> pass : passes)
            byBars.computeIfAbsent(PassSound.chords(heard.timeline, pass), _ -> new ArrayList<>())
                    .add(pass);
        return byBars.values().stream().map(alike -> block(heard, alike)).toList();
    }

    private static Block block(OrderedTimeline heard, List<List<TimelineBar>> passes) {
        Map<Object, List<Integer>> byRibbons = new LinkedHashMap<>();
        Map<Object, List<Ribbon>> ribbons = new LinkedHashMap<>();
        for (List<TimelineBar> pass : passes) {
            List<Ribbon> these = ribbons(heard.timeline, pass);
            byRibbons
                    .computeIfAbsent(these, _ -> new ArrayList<>())
                    .add(pass.getFirst().pass());
            ribbons.putIfAbsent(these, these);
        }
        List<Lane> lanes = ribbons.keySet().stream()
                .map(key -> new Lane(byRibbons.get(key), ribbons.get(key)))
                .toList();
        return new Block(passes.getFirst(), lanes, second(heard, passes), words(heard.timeline, passes));
    }

    /** What is sung over the passes, a lane for each text. */
    private static List<WordLane> words(Timeline timeline, List<List<TimelineBar>> passes) {
        Map<List<Margin.SungAt>, List<Integer>> lanes = new LinkedHashMap<>();
        for (List<TimelineBar> pass : passes) {
            Length start = pass.getFirst().start();
            List<Margin.SungAt> sung = timeline.wordsOf(pass).stream()
                    .map(word ->
                            new Margin.SungAt(word.at().minus(start), 0, word.text(), word.goesOn(), word.startsLine()))
                    .toList();
            if (!sung.isEmpty())
                lanes.computeIfAbsent(sung, _ -> new ArrayList<>())
                        .add(pass.getFirst().pass());
        }
        return lanes.entrySet().stream()
                .map(lane -> new WordLane(lane.getValue(), lane.getKey()))
                .toList();
    }

    /** What a second guitar plays over the passes, a lane for each thing that it plays. */
    private static List<Lane> second(OrderedTimeline heard, List<List<TimelineBar>> passes) {
        Map<List<Ribbon>, List<Integer>> lanes = new LinkedHashMap<>();
        for (List<TimelineBar> pass : passes) {
            List<Ribbon> figures = PassSound.figures(heard, pass);
            if (!figures.isEmpty())
                lanes.computeIfAbsent(figures, _ -> new ArrayList<>())
                        .add(pass.getFirst().pass());
        }
        return lanes.entrySet().stream()
                .map(lane -> new Lane(lane.getValue(), lane.getKey()))
                .toList();
    }

    static List<Ribbon> ribbons(Timeline timeline, List<TimelineBar> pass) {
        Length start = pass.getFirst().start();
        var ribbons = new ArrayList<Ribbon>();
        for (TimelineSpan span : PassSound.spans(timeline, pass)) {
            var next = new Ribbon(
                    span.start().minus(start),
                    span.end().minus(start),
                    span.played().what(),
                    span.pattern(),
                    span.played().form(),
                    span.fit().filter(Fit::isCut).isPresent()
                            ? List.of(span.end().minus(start))
                            : List.of());
            if (ribbons.isEmpty() || !ribbons.getLast().goesOnAs(next)) ribbons.add(next);
            else ribbons.set(ribbons.size() - 1, joined(ribbons.getLast(), next));
        }
        return ribbons;
    }

    private static Ribbon joined(Ribbon one, Ribbon next) {
        var cuts = new ArrayList<>(one.cuts());
        cuts.addAll(next.cuts());
        return new Ribbon(one.from(), next.to(), one.what(), one.pattern(), one.form(), cuts);
    }
}
