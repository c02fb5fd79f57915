package tactus.formats.midi;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import tactus.core.music.time.Division;
import tactus.core.music.time.Grid;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;
import tactus.core.patterns.groove.Drum;
import tactus.core.patterns.groove.Groove;
import tactus.formats.file.FormatException;

/**
 * Reads the drums of a MIDI file: the bar in which they first play, on the nearest slots. Drums are on channel 10; the
 * numbers of the drums are those of the percussion key map of General MIDI 1.
 */
public final class GrooveFile {

    private static final Map<Integer, Drum> KEYS = Map.ofEntries(
            Map.entry(35, Drum.KICK),
            Map.entry(36, Drum.KICK),
            Map.entry(37, Drum.SNARE),
            Map.entry(38, Drum.SNARE),
            Map.entry(39, Drum.SNARE),
            Map.entry(40, Drum.SNARE),
            Map.entry(42, Drum.HAT),
            Map.entry(44, Drum.HAT),
            Map.entry(46, Drum.HAT),
            Map.entry(51, Drum.HAT),
            Map.entry(53, Drum.HAT),
            Map.entry(59, Drum.HAT));

    private static final Length NEAR = Length.of(1, 64);
    private static final List<Integer> ROUNDS = List.of(1, 2, 4);
    private static final double NEARLY_ALL = 0.75;

    private record Hit(Length at, Drum drum) {}

    private GrooveFile() {}

    /**
     * Reads the first bar of drums.
     *
     * @throws FormatException if the file is no MIDI file, is larger than 16 MB, or has no drums
     */
    public static Groove read(Path file) throws FormatException {
        return groove(MidiFile.read(file), file);
    }

    private static Groove groove(Sequence sequence, Path file) throws FormatException {
        Meter meter = meter(sequence, file);
        List<Hit> hits = hits(sequence);
        if (hits.isEmpty()) throw new FormatException(file, "", "file.no-drums");
        Length earliest = hits.stream().map(Hit::at).min(Length::compareTo).orElseThrow();
        // A hit a little before the bar line belongs to the bar behind it.
        Length bar = meter.length().times(earliest.plus(NEAR).wholesOf(meter.length()));
        List<Hit> inBar = hits.stream()
                .map(hit -> new Hit(hit.at().minus(bar), hit.drum()))
                .filter(hit -> hit.at().isLessThan(meter.length().minus(NEAR)))
                .toList();
        return on(inBar, meter, division(inBar, meter), 1);
    }

    /**
     * What the drums go round with: the fewest bars, 1, 2 or 4, that nearly all of the music repeats; empty if there are no drums.
     *
     * @param meter of the music
     */
    static Optional<Groove> round(Sequence sequence, Meter meter) {
        List<Hit> hits = hits(sequence);
        if (hits.isEmpty()) return Optional.empty();
        Length earliest = hits.stream().map(Hit::at).min(Length::compareTo).orElseThrow();
        Length start = meter.length().times(earliest.plus(NEAR).wholesOf(meter.length()));
        List<Hit> from = hits.stream()
                .map(hit -> new Hit(hit.at().minus(start), hit.drum()))
                .toList();
        Division division = division(from, meter);
        Map<Long, Set<String>> bars = bars(from, meter, division);
        int round = ROUNDS.stream()
                .filter(each -> goesRound(bars, each))
                .findFirst()
                .orElse(1);
        Length end = meter.length().times(round).minus(NEAR);
        return Optional.of(
                on(from.stream().filter(hit -> hit.at().isLessThan(end)).toList(), meter, division, round));
    }

    /** What is hit in each bar, by its number from 0. */
    private static Map<Long, Set<String>> bars(List<Hit> hits, Meter meter, Division division) {
        Length slot = division.slotLength(meter);
        long slots = meter.length().wholesOf(slot);
        var bars = new TreeMap<Long, Set<String>>();
        for (Hit hit : hits) {
            long at = Math.max(0, nearest(hit.at(), slot));
            bars.computeIfAbsent(at / slots, _ -> new HashSet<>())
                    .add(at % slots + hit.drum().name());
        }
        return bars;
    }

