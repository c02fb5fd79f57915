package tactus.core.reading.transcription;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.music.chord.ChordName;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Shape;
import tactus.core.music.shape.Voicing;
import tactus.core.reading.transcription.HeardMusic.Heard;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Facts;

/**
 * How chords are held that were heard: as their fullest strum sounds, and where they are never strummed as they are usually
 * taught. One name that is held in several ways gets numbers as labels.
 */
final class HeardShapes {

    /** Fewer notes than this may be of any shape. */
    private static final int FEWEST_KEYS = 4;

    /** What is struck in a bar on each of its chords; 0 is the one that goes on from the bar before. */
    interface Struck {
        Map<Integer, List<HeardStroke>> in(int bar, List<ReadBar.ChordAt> chords);
    }

    /** A chord with all that is struck on it. */
    private static final class Lasting {
        private final String name;
        private final List<HeardStroke> strokes = new ArrayList<>();

        Lasting(String name) {
            this.name = name;
        }
    }

    private final Facts facts;
    private final Fretting fretting;
    private final Map<String, Voicing> shapes = new LinkedHashMap<>();
    private final Map<String, List<String>> names = new LinkedHashMap<>();

    HeardShapes(Facts facts, Fretting fretting) {
        this.facts = facts;
        this.fretting = fretting;
    }

    /** By the name of the chord, its label included. */
    Map<String, Voicing> shapes() {
        return shapes;
    }

    /** {@code chords} of all bars with labels where one name has several shapes. */
    List<List<ReadBar.ChordAt>> named(List<List<ReadBar.ChordAt>> chords, Struck struck) {
        var all = new ArrayList<Lasting>();
        for (int bar = 0; bar < chords.size(); bar++) {
            Map<Integer, List<HeardStroke>> strokes = struck.in(bar, chords.get(bar));
            for (int i = 0; i <= chords.get(bar).size(); i++) {
                if (i > 0) all.add(new Lasting(chords.get(bar).get(i - 1).name()));
                if (!all.isEmpty()) all.getLast().strokes.addAll(strokes.getOrDefault(i, List.of()));
            }
        }
        var labelled = new ArrayList<List<ReadBar.ChordAt>>();
        int next = 0;
        for (List<ReadBar.ChordAt> inBar : chords) {
            var named = new ArrayList<ReadBar.ChordAt>();
            for (ReadBar.ChordAt each : inBar) named.add(new ReadBar.ChordAt(each.at(), labelled(all.get(next++))));
            labelled.add(named);
        }
        return labelled;
    }

    private String labelled(Lasting chord) {
        if (ChordName.isNoChord(chord.name)) return chord.name;
        List<Heard> keys = fullest(chord.strokes);
        List<String> known = names.computeIfAbsent(chord.name, _ -> new ArrayList<>());
        for (String name : known) if (sounds(keys, shapes.get(name))) return name;
        Optional<Voicing> taught = taught(chord.name);
        boolean isTaught = known.isEmpty()
                && taught.filter(voicing -> keys.size() < FEWEST_KEYS || sounds(keys, voicing))
                        .isPresent();
        Optional<Voicing> held =
                isTaught ? taught : keys.size() < FEWEST_KEYS ? Optional.empty() : fretting.shapeOf(keys);
        if (held.isEmpty()) return known.isEmpty() ? chord.name : known.getFirst();
        String name = known.isEmpty() ? chord.name : chord.name + Chord.LABELLED + (known.size() + 1);
        known.add(name);
        shapes.put(name, held.get());
        return name;
    }

    private static List<Heard> fullest(List<HeardStroke> strokes) {
        List<Heard> fullest = List.of();
        for (HeardStroke stroke : strokes) {
            if (stroke.isDead()) continue;
            if (stroke.notes().size() > fullest.size()) fullest = stroke.notes();
        }
        return fullest;
    }

    /** Whether all of {@code keys} sound where {@code shape} holds its strings. */
    private boolean sounds(List<Heard> keys, Voicing shape) {
        return fretting.of(keys, Optional.of(shape)).entrySet().stream()
                .allMatch(each -> shape.fret(each.getKey()).orElse(-1) == each.getValue());
    }

    private Optional<Voicing> taught(String name) {
        return Chord.meaning(name)
                .flatMap(meaning ->
                        new ShapeSearch(facts.instrument().tuning(), Neck.USUAL, FrettingHand.USUAL).first(meaning))
                .map(Shape::voicing);
    }
}
