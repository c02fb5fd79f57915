package tactus.formats.musicxml;

import static tactus.formats.musicxml.MusicXmlReader.at;
import static tactus.formats.musicxml.MusicXmlReader.children;
import static tactus.formats.musicxml.MusicXmlReader.number;
import static tactus.formats.musicxml.MusicXmlReader.text;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.w3c.dom.Element;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Spelling;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.reading.transcription.ReadBar;
import tactus.core.reading.transcription.ReadMusic;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;

/** Reads one part measure by measure, as it is played. */
final class PartReader {

    private final Element root;
    private final List<Element> parts;
    private final List<Element> measures;
    private final Map<Element, ReadBar> bars = new HashMap<>();
    private final Map<Element, String> headings = new HashMap<>();
    private final Map<String, Chord> shapes = new LinkedHashMap<>();
    private final List<Statement> left = new ArrayList<>();
    private Facts facts = Song.empty("?").facts();
    private Meter meter = Meter.of(4, 4);
    private int divisions = 1;
    private boolean hasTempo;
    private boolean hasKey;
    private boolean hasMeter;
    private int otherTempos;
    /** The chord that goes on from the measure before. */
    private String sounding = "";

    private int slurs;

    PartReader(Element root, List<Element> parts, List<Element> measures) {
        this.root = root;
        this.parts = parts;
        this.measures = measures;
    }

    ReadMusic read() {
        String title = text(root, "work", "work-title");
        if (title.isEmpty()) title = text(root, "movement-title");
        if (!title.isEmpty()) facts = facts.withTitle(title.substring(0, Math.min(100, title.length())));
        boolean hasTab = measures.stream().anyMatch(this::hasTab);
        for (Element measure : measures) readMeasure(measure, hasTab);
        if (parts.size() > 1) left.add(Statement.of("import.other-parts", parts.size() - 1));
        if (otherTempos > 0) left.add(Statement.of("import.other-tempos", otherTempos));
        if (slurs > 0) left.add(Statement.of("import.slurs", slurs));
        return new ReadMusic(facts, List.copyOf(shapes.values()), parted(Repeats.playedOut(measures)), left);
    }

    private boolean hasTab(Element measure) {
        return children(measure, "attributes").stream()
                .flatMap(each -> children(each, "clef").stream())
                .anyMatch(clef -> text(clef, "sign").equals("TAB"));
    }

    private List<ReadMusic.Part> parted(List<Element> played) {
        var all = new ArrayList<ReadMusic.Part>();
        String name = "";
        var now = new ArrayList<ReadBar>();
        for (Element measure : played) {
            String heading = headings.get(measure);
            boolean isBack = !now.isEmpty() && Repeats.isStart(measure);
            if (!now.isEmpty() && (heading != null || isBack)) {
                all.add(new ReadMusic.Part(name, now));
                now = new ArrayList<>();
            }
            if (heading != null) name = heading;
            now.add(bars.get(measure));
        }
        if (!now.isEmpty()) all.add(new ReadMusic.Part(name, now));
        return all;
    }

    private void readMeasure(Element measure, boolean hasTab) {
        var chords = new ArrayList<ReadBar.ChordAt>();
        var notes = new NoteReader(facts, shapes, hasTab);
        Length now = Length.ZERO;
        Length last = Length.ZERO;
        for (Element each : children(measure)) {
            switch (each.getTagName()) {
                case "attributes" -> {
                    readAttributes(each);
                    notes = new NoteReader(facts, shapes, hasTab);
                }
                case "direction" -> readDirection(each, measure);
                case "sound" -> readTempo(each.getAttribute("tempo"));
                case "harmony" -> readHarmony(each, now.plus(length(number(each, 0, "offset"))), chords);
                case "backup" ->
                    now = now.minus(length(number(each, 0, "duration"))).max(Length.ZERO);
                case "forward" -> now = now.plus(length(number(each, 0, "duration")));
                case "note" -> {
                    boolean isChord = at(each, "chord") != null;
                    Length at = isChord ? last : now;
                    if (at(each, "grace") != null || at(each, "cue") != null) continue;
                    notes.read(each, at, isChord);
                    last = at;
                    if (!isChord) now = now.plus(length(number(each, 0, "duration")));
                }
                default -> {}
            }
        }
        slurs += notes.slurs();
        String first = chords.isEmpty() ? sounding : chords.getFirst().name();
        if (!chords.isEmpty()) sounding = chords.getLast().name();
        Length end = meter.length();
        bars.put(
                measure,
                new ReadBar(
                        meter,
                        chords.stream()
                                .filter(each -> each.at().isLessThan(end))
                                .toList(),
                        notes.strokes(first).stream()
                                .filter(stroke -> stroke.at().isLessThan(end))
                                .toList()));
    }

    private Length length(int duration) {
        return new Length(duration, 4L * Math.max(1, divisions));
    }

    private void readAttributes(Element attributes) {
        divisions = number(attributes, divisions, "divisions");
        Element time = at(attributes, "time");
        if (time != null) readMeter(time);
        for (Element details : children(attributes, "staff-details")) readGuitar(details);
        if (at(attributes, "key") != null && !hasKey) {
            hasKey = true;
            int fifths = number(attributes, 0, "key", "fifths");
            boolean minor = text(attributes, "key", "mode").equals("minor");
            facts = facts.withKey(new Key(Math.floorMod(7 * fifths + (minor ? 9 : 0), 12), minor));
        }
    }

