package tactus.core.counsel.snag;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Figure;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.picking.Held;
import tactus.core.patterns.picking.Plucked;
import tactus.core.patterns.picking.Plucked.Remark;
import tactus.core.written.harmony.Chord;

/** Finds fingers that pluck dead strings or notes off the chord, once for each pattern and chord it is played on. */
final class PickingSnags implements Finder {

    private static final String OFF_CHORD = "snag.off-chord";

    private record On(Pattern pattern, String chord) {}

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        Map<PatternId, Pattern> picked = new HashMap<>();
        for (Pattern pattern : laid.song().patterns()) {
            boolean plucks = pattern.strokes().values().stream().anyMatch(Pluck.class::isInstance);
            if (plucks) picked.put(pattern.id(), pattern);
        }
        if (picked.isEmpty()) return;
        Tuning tuning = laid.song().facts().tuning();
        for (On on : pairs(laid, picked)) {
            laid.song()
                    .chord(on.chord)
                    .filter(chord -> chord.fits(tuning))
                    .ifPresent(chord -> check(on.pattern, laid.song().facts().held(chord), chord, found));
        }
    }

    private static Set<On> pairs(LaidSong laid, Map<PatternId, Pattern> picked) {
        Set<On> pairs = new LinkedHashSet<>();
        for (TimelineSpan span : laid.timeline().spans()) {
            span.pattern().map(picked::get).ifPresent(pattern -> pairs.add(new On(pattern, span.chord())));
        }
        return pairs;
    }

    private static void check(Pattern pattern, Held held, Chord chord, Consumer<Snag> found) {
        List<List<Plucked>> resolved = Figure.of(pattern).on(held, chord.name());
        Set<Object> said = new HashSet<>();
        Set<Integer> put = new HashSet<>();
        for (Slot slot : pattern.grid().slots()) {
            put.addAll(fingersPut(pattern, slot));
            for (Plucked plucked : resolved.get(slot.index())) {
                if (put.contains(plucked.string())) continue;
                wrong(plucked, chord)
                        .filter(wrong -> said.add(List.of(wrong.code(), plucked.string())))
                        .map(wrong -> snag(pattern, slot, chord, plucked.string(), wrong))
                        .ifPresent(found);
            }
        }
    }

    /** A finger that is put on a string makes it sound, and what it sounds is meant. */
    private static List<Integer> fingersPut(Pattern pattern, Slot slot) {
        return pattern.movesAt(slot).stream()
                .filter(move -> move.fret().isPresent())
                .map(FingerMove::string)
                .toList();
    }

    private static Snag snag(Pattern pattern, Slot slot, Chord chord, int string, Statement wrong) {
        Kind kind = wrong.code().equals(OFF_CHORD) ? Kind.NOTE_OFF_CHORD : Kind.DEAD_STRING;
        return PatternSnags.inSlot(kind, pattern, slot, wrong)
                .about(pattern.id(), chord.name(), string)
                .counted("string", string, "slot", slot.index() + 1);
    }

    /** Notes of a figure that is written with its frets may lie off the chord; that is what figures are for. */
    private static Optional<Statement> wrong(Plucked plucked, Chord chord) {
        int string = plucked.string();
        if (plucked.remarks().contains(Remark.NO_STRING)) return Optional.of(Statement.of("snag.no-string", string));
        if (plucked.remarks().contains(Remark.NOT_PLAYED))
            return Optional.of(Statement.of("snag.left-out", chord.name(), chord.voicing(), string));
        boolean off = plucked.remarks().contains(Remark.OFF_CHORD) && !(plucked.pick() instanceof Pick.Fretted);
        return off ? Optional.of(Statement.of(OFF_CHORD, chord.name(), string)) : Optional.empty();
    }
}
