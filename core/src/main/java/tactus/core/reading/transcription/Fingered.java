package tactus.core.reading.transcription;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stroke;
import tactus.core.patterns.picking.Fingers;
import tactus.core.patterns.picking.Held;
import tactus.core.patterns.picking.PickingHand;
import tactus.core.patterns.picking.Plucked;
import tactus.core.patterns.picking.RoleFinder;
import tactus.core.written.harmony.Chord;

/**
 * Music in which plucked strings have become fingers where they can be: what is one figure on several chords is one pattern
 * then. Where that does not make the patterns fewer, the strings stay.
 *
 * @param hand where fingers are on a chord, if not where the rule has them
 */
record Fingered(ReadMusic music, PickingHand hand) {

    static Fingered of(ReadMusic music) {
        boolean isPicked = strokes(music).anyMatch(Pluck.class::isInstance);
        return isPicked ? new Finding(music).found() : new Fingered(music, PickingHand.FOLLOWING);
    }

    private static Stream<Stroke> strokes(ReadMusic music) {
        return bars(music).flatMap(bar -> bar.strokes().stream()).map(ReadBar.StrokeAt::stroke);
    }

    private static Stream<ReadBar> bars(ReadMusic music) {
        return music.parts().stream().flatMap(part -> part.bars().stream());
    }

    private static final class Finding {

        private final ReadMusic music;
        private final Map<String, Chord> shapes = new HashMap<>();
        /** For each chord where its fingers were found. */
        private final Map<String, Map<Role, Integer>> placed = new HashMap<>();

        private PickingHand hand = PickingHand.FOLLOWING;
        private String sounding = "";

        Finding(ReadMusic music) {
            this.music = music;
            music.shapes().forEach(shape -> shapes.putIfAbsent(shape.name(), shape));
        }

        Fingered found() {
            List<List<ReadBar>> fingers = each(music.parts(), (bar, _) -> withFingers(bar));
            // Where a finger is on a chord may have been said by a later bar.
            List<List<ReadBar>> kept =
                    each(music.parts(), (bar, at) -> isSame(bar, at.in(fingers)) ? at.in(fingers) : bar);
            List<List<ReadBar.StrokeAt>> figures = byFrequency(kept);
            List<List<ReadBar>> likened = each(music.parts(), (bar, at) -> likened(bar, at.in(kept), figures));
            var parts = new ArrayList<ReadMusic.Part>();
            for (int part = 0; part < likened.size(); part++)
                parts.add(new ReadMusic.Part(music.parts().get(part).name(), likened.get(part)));
            var changed = new ReadMusic(music.facts(), music.shapes(), parts, music.feel(), music.left());
            return rhythms(changed) < rhythms(music)
                    ? new Fingered(changed, hand)
                    : new Fingered(music, PickingHand.FOLLOWING);
        }

        private static long rhythms(ReadMusic music) {
            return bars(music)
                    .filter(bar -> !bar.strokes().isEmpty())
                    .map(bar -> List.of(bar.meter(), bar.strokes()))
                    .distinct()
                    .count();
        }

        /** Which bar of which part. */
        private record At(int part, int bar) {

            ReadBar in(List<List<ReadBar>> parts) {
                return parts.get(part).get(bar);
            }
        }

        /** Changes each bar, knowing which chord sounds at its beginning. */
        private List<List<ReadBar>> each(List<ReadMusic.Part> read, BiFunction<ReadBar, At, ReadBar> change) {
            sounding = "";
            var parts = new ArrayList<List<ReadBar>>();
            for (ReadMusic.Part part : read) {
                var bars = new ArrayList<ReadBar>();
                for (ReadBar bar : part.bars()) {
                    bars.add(change.apply(bar, new At(parts.size(), bars.size())));
                    sounding = last(bar);
                }
                parts.add(bars);
            }
            return parts;
        }

        /** What is played in bars, the most frequent first. */
        private static List<List<ReadBar.StrokeAt>> byFrequency(List<List<ReadBar>> parts) {
            Map<List<ReadBar.StrokeAt>, Integer> often = new LinkedHashMap<>();
            parts.forEach(bars -> bars.forEach(bar -> often.merge(bar.strokes(), 1, Integer::sum)));
            return often.entrySet().stream()
                    .sorted(Map.Entry.<List<ReadBar.StrokeAt>, Integer>comparingByValue()
                            .reversed())
                    .map(Map.Entry::getKey)
                    .toList();
        }

        /** A string can be the thumb's or a finger's: what another bar plays with its fingers is taken if it comes to the same. */
        private ReadBar likened(ReadBar bar, ReadBar kept, List<List<ReadBar.StrokeAt>> figures) {
            for (List<ReadBar.StrokeAt> figure : figures) {
                if (figure.equals(kept.strokes())) return kept;
                var other = new ReadBar(bar.meter(), bar.chords(), figure);
                if (isInTime(bar, other) && isSame(bar, other)) return other;
            }
            return kept;
        }

        /** Whether both strike at the same places, as strongly. */
        private static boolean isInTime(ReadBar bar, ReadBar other) {
            if (bar.strokes().size() != other.strokes().size()) return false;
            for (int i = 0; i < bar.strokes().size(); i++) {
                ReadBar.StrokeAt one = bar.strokes().get(i);
                ReadBar.StrokeAt two = other.strokes().get(i);
                boolean isAlike = one.stroke() instanceof Pluck first && two.stroke() instanceof Pluck second
                        ? first.touch() == second.touch() && first.force() == second.force()
                        : one.stroke().equals(two.stroke());
                if (!one.at().equals(two.at()) || !isAlike) return false;
            }
            return true;
        }

