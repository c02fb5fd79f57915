package tactus.formats.midi;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import tactus.core.performance.Note;
import tactus.core.performance.Performance;
import tactus.core.song.Song;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.TempoMap;
import tactus.core.timeline.Margin;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;
import tactus.core.timeline.TimelineCue;
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

    private static final int LYRIC = 0x05;
    private static final int MARKER = 0x06;
    private static final int CUE_POINT = 0x07;
    private static final int TRACK_NAME = 0x03;
    private static final int TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;
    private static final int STEEL_STRING_GUITAR = 25;
    private static final double DEAD_VELOCITY = 0.55;

    private final Song song;
    private final Timeline timeline;

    private MidiSong(Song song, Timeline timeline) {
        this.song = song.asShown();
        this.timeline = timeline;
    }

    /**
     * Writes {@code timeline}, which was laid out from {@code song}, whole or not at all.
     *
     * @throws IOException if it cannot be written
     */
    public static void write(Song song, Timeline timeline, Path file) throws IOException {
        try {
            Sequence sequence = new MidiSong(song, timeline).sequence();
            WholeFile.write(file, out -> MidiSystem.write(sequence, 1, out));
        } catch (InvalidMidiDataException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private Sequence sequence() throws InvalidMidiDataException {
        var sequence = new Sequence(Sequence.PPQ, RESOLUTION);
        fillConductor(sequence.createTrack());
        fillGuitar(sequence.createTrack(), Words.of("midi.guitar"), 0, Performance.of(timeline));
        if (!timeline.margin().second().isEmpty()) {
            fillGuitar(sequence.createTrack(), Words.of("midi.second-guitar"), 1, Performance.ofSecond(timeline));
        }
        return sequence;
    }

    private void fillConductor(Track track) throws InvalidMidiDataException {
        track.add(text(TRACK_NAME, song.facts().title(), 0));
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
            track.add(text(CUE_POINT, cue.text(), Math.max(0, tick(cue.at()))));
        }
        for (Margin.SungAt word : timeline.margin().words()) {
            String text = word.goesOn() ? word.hyphened() : word.text() + " ";
            track.add(text(LYRIC, text, Math.max(0, tick(word.at()))));
        }
        Meter meter = null;
        for (TimelineBar bar : timeline.bars()) {
            if (bar.isFirst() || bar.number() == 0) track.add(text(MARKER, marker(bar), tick(bar.start())));
            if (!bar.meter().equals(meter)) track.add(meta(TIME_SIGNATURE, signature(bar.meter()), tick(bar.start())));
            meter = bar.meter();
        }
    }

    private String marker(TimelineBar bar) {
        if (bar.number() == 0) return Words.of("midi.pick-up");
        String name = new SongWords(song).use(bar.use());
        boolean once = timeline.barsOf(bar.use(), 2).isEmpty();
        return once ? name : Words.of("midi.pass", name, bar.pass());
    }

    /** @param slower how many times as long beats last */
    private MidiEvent tempo(double slower, long tick) throws InvalidMidiDataException {
        long microseconds = Math.round(timeline.tempo().secondsInWhole() / 4 * 1_000_000 * slower);
        return meta(TEMPO, bytes(Math.min(microseconds, 0xFFFFFF), 3), tick);
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

    private void fillGuitar(Track track, String name, int channel, Performance played) throws InvalidMidiDataException {
        track.add(text(TRACK_NAME, name, 0));
        track.add(new MidiEvent(new ShortMessage(ShortMessage.PROGRAM_CHANGE, channel, STEEL_STRING_GUITAR, 0), 0));
        for (KeyPress press : presses(played)) {
            track.add(new MidiEvent(
                    new ShortMessage(ShortMessage.NOTE_ON, channel, press.key, press.velocity), press.on));
            track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, channel, press.key, 0), press.off));
        }
    }

    private record KeyPress(int key, int velocity, long on, long off) {

        KeyPress endingAt(long tick) {
            return new KeyPress(key, velocity, on, tick);
        }
    }

    /** One channel cannot hold a key twice, so a key that two strings sound is let go before it is struck again. */
    private List<KeyPress> presses(Performance played) {
        var presses = new ArrayList<KeyPress>();
        int[] last = new int[128];
        Arrays.fill(last, -1);
        for (Note note : played.notes()) {
            KeyPress press = press(note);
            int before = last[press.key];
            if (before >= 0 && presses.get(before).off > press.on) {
                presses.set(before, presses.get(before).endingAt(press.on));
            }
            last[press.key] = presses.size();
            presses.add(press);
        }
        presses.sort(Comparator.comparingLong(KeyPress::off));
        return presses;
    }

    private KeyPress press(Note note) {
        double force = note.velocity() * (note.isDead() ? DEAD_VELOCITY : 1);
        int velocity = Math.clamp(Math.round(127 * force), 1, 127);
        long on = tick(note.start());
        long off = Math.max(on + 1, tick(note.end()));
        return new KeyPress(note.pitch().number(), velocity, on, off);
    }

    private long tick(double seconds) {
        return Math.round(timeline.tempoMap().position(seconds) * 4 * RESOLUTION);
    }

    private static long tick(Length position) {
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
