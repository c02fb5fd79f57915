package tactus.formats.midi;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.reading.chart.KeyGuess;
import tactus.core.reading.transcription.HeardMusic;
import tactus.core.reading.transcription.ReadMusic;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;
import tactus.formats.file.FileName;
import tactus.formats.file.FormatException;
import tactus.words.Words;

/**
 * Reads a MIDI file as music: meters, tempo, key, markers as the headings of parts, texts that are names of chords, the guitar
 * as strokes, and drums as the groove. Numbers of messages: Standard MIDI Files 1.0; programs 25 to 32 are guitars in General
 * MIDI 1.
 */
public final class MidiReader {

    /** A note that is never let go ends after so many quarters. */
    private static final int LONGEST_QUARTERS = 64;

    private static final int MOST_BARS = ReadMusic.MOST_BARS;
    private static final int MOST_NOTES = ReadMusic.MOST_NOTES;
    private static final double USUAL_QUARTER = 500_000;

    private final Path file;
    private final long resolution;
    private final TreeMap<Long, Double> tempos = new TreeMap<>();
    private final TreeMap<Long, Meter> meters = new TreeMap<>();
    private final TreeMap<Long, String> markers = new TreeMap<>();
    private final List<HeardMusic.Said> chords = new ArrayList<>();
    private final List<Statement> left = new ArrayList<>();
    private final List<MidiVoice> voices = new ArrayList<>();
    private Optional<Key> key = Optional.empty();
    private String title = "";
    private int capo;
    private Optional<String> tuning = Optional.empty();
    private long conductorEnd;
    private long lastNote;
    private int struck;
    private final TreeMap<Long, Start> starts = new TreeMap<>();

    private MidiReader(Path file, Sequence sequence) {
        this.file = file;
        resolution = sequence.getResolution();
    }

    /**
     * Reads the music of the guitar, or of what plays most.
     *
     * @throws FormatException if it is no MIDI file, is too large, counts frames of film, holds separate pieces or no notes
     */
    public static ReadMusic read(Path file) throws FormatException {
        Sequence sequence = CountedIn.without(MidiFile.read(file));
        var reader = new MidiReader(file, sequence);
        Track[] tracks = sequence.getTracks();
        for (int i = 0; i < tracks.length; i++) reader.readTrack(tracks[i], i == 0, tracks.length == 1);
        return reader.music(sequence);
    }

    private void readTrack(Track track, boolean isFirst, boolean isOnly) throws FormatException {
        var byChannel = new HashMap<Integer, MidiVoice>();
        var sounding = new HashMap<Integer, Deque<long[]>>();
        String name = "";
        for (int i = 0; i < track.size(); i++) {
            long tick = track.get(i).getTick();
            MidiMessage message = track.get(i).getMessage();
            if (message instanceof MetaMessage meta) {
                readMeta(meta, tick, isFirst);
                if (meta.getType() == MidiFile.TRACK_NAME) name = text(meta.getData());
            } else if (message instanceof ShortMessage played && played.getChannel() != MidiFile.DRUM_CHANNEL) {
                MidiVoice voice = byChannel.computeIfAbsent(isOnly ? played.getChannel() : 0, _ -> new MidiVoice());
                readPlayed(played, tick, voice, sounding);
            }
        }
        boolean hasNotes = false;
        for (MidiVoice voice : byChannel.values()) {
            if (voice.notes().isEmpty()) continue;
            hasNotes = true;
            voice.call(name);
            voices.add(voice);
        }
        if (isFirst && !hasNotes) conductorEnd = track.ticks();
    }

    /** A note is its tick, its key, how hard it is struck, the tick at which it ends, and its channel. */
    private void readPlayed(ShortMessage played, long tick, MidiVoice voice, Map<Integer, Deque<long[]>> sounding)
            throws FormatException {
        int number = played.getData1();
        int at = played.getChannel() << 7 | number;
        boolean strikes = played.getCommand() == ShortMessage.NOTE_ON && played.getData2() > 0;
        boolean ends = played.getCommand() == ShortMessage.NOTE_OFF
                || played.getCommand() == ShortMessage.NOTE_ON && played.getData2() == 0;
        if (played.getCommand() == ShortMessage.PROGRAM_CHANGE && voice.program() < 0) voice.play(number);
        Deque<long[]> open = sounding.computeIfAbsent(at, _ -> new ArrayDeque<>());
        // A key that is struck again before it is let go is let go as often as it was struck; those before it ended
        // then.
        if (strikes && !open.isEmpty()) open.peekLast()[3] = Math.min(open.peekLast()[3], tick);
        if (ends && !open.isEmpty()) {
            long[] note = open.poll();
            note[3] = Math.min(note[3], tick);
        }
        if (!strikes) return;
        if (++struck > MOST_NOTES) throw new FormatException(file, "", "file.too-many-notes", MOST_NOTES);
        voice.channels().set(played.getChannel());
        long[] note = {tick, number, played.getData2(), tick + LONGEST_QUARTERS * resolution, played.getChannel()};
        open.add(note);
        voice.notes().add(note);
        lastNote = Math.max(lastNote, tick);
    }

