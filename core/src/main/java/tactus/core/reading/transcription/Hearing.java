package tactus.core.reading.transcription;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import tactus.core.ground.statement.Statement;
import tactus.core.music.chord.ChordName;
import tactus.core.music.chord.Naming;
import tactus.core.music.pitch.Spelling;
import tactus.core.music.shape.Voicing;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Touch;
import tactus.core.music.time.Length;
import tactus.core.reading.transcription.HeardMusic.Bar;
import tactus.core.reading.transcription.HeardMusic.Said;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Facts;

/** Brings music that was heard into bars with chords and strokes. */
final class Hearing {

    private static final String NO_CHORD = "N.C.";
    private static final double SOFT = 0.76;
    private static final double STRONG = 1.22;

    private final HeardMusic music;
    private final Facts facts;
    private final List<HeardStroke> strokes;
    private final Fretting fretting;
    private final HeardGrid grid;
    private final Map<String, Voicing> shapes = new LinkedHashMap<>();
    private final int slurs;
    private final boolean spreads;
    private boolean strumsBass;

    Hearing(HeardMusic music) {
        this.music = music;
        facts = music.facts();
        List<HeardStroke> all = HeardStroke.of(music.notes());
        strokes = Slurred.without(all);
        slurs = all.stream().mapToInt(stroke -> stroke.notes().size()).sum()
                - strokes.stream().mapToInt(stroke -> stroke.notes().size()).sum();
        fretting = new Fretting(facts.instrument().strings().plus(facts.capo()));
        grid = HeardGrid.of(music.bars(), strokes);
        spreads = strokes.stream().anyMatch(stroke -> stroke.isOfManyStrings() && !stroke.isTogether());
    }

    ReadMusic read() {
        var left = new ArrayList<>(music.left());
        if (slurs > 0) left.add(Statement.of("import.slurs", slurs));
        List<List<Integer>> inBars = inBars();
        List<List<ReadBar.ChordAt>> chords = chords(inBars);
        var held = new HeardShapes(facts, fretting);
        chords = held.named(
                chords,
                (bar, beginning) -> struckIn(inBars.get(bar), music.bars().get(bar), beginning));
        shapes.putAll(held.shapes());
        strumsBass = strumsBass(inBars, chords);
        var parts = new ArrayList<ReadMusic.Part>();
        var bars = new ArrayList<ReadBar>();
        String heading = "";
        String chord = NO_CHORD;
        for (int i = 0; i < music.bars().size(); i++) {
            Bar bar = music.bars().get(i);
            if (bar.startsPart() && !bars.isEmpty()) {
                parts.add(new ReadMusic.Part(heading, bars));
                bars.clear();
            }
            if (bars.isEmpty()) heading = bar.heading();
            bars.add(new ReadBar(bar.meter(), chords.get(i), strokes(bar, inBars.get(i), chords.get(i), chord)));
            if (!chords.get(i).isEmpty()) chord = chords.get(i).getLast().name();
        }
        parts.add(new ReadMusic.Part(heading, bars));
        List<Chord> known = shapes.entrySet().stream()
                .map(each -> new Chord(each.getKey(), each.getValue()))
                .toList();
        return new ReadMusic(facts, known, parts, grid.feel(), left);
    }

    /** The indices of the strokes of each bar. */
    private List<List<Integer>> inBars() {
        var bars = new ArrayList<List<Integer>>();
        for (int i = 0; i < music.bars().size(); i++) bars.add(new ArrayList<>());
        int bar = 0;
        for (int i = 0; i < strokes.size(); i++) {
            Length at = grid.nearBarLine(strokes.get(i).at());
            while (bar + 1 < bars.size() && !at.isLessThan(music.bars().get(bar).end())) bar++;
            if (at.isLessThan(music.bars().get(bar).end())) bars.get(bar).add(i);
        }
        return bars;
    }

    private List<List<ReadBar.ChordAt>> chords(List<List<Integer>> inBars) {
        return music.chords().isEmpty() ? foundChords(inBars) : saidChords();
    }

    private List<List<ReadBar.ChordAt>> saidChords() {
        var bars = new ArrayList<List<ReadBar.ChordAt>>();
        List<Said> said =
                music.chords().stream().sorted(Comparator.comparing(Said::at)).toList();
        int next = 0;
        for (Bar bar : music.bars()) {
            var chords = new TreeMap<Length, String>();
            while (next < said.size() && said.get(next).at().isLessThan(bar.end())) {
                Length at = said.get(next).at().minus(bar.start()).max(Length.ZERO);
                chords.put(at, shapeName(said.get(next).name()));
                next++;
            }
            bars.add(chords.entrySet().stream()
                    .map(each -> new ReadBar.ChordAt(each.getKey(), each.getValue()))
                    .toList());
        }
        return bars;
    }

    /** The name of the shape that sounds as {@code name}. */
    private String shapeName(String name) {
        int lower = -facts.instrument().transposition();
        if (lower == 0 || ChordName.isNoChord(name)) return name;
        return ChordName.parse(name)
                .transposed(lower, Spelling.BY_KEY, facts.shapesKey())
                .toString();
    }