    private void readMeter(Element time) {
        String beats = text(time, "beats");
        String unit = text(time, "beat-type");
        try {
            meter = Meter.parse(beats.replace(" ", "") + "/" + unit);
        } catch (Refusal impossible) {
            left.add(Statement.of("import.meter", beats + "/" + unit));
        }
        if (!hasMeter) {
            hasMeter = true;
            facts = facts.withMeter(meter);
        }
    }

    private void readGuitar(Element details) {
        List<Element> strings = children(details, "staff-tuning");
        Instrument guitar = facts.instrument();
        if (!strings.isEmpty()) {
            var open = new ArrayList<String>();
            for (Element string : strings) {
                int alter = number(string, 0, "tuning-alter");
                open.add(text(string, "tuning-step")
                        + (alter > 0 ? "#" : alter < 0 ? "b" : "")
                        + text(string, "tuning-octave"));
            }
            try {
                guitar = guitar.withTuning(Tuning.parse(String.join(" ", open)));
            } catch (Refusal unusual) {
                left.add(Statement.of("import.tuning", String.join(" ", open)));
            }
        }
        int capo = number(details, -1, "capo");
        if (capo > Instrument.HIGHEST_CAPO) left.add(Statement.of("import.capo", capo));
        else if (!bars.isEmpty() && capo >= 0 && capo != guitar.capo())
            left.add(Statement.of("import.other-capo", capo));
        else if (capo > 0) guitar = guitar.withCapo(capo);
        facts = facts.withInstrument(guitar);
    }

    private void readDirection(Element direction, Element measure) {
        for (Element type : children(direction, "direction-type")) {
            String mark = text(type, "rehearsal");
            if (!mark.isEmpty()) headings.putIfAbsent(measure, mark);
            Element metronome = at(type, "metronome");
            if (metronome != null && !hasTempo) readMetronome(metronome);
        }
        Element sound = at(direction, "sound");
        if (sound != null) readTempo(sound.getAttribute("tempo"));
    }

    private void readMetronome(Element metronome) {
        Length beat = switch (text(metronome, "beat-unit")) {
            case "whole" -> Length.WHOLE;
            case "half" -> Length.of(1, 2);
            case "eighth" -> Length.EIGHTH;
            case "16th" -> Length.SIXTEENTH;
            default -> Length.QUARTER;
        };
        if (at(metronome, "beat-unit-dot") != null) beat = beat.times(3).dividedBy(2);
        String minute = text(metronome, "per-minute").replaceAll("[^\\d.]", "");
        if (minute.matches("\\d{1,3}(\\.\\d+)?")) setTempo(Double.parseDouble(minute), beat);
    }

    /** Quarters a minute, as the standard has it. */
    private void readTempo(String quarters) {
        if (!quarters.matches("\\d{1,3}(\\.\\d+)?")) return;
        double wanted = Double.parseDouble(quarters);
        if (!hasTempo) {
            setTempo(wanted, Length.QUARTER);
            return;
        }
        double now = facts.tempo().perMinute()
                * facts.tempo().beat().dividedBy(Length.QUARTER).toDouble();
        if (Math.abs(now - wanted) > 0.05) otherTempos++;
    }

    private void setTempo(double perMinute, Length beat) {
        try {
            facts = facts.withTempo(new Tempo(perMinute, beat));
            hasTempo = true;
        } catch (Refusal outside) {
            left.add(Statement.of("import.tempo", String.valueOf(perMinute)));
        }
    }

    /** Chord symbols sound; the names of shapes are lower by the capo. */
    private void readHarmony(Element harmony, Length at, List<ReadBar.ChordAt> chords) {
        if (text(harmony, "kind").equals("none")) {
            chords.add(new ReadBar.ChordAt(at, "N.C."));
            return;
        }
        Optional<ChordName> name = KindReader.name(harmony);
        if (name.isEmpty()) {
            left.add(Statement.of("import.chord", text(harmony, "root", "root-step") + text(harmony, "kind")));
            return;
        }
        int lower = -facts.instrument().transposition();
        String shape = lower == 0
                ? name.get().toString()
                : name.get()
                        .transposed(lower, Spelling.BY_KEY, facts.shapesKey())
                        .toString();
        chords.removeIf(each -> each.at().equals(at));
        chords.add(new ReadBar.ChordAt(at, shape));
        Element frame = at(harmony, "frame");
        if (frame != null && !shapes.containsKey(shape))
            voicing(frame).ifPresent(held -> shapes.put(shape, new Chord(shape, held)));
    }

    private Optional<Voicing> voicing(Element frame) {
        int strings = number(frame, 6, "frame-strings");
        int first = number(frame, 1, "first-fret");
        if (strings != facts.tuning().strings()) return Optional.empty();
        var frets = new ArrayList<>(Collections.nCopies(strings, Voicing.NOT_PLAYED));
        for (Element note : children(frame, "frame-note")) {
            int string = number(note, 0, "string");
            int fret = number(note, 0, "fret");
            if (string < 1 || string > strings) return Optional.empty();
            frets.set(strings - string, fret == 0 ? 0 : fret + first - 1);
        }
        try {
            return Optional.of(new Voicing(frets));
        } catch (IllegalArgumentException impossible) {
            return Optional.empty();
        }
    }
}