    private void readMeta(MetaMessage meta, long tick, boolean isFirst) throws FormatException {
        byte[] data = meta.getData();
        switch (meta.getType()) {
            case MidiFile.TRACK_NAME -> {
                if (isFirst && title.isEmpty()) title = text(data);
            }
            case MidiFile.TEXT -> readText(text(data), tick);
            case MidiFile.MARKER -> markers.merge(tick, text(data), (one, other) -> one);
            case MidiFile.TEMPO -> {
                if (data.length == 3)
                    tempos.put(tick, (double) ((data[0] & 0xFF) << 16 | (data[1] & 0xFF) << 8 | data[2] & 0xFF));
            }
            case MidiFile.TIME_SIGNATURE -> {
                if (data.length > 1) meters.put(tick, GrooveFile.meter(data[0] & 0xFF, data[1] & 0xFF, file));
            }
            case MidiFile.KEY_SIGNATURE -> {
                if (data.length > 1 && key.isEmpty() && Math.abs(data[0]) <= 7)
                    key = Optional.of(new Key(Math.floorMod(7 * data[0] + (data[1] == 1 ? 9 : 0), 12), data[1] == 1));
            }
            default -> {}
        }
    }

    /** A text that is the name of a chord is one. */
    private void readText(String text, long tick) {
        String plain = text.strip();
        if (plain.matches(MidiFile.CAPO + "\\d{1,2}")) {
            capo = Integer.parseInt(plain.substring(MidiFile.CAPO.length()));
        } else if (plain.startsWith(MidiFile.TUNING)) {
            tuning = Optional.of(plain.substring(MidiFile.TUNING.length()));
        } else if (plain.length() <= 16
                && (ChordName.isNoChord(plain) || ChordName.find(plain).isPresent())) {
            chords.add(new HeardMusic.Said(length(tick), plain));
        }
    }

    static String text(byte[] data) {
        return new String(data, StandardCharsets.UTF_8)
                .replaceAll("\\p{Cntrl}+", " ")
                .strip();
    }

    private Length length(long tick) {
        return Length.of(tick, 4 * resolution);
    }

    private ReadMusic music(Sequence sequence) throws FormatException {
        List<MidiVoice> voices = MidiVoice.joined(this.voices);
        MidiVoice guitar = voices.stream()
                .max(Comparator.comparing(MidiVoice::isGuitar)
                        .thenComparingInt(voice -> voice.notes().size()))
                .orElseThrow(() -> new FormatException(file, "", "file.no-notes"));
        // The first of two guitars is the song's.
        if (guitar.isGuitar())
            guitar = voices.stream().filter(MidiVoice::isGuitar).findFirst().orElseThrow();
        if (voices.size() > 1) left.add(Statement.of("import.other-parts", voices.size() - 1));
        List<HeardMusic.Bar> bars = bars();
        List<HeardMusic.Heard> notes = heard(guitar);
        Facts facts = facts(bars, notes);
        facts = facts.withGroove(GrooveFile.round(sequence, facts.meter()));
        return new HeardMusic(facts, bars, chords, notes, left).read();
    }

    private List<HeardMusic.Heard> heard(MidiVoice voice) {
        return voice.notes().stream()
                .map(note -> heard(note, voice.string((int) note[4])))
                .toList();
    }

    private HeardMusic.Heard heard(long[] note, int string) {
        double start = seconds(note[0]);
        return new HeardMusic.Heard(
                length(note[0]), start, seconds(note[3]) - start, (int) note[1], note[2] / 127.0, string);
    }

    private double seconds(long tick) {
        if (starts.isEmpty()) {
            starts.put(Long.MIN_VALUE, new Start(0, 0, USUAL_QUARTER));
            tempos.forEach((at, quarter) -> {
                Start last = starts.lastEntry().getValue();
                starts.put(at, new Start(at, last.micros(at, resolution), quarter));
            });
        }
        return starts.lowerEntry(tick).getValue().micros(tick, resolution) / 1_000_000;
    }

    /** Where a tempo begins, in ticks and in microseconds, and how many of these a quarter has from there. */
    private record Start(long at, double micros, double quarter) {

