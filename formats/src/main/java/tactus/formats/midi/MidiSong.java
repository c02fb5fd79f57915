package tactus.formats.midi;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import tactus.core.laid.performance.ClickTrack;
import tactus.core.laid.performance.DrumTrack;
import tactus.core.laid.performance.Note;
import tactus.core.laid.performance.Performance;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineCue;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.TempoMap;
import tactus.core.written.song.Song;
import tactus.core.written.song.Sounded;
import tactus.formats.file.WholeFile;
import tactus.words.SongWords;
import tactus.words.Words;

/**
 * A song as a MIDI file of type 1: a conductor track with tempo, time signatures, section markers and cues, and a track
 * for each guitar with the spread and velocities of its strokes. A pause is a beat with a slower tempo. Numbers of meta events and messages: Standard MIDI Files 1.0 and
 * General MIDI (program 26 there, counted from 1, is the steel-string guitar).
 */
public final class MidiSong {

    /** Ticks in a quarter note. */
    public static final int RESOLUTION = 960;

    private static final int STEEL_STRING_GUITAR = 25;
    private static final double DEAD_VELOCITY = 0.55;

    /** Keys of General MIDI 1's percussion map: side stick would be soft; wood blocks carry. */
    private static final int HIGH_BLOCK = 76;

    private static final int LOW_BLOCK = 77;
    private static final int CLICK_VELOCITY = 100;
    private static final long CLICK_TICKS = RESOLUTION / 8;

    private final Song song;
    private final Timeline timeline;
    private final MidiLook look;
    /** How many ticks are counted in front. */
    private final long lead;

    private MidiSong(Song song, Timeline timeline, MidiLook look) {
        this.song = song.asShown();
        this.timeline = timeline;
        this.look = look;
        lead = look.countsIn() && !timeline.bars().isEmpty() ? ticks(countIn()) : 0;
    }

    /** The bar in front, and in front of a pick-up what it lacks. */
    private Length countIn() {
        TimelineBar first = timeline.bars().getFirst();
        Meter whole = timeline.bar(Math.max(1, first.number()))
                .map(TimelineBar::meter)
                .orElse(first.meter());
        Length lacking = first.number() > 0
                ? Length.ZERO
                : whole.length().minus(first.meter().length());
        return whole.length().plus(lacking);
    }

    /**
     * Writes {@code timeline}, which was laid out from {@code song}, whole or not at all.
     *
     * @throws IOException if it cannot be written
     */
    public static void write(Song song, Timeline timeline, Path file) throws IOException {
        write(song, timeline, MidiLook.PLAIN, file);
    }

