package tactus.formats.musicxml;

import static tactus.formats.musicxml.MusicXmlReader.at;
import static tactus.formats.musicxml.MusicXmlReader.children;
import static tactus.formats.musicxml.MusicXmlReader.number;
import static tactus.formats.musicxml.MusicXmlReader.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.w3c.dom.Element;
import tactus.core.music.shape.Voicing;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.reading.transcription.ReadBar;
import tactus.core.reading.transcription.StruckStrings;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Facts;

/** Reads the notes of a measure as strokes: what begins at the same time is one stroke. */
final class NoteReader {

    private static final Set<String> SLURS = Set.of("hammer-on", "pull-off", "slide", "glissando", "slur");

    /** What was struck at one place. */
    private static final class Struck {
        private final SortedMap<Integer, Integer> frets = new TreeMap<>();
        private Optional<Direction> way = Optional.empty();
        private boolean isDead;
        private int notes;
    }

    private final Facts facts;
    private final Map<String, Chord> shapes;
    private final boolean hasTab;
    private final Map<Length, Struck> all = new TreeMap<>();
    private boolean skips;
    private int slurs;

    /** @param hasTab whether the part has tablature, so that the staff of notes says the same again */
    NoteReader(Facts facts, Map<String, Chord> shapes, boolean hasTab) {
        this.facts = facts;
        this.shapes = shapes;
        this.hasTab = hasTab;
    }

    void read(Element note, Length at, boolean isChord) {
        boolean isOnTab = at(note, "notations", "technical", "string") != null;
        boolean goesOn = children(note, "tie").stream()
                .anyMatch(tie -> tie.getAttribute("type").equals("stop"));
        if (!isChord) skips = at(note, "rest") != null || hasTab && !isOnTab;
        if (skips || goesOn || hasTab && !isOnTab) return;
        if (isSlurredTo(note)) {
            slurs++;
            return;
        }
        Struck struck = all.computeIfAbsent(at, _ -> new Struck());
        struck.notes++;
        for (Element notations : children(note, "notations")) {
            Element technical = at(notations, "technical");
            if (technical == null) continue;
            if (at(technical, "down-bow") != null) struck.way = Optional.of(Direction.DOWN);
            if (at(technical, "up-bow") != null) struck.way = Optional.of(Direction.UP);
            int string = number(technical, 0, "string");
            if (string > 0) struck.frets.put(string, number(technical, 0, "fret"));
        }
        if (text(note, "notehead").equals("x")) struck.isDead = true;
    }

    /** Whether the fretting hand makes it sound. */
    private static boolean isSlurredTo(Element note) {
        return children(note, "notations").stream()
                .flatMap(each -> Stream.concat(
                        children(each).stream(),
                        children(each, "technical").stream().flatMap(technical -> children(technical).stream())))
                .anyMatch(each -> SLURS.contains(each.getTagName())
                        && each.getAttribute("type").equals("stop"));
    }

    /** How many notes were not struck but slurred to. */
    int slurs() {
        return slurs;
    }

    /** @param chord the first chord of the bar, by whose shape one sees which strings were meant */
    List<ReadBar.StrokeAt> strokes(String chord) {
        var strokes = new ArrayList<ReadBar.StrokeAt>();
        all.forEach((at, struck) -> strokes.add(new ReadBar.StrokeAt(at, stroke(struck, at, chord))));
        return strokes;
    }

    private Stroke stroke(Struck struck, Length at, String chord) {
        Direction way = struck.way.orElseGet(() -> usual(at));
        if (struck.isDead) return Mute.of(way);
        var strings = new StruckStrings(struck.frets);
        Optional<Voicing> shape = Optional.ofNullable(shapes.get(chord)).map(Chord::voicing);
        boolean isPicked = struck.way.isEmpty() && !struck.frets.isEmpty() && struck.frets.size() < 3;
        return isPicked ? strings.pluck(shape) : strings.strum(way, shape);
    }

    /** Down on the beat, up between beats. */
    private Direction usual(Length at) {
        return at.isMultipleOf(facts.meter().unitLength()) ? Direction.DOWN : Direction.UP;
    }
}