        double micros(long tick, long resolution) {
            return micros + (tick - at) * quarter / resolution;
        }
    }

    private List<HeardMusic.Bar> bars() throws FormatException {
        var bars = new ArrayList<HeardMusic.Bar>();
        Length end = length(Math.max(lastNote + 1, conductorEnd));
        Length at = Length.ZERO;
        Length tolerance = Length.of(1, 64);
        while (at.isLessThan(end)) {
            if (bars.size() == MOST_BARS) throw new FormatException(file, "", "file.too-many-bars", MOST_BARS);
            long tick = at.times(4 * resolution).wholesOf(Length.WHOLE);
            Map.Entry<Long, Meter> meter = meters.floorEntry(tick);
            Meter now = meter == null ? Meter.of(4, 4) : meter.getValue();
            Length next = at.plus(now.length());
            long first = at.minus(tolerance).times(4 * resolution).wholesOf(Length.WHOLE);
            long last = next.minus(tolerance).times(4 * resolution).wholesOf(Length.WHOLE);
            Map.Entry<Long, String> marker = markers.ceilingEntry(bars.isEmpty() ? 0 : first);
            boolean starts = marker != null && marker.getKey() < last;
            bars.add(new HeardMusic.Bar(now, at, starts ? heading(marker.getValue()) : "", starts));
            at = next;
        }
        return bars;
    }

    /** The name of the section without the number of the pass. */
    private static String heading(String said) {
        String bar = Words.of("midi.marker-bar", "", 1);
        String opens = bar.substring(0, bar.indexOf('1'));
        int numbered = said.lastIndexOf(opens);
        String marker =
                numbered > 0 && said.substring(numbered).matches("\\D+\\d+\\D?") ? said.substring(0, numbered) : said;
        String pass = Words.of("midi.pass", "\u0001", 1).replace("1", "");
        String behind = pass.substring(pass.indexOf('\u0001') + 1);
        int at = behind.isBlank() ? -1 : marker.lastIndexOf(behind);
        return at > 0 && marker.substring(at + behind.length()).matches("\\d+") ? marker.substring(0, at) : marker;
    }

    private Facts facts(List<HeardMusic.Bar> bars, List<HeardMusic.Heard> notes) {
        String name = title.isBlank() ? FileName.title(file) : title;
        Facts facts =
                Song.empty(name.substring(0, Math.min(name.length(), 100))).facts();
        Meter meter = usualMeter(bars);
        facts = facts.withMeter(meter).withTempo(tempo(meter));
        if (tempos.values().stream().distinct().count() > 1)
            left.add(Statement.of("import.other-tempos", tempos.size() - 1));
        var guitar = facts.instrument();
        try {
            if (tuning.isPresent()) guitar = guitar.withTuning(Tuning.parse(tuning.get()));
            guitar = guitar.withCapo(capo);
        } catch (Refusal unusual) {
            left.add(Statement.of("import.tuning", tuning.orElse(MidiFile.CAPO + capo)));
        }
        facts = facts.withInstrument(guitar);
        Facts known = facts;
        return key.or(() ->
                        KeyGuess.of(chords.stream().map(HeardMusic.Said::name).toList()))
                .or(() -> keyOf(notes))
                .map(known::withKey)
                .orElse(known);
    }

    /** The meter of most bars. */
    private static Meter usualMeter(List<HeardMusic.Bar> bars) {
        var counts = new HashMap<Meter, Integer>();
        bars.forEach(bar -> counts.merge(bar.meter(), 1, Integer::sum));
        return bars.stream()
                .map(HeardMusic.Bar::meter)
                .max(Comparator.comparingInt(counts::get))
                .orElseThrow();
    }

    private Tempo tempo(Meter meter) {
        double quarter = tempos.isEmpty() ? USUAL_QUARTER : tempos.firstEntry().getValue();
        double beat = quarter
                / 1_000_000
                * meter.shortestBeat().dividedBy(Length.QUARTER).toDouble();
        double perMinute = Math.round(600 / beat) / 10.0;
        try {
            return Tempo.of(perMinute, meter);
        } catch (Refusal outside) {
            left.add(Statement.of("import.tempo", String.valueOf(perMinute)));
            return Tempo.of(90, meter);
        }
    }

    /** The scale that holds most of the notes. */
    private static Optional<Key> keyOf(List<HeardMusic.Heard> notes) {
        var keys = new ArrayList<Key>();
        for (int tonic = 0; tonic < 12; tonic++) keys.add(new Key(tonic, false));
        return keys.stream()
                .max(Comparator.comparingLong(each ->
                        notes.stream().filter(note -> each.has(note.key() % 12)).count()));
    }
}