    private List<List<ReadBar.ChordAt>> foundChords(List<List<Integer>> inBars) {
        var finding = new HeardChords(new Naming(Spelling.BY_KEY, facts.key()));
        var bars = new ArrayList<List<ReadBar.ChordAt>>();
        String now = "";
        for (int i = 0; i < music.bars().size(); i++) {
            Bar bar = music.bars().get(i);
            List<List<HeardStroke>> beats = new ArrayList<>();
            bar.meter().beats().forEach(_ -> beats.add(new ArrayList<>()));
            for (int index : inBars.get(i)) {
                Length at = grid.nearBarLine(strokes.get(index).at()).minus(bar.start());
                beats.get(HeardChords.beat(bar.meter(), at)).add(strokes.get(index));
            }
            var chords = new ArrayList<ReadBar.ChordAt>();
            for (HeardChords.Found found : finding.in(beats)) {
                if (!found.name().equals(now))
                    chords.add(new ReadBar.ChordAt(
                            HeardChords.start(bar.meter(), chords.isEmpty() ? 0 : found.beat()),
                            shapeName(found.name())));
                now = found.name();
            }
            bars.add(chords);
        }
        return bars;
    }

    /** Whether strums go over the bass strings alone, so that a shape with one bass string has them too. */
    private boolean strumsBass(List<List<Integer>> inBars, List<List<ReadBar.ChordAt>> chords) {
        String chord = NO_CHORD;
        for (int i = 0; i < music.bars().size(); i++) {
            for (int index : inBars.get(i)) {
                HeardStroke stroke = strokes.get(index);
                Optional<Voicing> shape =
                        Optional.ofNullable(shapes.get(chordAt(music.bars().get(i), index, chords.get(i), chord)));
                if (stroke.notes().size() > 1
                        && !stroke.isTogether()
                        && new StruckStrings(fretting.of(stroke.notes(), shape)).isOnlyBass(shape)) return true;
            }
            if (!chords.get(i).isEmpty()) chord = chords.get(i).getLast().name();
        }
        return false;
    }

    /** The strokes of a bar by the chord that they are on: 0 for one that goes on from the bar before, otherwise its number. */
    private Map<Integer, List<HeardStroke>> struckIn(List<Integer> indices, Bar bar, List<ReadBar.ChordAt> chords) {
        var struck = new HashMap<Integer, List<HeardStroke>>();
        for (int index : indices) {
            Length at = grid.nearBarLine(strokes.get(index).at()).minus(bar.start());
            int chord = 0;
            for (int i = 0; i < chords.size(); i++)
                if (!at.isLessThan(chords.get(i).at())) chord = i + 1;
            struck.computeIfAbsent(chord, _ -> new ArrayList<>()).add(strokes.get(index));
        }
        return struck;
    }

    private String chordAt(Bar bar, int index, List<ReadBar.ChordAt> chords, String before) {
        Length at = grid.nearBarLine(strokes.get(index).at()).minus(bar.start());
        String name = before;
        for (ReadBar.ChordAt chord : chords) if (!at.isLessThan(chord.at())) name = chord.name();
        return name;
    }

    private List<ReadBar.StrokeAt> strokes(
            Bar bar, List<Integer> indices, List<ReadBar.ChordAt> chords, String before) {
        HeardGrid.Slots slots =
                grid.slots(bar, indices.stream().map(strokes::get).toList());
        SortedMap<Length, Stroke> found = new TreeMap<>();
        for (int i = 0; i < indices.size(); i++) {
            int index = indices.get(i);
            Optional<Voicing> shape = Optional.ofNullable(shapes.get(chordAt(bar, index, chords, before)));
            found.putIfAbsent(slots.at().get(i), stroke(index, shape, slots.isDown(i)));
        }
        return found.entrySet().stream()
                .map(each -> new ReadBar.StrokeAt(each.getKey(), each.getValue()))
                .toList();
    }

    private Stroke stroke(int index, Optional<Voicing> shape, boolean handGoesDown) {
        HeardStroke heard = strokes.get(index);
        int keys = heard.notes().size();
        var strings = new StruckStrings(fretting.of(heard.notes(), shape));
        boolean goesDown = heard.isTogether() || keys < 2 ? handGoesDown : heard.rises();
        Direction way = goesDown ? Direction.DOWN : Direction.UP;
        if (heard.isDead() && spreads && !heard.isTogether())
            return Mute.of(way).withForce(force(index));
        boolean isPicked = keys == 1 && !(strumsBass && strings.isOnlyBass(shape))
                || heard.isTogether() && (keys == 2 || spreads && !isAll(strings, shape))
                || strings.frets().isEmpty();
        Stroke stroke = isPicked && !strings.frets().isEmpty() ? strings.pluck(shape) : strings.strum(way, shape);
        if (heard.isPalmMuted()) stroke = stroke.withTouch(Touch.PALM_MUTED);
        else if (heard.isSwept() && keys > 2) stroke = stroke.withTouch(Touch.SWEPT);
        return stroke.withForce(force(index));
    }

    private static boolean isAll(StruckStrings strings, Optional<Voicing> shape) {
        return shape.filter(
                        held -> held.frets().stream().filter(fret -> fret >= 0).count()
                                == strings.frets().size())
                .isPresent();
    }

    /** Beside the strokes around it that go the same way. */
    private Force force(int index) {
        double usual = HeardStroke.usualForce(
                strokes,
                index,
                0.3,
                other -> other.rises() == strokes.get(index).rises());
        double force = strokes.get(index).force();
        if (force > STRONG * usual) return Force.ACCENTED;
        return force < SOFT * usual ? Force.SOFT : Force.PLAIN;
    }
}
