package tactus.core.snag;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tactus.core.harmony.Chord;
import tactus.core.pattern.Figure;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.picking.Plucked;
import tactus.core.picking.Plucked.Remark;
import tactus.core.pitch.Tuning;
import tactus.core.snag.Snag.Kind;
import tactus.core.snag.Snag.Number;
import tactus.core.song.Song;
import tactus.core.stroke.Pick;
import tactus.core.stroke.Pluck;
import tactus.core.time.Slot;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineSpan;

/** Finds fingers that pluck dead strings or notes off the chord, once for each pattern and chord it is played on. */
final class PickingSnags {

    private record On(Pattern pattern, String chord) {}

    private final Song song;
    private final Map<PatternId, Pattern> picked = new HashMap<>();
    private final List<Snag> found = new ArrayList<>();

    private PickingSnags(Song song) {
        this.song = song;
        for (Pattern pattern : song.patterns()) {
            if (pattern.strokes().values().stream().anyMatch(Pluck.class::isInstance))
                picked.put(pattern.id(), pattern);
        }
    }

    static List<Snag> of(Song song, Timeline timeline) {
        var snags = new PickingSnags(song);
        if (!snags.picked.isEmpty()) snags.pairs(timeline).forEach(snags::check);
        return snags.found;
    }

    private Set<On> pairs(Timeline timeline) {
        Set<On> pairs = new LinkedHashSet<>();
        for (TimelineSpan span : timeline.spans()) {
            span.pattern().map(picked::get).ifPresent(pattern -> pairs.add(new On(pattern, span.chord())));
        }
        return pairs;
    }

    private void check(On on) {
        Tuning tuning = song.facts().tuning();
        Optional<Chord> chord = song.chord(on.chord).filter(each -> each.fits(tuning));
        chord.ifPresent(held -> check(on.pattern, held, Figure.of(on.pattern).on(held.held(tuning), on.chord)));
    }

    private void check(Pattern pattern, Chord chord, List<List<Plucked>> resolved) {
        List<Slot> slots = pattern.grid().slots();
        Set<String> said = new LinkedHashSet<>();
        for (Slot slot : slots) {
            for (Plucked plucked : resolved.get(slot.index())) {
                String sentence = sentence(plucked, chord);
                if (sentence.isEmpty() || !said.add(sentence)) continue;
                found.add(new Snag(
                        plucked.sounds() ? Kind.NOTE_OFF_CHORD : Kind.DEAD_STRING,
                        new Place.InPattern(pattern.id(), slot.index()),
                        pattern.name() + ", count " + slot.count(),
                        sentence,
                        List.of(
                                new Number("string", Integer.toString(plucked.string())),
                                new Number("slot", Integer.toString(slot.index() + 1)))));
            }
        }
    }

    /** Notes of a figure that is written with its frets may lie off the chord; that is what figures are for. */
    private static String sentence(Plucked plucked, Chord chord) {
        String string = "string " + plucked.string();
        if (plucked.remarks().contains(Remark.NO_STRING)) return "there is no " + string + " on this guitar.";
        if (plucked.remarks().contains(Remark.NOT_PLAYED)) {
            return "on " + chord.name() + " the shape " + chord.voicing() + " leaves " + string
                    + " out: the finger meets a dead string.";
        }
        boolean off = plucked.remarks().contains(Remark.OFF_CHORD) && !(plucked.pick() instanceof Pick.Fretted);
        return off ? "on " + chord.name() + " " + string + " sounds a note that is not in the chord." : "";
    }
}