    private static boolean goesRound(Map<Long, Set<String>> bars, int round) {
        int same = 0;
        int all = 0;
        for (var bar : bars.entrySet()) {
            Set<String> later = bars.get(bar.getKey() + round);
            if (later == null) continue;
            all++;
            if (later.equals(bar.getValue())) same++;
        }
        return same >= NEARLY_ALL * all;
    }

    private static Meter meter(Sequence sequence, Path file) throws FormatException {
        for (Track track : sequence.getTracks()) {
            for (int i = 0; i < track.size(); i++) {
                MidiMessage message = track.get(i).getMessage();
                if (message instanceof MetaMessage meta
                        && meta.getType() == MidiFile.TIME_SIGNATURE
                        && meta.getData().length > 1) {
                    return meter(meta.getData()[0] & 0xFF, meta.getData()[1] & 0xFF, file);
                }
            }
        }
        return Meter.of(4, 4);
    }

    /** @param power of two that is the lower number */
    static Meter meter(int count, int power, Path file) throws FormatException {
        boolean readable = Meter.isPossible(count, power < 6 ? 1 << power : 0);
        if (!readable) throw new FormatException(file, "", "file.time-signature", count, power);
        return Meter.of(count, 1 << power);
    }

    private static List<Hit> hits(Sequence sequence) {
        var hits = new ArrayList<Hit>();
        for (Track track : sequence.getTracks()) {
            for (int i = 0; i < track.size(); i++) {
                MidiEvent event = track.get(i);
                if (!(event.getMessage() instanceof ShortMessage note) || !isDrum(note)) continue;
                hits.add(new Hit(Length.of(event.getTick(), 4L * sequence.getResolution()), KEYS.get(note.getData1())));
            }
        }
        return hits;
    }

    private static boolean isDrum(ShortMessage note) {
        return note.getCommand() == ShortMessage.NOTE_ON
                && note.getChannel() == MidiFile.DRUM_CHANNEL
                && note.getData2() > 0
                && KEYS.containsKey(note.getData1());
    }

    /** The coarsest division on which the hits lie as well as on a finer one, within a 64th note. */
    private static Division division(List<Hit> hits, Meter meter) {
        List<Division> divisions = Division.in(meter);
        return divisions.stream()
                .filter(division ->
                        division.slots() > 1 && worst(hits, meter, division).isLessThan(NEAR))
                .findFirst()
                .orElse(divisions.getLast());
    }

    private static Length worst(List<Hit> hits, Meter meter, Division division) {
        Length slot = division.slotLength(meter);
        return hits.stream()
                .map(hit -> error(hit.at(), slot))
                .max(Length::compareTo)
                .orElse(Length.ZERO);
    }

    private static Length error(Length at, Length slot) {
        Length early = at.minus(slot.times(nearest(at, slot)));
        return early.isLessThan(Length.ZERO) ? early.times(-1) : early;
    }

    private static long nearest(Length at, Length slot) {
        return at.plus(slot.dividedBy(2)).wholesOf(slot);
    }

    private static Groove on(List<Hit> hits, Meter meter, Division division, int bars) {
        int beats = bars * meter.beats().size();
        List<Slot> slots = Grid.of(meter, beats, division).slots();
        Length slot = division.slotLength(meter);
        var drums = new ArrayList<Set<Drum>>();
        for (int i = 0; i < slots.size(); i++) drums.add(EnumSet.noneOf(Drum.class));
        for (Hit hit : hits) {
            drums.get((int) (Math.max(0, nearest(hit.at(), slot)) % slots.size()))
                    .add(hit.drum());
        }
        return new Groove(meter, beats, division, drums);
    }
}