        private String last(ReadBar bar) {
            return bar.chords().isEmpty() ? sounding : bar.chords().getLast().name();
        }

        /** The chord that sounds at a stroke. */
        private String chordAt(ReadBar bar, ReadBar.StrokeAt stroke) {
            String chord = sounding;
            for (ReadBar.ChordAt each : bar.chords()) if (!stroke.at().isLessThan(each.at())) chord = each.name();
            return chord;
        }

        /** The same with fingers for strings, if every string that is plucked is a finger's; otherwise itself. */
        private ReadBar withFingers(ReadBar bar) {
            Map<String, List<Integer>> plucked = new LinkedHashMap<>();
            for (ReadBar.StrokeAt each : bar.strokes())
                plucked.computeIfAbsent(chordAt(bar, each), _ -> new ArrayList<>())
                        .addAll(strings(each.stroke(), chordAt(bar, each)));
            Map<String, RoleFinder> finders = new HashMap<>();
            for (var on : plucked.entrySet()) {
                Chord shape = shapes.get(on.getKey());
                if (shape == null || !shape.fits(music.facts().tuning())) return bar;
                RoleFinder finder = RoleFinder.of(music.facts().held(shape), on.getKey(), on.getValue());
                boolean isWhole = finder.byString().keySet().containsAll(on.getValue());
                if (!isWhole || !isPlacedSo(on.getKey(), finder)) return bar;
                finders.put(on.getKey(), finder);
            }
            finders.forEach(this::place);
            var strokes = new ArrayList<ReadBar.StrokeAt>();
            for (ReadBar.StrokeAt each : bar.strokes()) {
                String chord = chordAt(bar, each);
                strokes.add(new ReadBar.StrokeAt(each.at(), fingers(each.stroke(), finders.get(chord), chord)));
            }
            return new ReadBar(bar.meter(), bar.chords(), strokes);
        }

        private List<Integer> strings(Stroke stroke, String chord) {
            if (!(stroke instanceof Pluck pluck)) return List.of();
            return pluck.picks().stream()
                    .map(pick -> asString(pick, chord))
                    .filter(Pick.OnString.class::isInstance)
                    .map(pick -> ((Pick.OnString) pick).string())
                    .toList();
        }

        /** The thumb takes an open string for its alternate bass that the shape leaves out: string 5 below D. */
        private Pick asString(Pick pick, String chord) {
            Chord shape = shapes.get(chord);
            boolean isOpenBass = shape != null
                    && pick instanceof Pick.Fretted(int string, int fret)
                    && fret == 0
                    && string <= shape.voicing().strings()
                    && !shape.voicing().isPlayed(string);
            return isOpenBass ? new Pick.OnString(((Pick.Fretted) pick).string()) : pick;
        }

        private Stroke fingers(Stroke stroke, RoleFinder finder, String chord) {
            if (!(stroke instanceof Pluck pluck)) return stroke;
            List<Pick> picks = pluck.picks().stream()
                    .map(pick -> finder.role(asString(pick, chord)))
                    .toList();
            boolean isOwn = new HashSet<>(picks).size() == picks.size();
            return isOwn ? new Pluck(picks, pluck.touch(), pluck.force()) : stroke;
        }

        private boolean isPlacedSo(String chord, RoleFinder finder) {
            Map<Role, Integer> before = placed.getOrDefault(chord, Map.of());
            return finder.byString().entrySet().stream()
                    .allMatch(each ->
                            before.getOrDefault(each.getValue(), each.getKey()).equals(each.getKey()));
        }

        private void place(String chord, RoleFinder finder) {
            Map<Role, Integer> there = placed.computeIfAbsent(chord, _ -> new HashMap<>());
            finder.byString().forEach((string, role) -> there.put(role, string));
            finder.hand()
                    .byChord()
                    .getOrDefault(chord, Map.of())
                    .forEach((role, string) -> hand = hand.withOverride(chord, role, string));
        }

        /** Whether {@code fingers} pluck the strings of {@code bar}. */
        private boolean isSame(ReadBar bar, ReadBar fingers) {
            Set<Role> used = EnumSet.noneOf(Role.class);
            for (ReadBar.StrokeAt each : fingers.strokes()) used.addAll(roles(each.stroke()));
            for (int i = 0; i < bar.strokes().size(); i++) {
                ReadBar.StrokeAt was = bar.strokes().get(i);
                if (!(was.stroke() instanceof Pluck wanted)
                        || !(fingers.strokes().get(i).stroke() instanceof Pluck found)) continue;
                Chord shape = shapes.get(chordAt(bar, was));
                if (shape == null || !shape.fits(music.facts().tuning())) continue;
                Held held = music.facts().held(shape);
                Fingers on = Fingers.on(held, shape.name(), used, hand);
                if (!strings(on, wanted).equals(strings(on, found))) return false;
            }
            return true;
        }

        /** The strings that are plucked, with their frets. */
        private static Map<Integer, Integer> strings(Fingers on, Pluck pluck) {
            Map<Integer, Integer> strings = new HashMap<>();
            for (Pick pick : pluck.picks()) {
                Plucked there = on.at(pick);
                strings.put(there.string(), there.fret());
            }
            return strings;
        }

        private static Set<Role> roles(Stroke stroke) {
            Set<Role> roles = EnumSet.noneOf(Role.class);
            if (stroke instanceof Pluck pluck)
                for (Pick pick : pluck.picks()) if (pick instanceof Pick.ByRole(Role role)) roles.add(role);
            return roles;
        }
    }
}