    /** The same with what {@code look} says going along. */
    public static void write(Song song, Timeline timeline, MidiLook look, Path file) throws IOException {
        try {
            Sequence sequence = new MidiSong(song, timeline, look).sequence();
            WholeFile.write(file, out -> MidiSystem.write(sequence, 1, out));
        } catch (InvalidMidiDataException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private Sequence sequence() throws InvalidMidiDataException {
        var sequence = new Sequence(Sequence.PPQ, RESOLUTION);
        fillConductor(sequence.createTrack());
        fillGuitar(sequence.createTrack(), Words.of("midi.guitar"), 0, Performance.of(timeline));
        if (timeline.parts().isForTwo()) {
            fillGuitar(sequence.createTrack(), Words.of("midi.second-guitar"), 1, Performance.ofSecond(timeline));
        }
        if (look.countsIn() && lead > 0) fillCountIn(sequence.createTrack());
        if (look.clicks()) fillClick(sequence.createTrack());
        if (look.drums()) fillDrums(sequence.createTrack());
        return sequence;
    }

    private void fillConductor(Track track) throws InvalidMidiDataException {
        track.add(text(MidiFile.TRACK_NAME, song.facts().title(), 0));
        int capo = song.facts().capo();
        if (capo > 0) track.add(text(MidiFile.TEXT, MidiFile.CAPO + capo, 0));
        if (!song.facts().tuning().equals(Tuning.STANDARD))
            track.add(text(MidiFile.TEXT, MidiFile.TUNING + song.facts().tuning(), 0));
        track.add(meta(MidiFile.KEY_SIGNATURE, signature(song.facts().key()), 0));
        fillChords(track);
        track.add(tempo(1, 0));
        List<TempoMap.Pause> pauses = timeline.tempoMap().pauses();
        for (int i = 0; i < pauses.size(); i++) {
            TempoMap.Pause pause = pauses.get(i);
            double length = pause.to().minus(pause.from()).toDouble();
            track.add(tempo(1 + pause.extra().toDouble() / length, tick(pause.from())));
            boolean goesOn = i + 1 < pauses.size() && pauses.get(i + 1).from().equals(pause.to());
            if (!goesOn) track.add(tempo(1, tick(pause.to())));
        }
        for (TimelineCue cue : timeline.margin().cues()) {
            track.add(text(MidiFile.CUE_POINT, cue.text(), Math.max(0, tick(cue.at()))));
        }
        for (Margin.SungAt word : timeline.margin().words()) {
            String text = word.goesOn() ? word.hyphened() : word.text() + " ";
            track.add(text(MidiFile.LYRIC, text, Math.max(0, tick(word.at()))));
        }
        Meter meter = null;
        for (TimelineBar bar : timeline.bars()) {
            if (bar.isFirst() || bar.number() == 0) track.add(text(MidiFile.MARKER, marker(bar), tick(bar.start())));
            if (!bar.meter().equals(meter))
                track.add(meta(MidiFile.TIME_SIGNATURE, signature(bar.meter()), tick(bar.start())));
            meter = bar.meter();
        }
        // The bars end here, whatever rings on.
        track.add(meta(MidiFile.END_OF_TRACK, new byte[0], tick(timeline.length())));
    }

    /** Chords by the names that sound, where they begin. */
    private void fillChords(Track track) throws InvalidMidiDataException {
        Optional<TimelineSpan> before = Optional.empty();
        for (TimelineSpan span : timeline.spans()) {
            String name = Sounded.name(song.facts(), span.chord(), span.semitonesUp())
                    .map(ChordName::toString)
                    .orElse(span.chord());
            // A name that goes on in another shape is written again.
            boolean isSame = before.filter(last ->
                            last.chord().equals(span.chord()) && last.raise().equals(span.raise()))
                    .isPresent();
            if (!isSame) track.add(text(MidiFile.TEXT, name, tick(span.start())));
            before = Optional.of(span);
        }
    }

    /** Sharps, or flats if negative, and whether it is minor. */
    private static byte[] signature(Key key) {
        return new byte[] {(byte) key.fifths(), (byte) (key.minor() ? 1 : 0)};
    }

    private void fillCountIn(Track track) throws InvalidMidiDataException {
        track.add(text(MidiFile.TRACK_NAME, Words.of("midi.count-in"), 0));
        // Where the music begins, so that it can be told when the file is brought in again.
        track.add(text(MidiFile.CUE_POINT, "1", lead));
        TimelineBar first = timeline.bars().getFirst();
        double perTick = timeline.tempoMap().tempoAt(first.start()).secondsInWhole() / 4 / RESOLUTION;
        for (ClickTrack.Click click : ClickTrack.countIn(timeline, first).clicks())
            hit(
                    track,
                    click.startsBar() ? HIGH_BLOCK : LOW_BLOCK,
                    CLICK_VELOCITY,
                    Math.round(click.seconds() / perTick));
    }

    private void fillClick(Track track) throws InvalidMidiDataException {
        track.add(text(MidiFile.TRACK_NAME, Words.of("midi.click"), 0));
        for (ClickTrack.Click click : ClickTrack.of(timeline).clicks())
            hit(track, click.startsBar() ? HIGH_BLOCK : LOW_BLOCK, CLICK_VELOCITY, tick(click.seconds()));
    }

    private void fillDrums(Track track) throws InvalidMidiDataException {
        track.add(text(MidiFile.TRACK_NAME, Words.of("midi.drums"), 0));
        for (DrumTrack.Hit hit : DrumTrack.of(song, timeline).hits()) {
            int key = switch (hit.drum()) {
                case KICK -> 36;
                case SNARE -> 38;
                case HAT -> 42;
            };
            hit(track, key, (int) Math.round(127 * hit.force()), tick(hit.seconds()));
        }
    }

    private static void hit(Track track, int key, int velocity, long tick) throws InvalidMidiDataException {
        int channel = MidiFile.DRUM_CHANNEL;
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, channel, key, velocity), tick));
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, channel, key, 0), tick + CLICK_TICKS));
    }

    private String marker(TimelineBar bar) {
        if (bar.number() == 0) return Words.of("midi.pick-up");
        String name = new SongWords(song).use(bar.use());
        boolean once = timeline.barsOf(bar.use(), 2).isEmpty();
        String pass = once ? name : Words.of("midi.pass", name, bar.pass());
        // Other programs count the pick-up as the first bar; the sheet does not.
        return hasPickup() ? Words.of("midi.marker-bar", pass, bar.number()) : pass;
    }

    private boolean hasPickup() {
        return timeline.bars().getFirst().number() == 0;
    }

    /** @param slower how many times as long beats last */
    private MidiEvent tempo(double slower, long tick) throws InvalidMidiDataException {
        long microseconds = Math.round(timeline.tempo().secondsInWhole() / 4 * 1_000_000 * slower);
        return meta(MidiFile.TEMPO, bytes(Math.min(microseconds, 0xFFFFFF), 3), tick);
    }

    /** Numerator, power of two of the denominator, MIDI clocks (24 a quarter) in a felt beat, 32nds in a quarter. */
    private static byte[] signature(Meter meter) {
        Length clocks = meter.shortestBeat().times(96);
        return new byte[] {
            (byte) meter.count(),
            (byte) Integer.numberOfTrailingZeros(meter.unit()),
            (byte) Math.max(1, clocks.wholesOf(Length.WHOLE)),
            8
        };
    }

    private void fillGuitar(Track track, String name, int guitar, Performance played) throws InvalidMidiDataException {
        track.add(text(MidiFile.TRACK_NAME, name, 0));
        var channels = new BitSet();
        for (KeyPress press : presses(played, guitar)) {
            if (!channels.get(press.channel)) {
                channels.set(press.channel);
                track.add(new MidiEvent(
                        new ShortMessage(ShortMessage.PROGRAM_CHANGE, press.channel, STEEL_STRING_GUITAR, 0), 0));
            }
            track.add(new MidiEvent(
                    new ShortMessage(ShortMessage.NOTE_ON, press.channel, press.key, press.velocity), press.on));
            track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, press.channel, press.key, 0), press.off));
        }
    }

    private record KeyPress(int channel, int key, int velocity, long on, long off) {

        KeyPress endingAt(long tick) {
            return new KeyPress(channel, key, velocity, on, tick);
        }
    }

    /** One channel cannot hold a key twice, so a key that two strings sound is let go before it is struck again. */
    private List<KeyPress> presses(Performance played, int guitar) {
        var presses = new ArrayList<KeyPress>();
        int[] last = new int[16 * 128];
        Arrays.fill(last, -1);
        for (Note note : played.notes()) {
            KeyPress press = press(note, channel(guitar, note.string()));
            int at = press.channel << 7 | press.key;
            int before = last[at];
            if (before >= 0 && presses.get(before).off > press.on) {
                presses.set(before, presses.get(before).endingAt(press.on));
            }
            last[at] = presses.size();
            presses.add(press);
        }
        presses.sort(Comparator.comparingLong(KeyPress::off));
        return presses;
    }

    /** Strings of the first guitar are on channels 1 to 6, those of the second on 11 to 16; more than six share one. */
    private int channel(int guitar, int string) {
        if (!look.eachString()) return guitar;
        return (guitar == 0 ? 0 : 10) + Math.min(string, 6) - 1;
    }

    private KeyPress press(Note note, int channel) {
        double force = note.velocity() * (note.isDead() ? DEAD_VELOCITY : 1);
        int velocity = Math.clamp(Math.round(127 * force), 1, 127);
        long on = tick(note.start());
        long off = Math.max(on + 1, tick(note.end()));
        return new KeyPress(channel, note.pitch().number(), velocity, on, off);
    }

    private long tick(double seconds) {
        return lead + Math.round(timeline.tempoMap().position(seconds) * 4 * RESOLUTION);
    }

    private long tick(Length position) {
        return lead + ticks(position);
    }

    private static long ticks(Length position) {
        return position.times(4 * RESOLUTION).wholesOf(Length.WHOLE);
    }

    private static MidiEvent text(int type, String text, long tick) throws InvalidMidiDataException {
        return meta(type, text.getBytes(StandardCharsets.UTF_8), tick);
    }

    private static MidiEvent meta(int type, byte[] data, long tick) throws InvalidMidiDataException {
        return new MidiEvent(new MetaMessage(type, data, data.length), tick);
    }

    private static byte[] bytes(long number, int count) {
        byte[] bytes = new byte[count];
        for (int i = 0; i < count; i++) bytes[i] = (byte) (number >> 8 * (count - 1 - i));
        return bytes;
    }
}
