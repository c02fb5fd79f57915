package tactus.core.music.search;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tactus.core.music.chord.ChordName;
import tactus.core.music.chord.Quality;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Voicing;

/**
 * The shape that most teachers draw first for a name (common practice): the open shapes, otherwise the barre that moves an
 * open E or A along the neck, on E flat an open D. With another bass it is the same shape with that bass below it. Where
 * teachers are of two minds (Em7, G/B), the first position of the open dataset chords-db decides. Known for six strings a fourth, fourth, fourth, third and fourth apart.
 */
final class TaughtShapes {

    private static final List<String> OPEN = List.of(
            "C x32010",
            "Cm x35543",
            "C7 x32310",
            "Cmaj7 x32000",
            "Cm7 x35343",
            "Csus2 x30013",
            "Csus4 x33011",
            "Db x43121",
            "Db7 x4342x",
            "Dbmaj7 x43111",
            "Ab7 464544",
            "D xx0232",
            "Dm xx0231",
            "D7 xx0212",
            "Dmaj7 xx0222",
            "Dm7 xx0211",
            "Dsus2 xx0230",
            "Dsus4 xx0233",
            "E 022100",
            "Em 022000",
            "E7 020100",
            "Emaj7 021100",
            "Em7 022030",
            "Esus2 024400",
            "Esus4 022200",
            "Fmaj7 xx3210",
            "Fsus2 xx3013",
            "F#sus2 2xx122",
            "Absus2 4xx344",
            "G 320003",
            "G7 320001",
            "Gmaj7 320002",
            "Gsus2 300033",
            "Gsus4 3x0013",
            "A x02220",
            "Am x02210",
            "A7 x02020",
            "A7sus4 x02030",
            "Amaj7 x02120",
            "Am7 x02010",
            "Asus2 x02200",
            "Asus4 x02230",
            "B7 x21202",
            "B7sus4 x22200",
            "C7sus4 x33311",
            "Db7sus4 x44422",
            "D7sus4 xx0213",
            "E7sus4 020200",
            "G7sus4 330011",
            "C/F xx3010",
            "Em/F xx3000",
            "F/G 303211",
            "G/E 020033",
            "G/F 120033",
            "G/B x20033");
    /** Open shapes that move otherwise than they are held at the nut. */
    private static final Map<String, String> MOVING = Map.of("022030", "020000");
    /** Roots by their distance from C that move the open E, from F to A flat. */
    private static final List<Integer> ON_SIX = List.of(5, 6, 7, 8);

    private static final int ON_FOUR = 3;
    private static final int C = 0;
    private static final int D = 2;
    private static final int E = 4;
    private static final int A = 9;
    /** How far up the neck a bass is put below a shape. */
    private static final int BASS_FRETS = 4;
    /** What it is worth to keep one more string of the shape that is known. */
    private static final double KEPT_STRING = 4.5;

    /** @param bass how far the bass is above the root, in semitones */
    private record Key(Quality quality, int root, int bass) {

        Key(Quality quality, int root) {
            this(quality, root, 0);
        }

        static Key of(ChordName name, int lowered) {
            int root = Math.floorMod(name.root().pitchClass() - lowered, 12);
            return new Key(name.quality(), root, Math.floorMod(name.bass().pitchClass() - lowered - root, 12));
        }
    }

    private static final Map<Key, Voicing> SHAPES = shapes();

    private final int offset;
    private final boolean isKnown;
    private final Tuning tuning;
    private final Neck neck;
    private final FrettingHand hand;

    TaughtShapes(Tuning tuning, Neck neck, FrettingHand hand) {
        this.tuning = tuning;
        this.neck = neck;
        this.hand = hand;
        List<Integer> apart = tuning.open().size() == Tuning.STANDARD.open().size()
                ? IntStream.range(0, tuning.open().size())
                        .map(i -> tuning.open().get(i).number()
                                - Tuning.STANDARD.open().get(i).number())
                        .distinct()
                        .boxed()
                        .toList()
                : List.of();
        isKnown = apart.size() == 1;
        offset = isKnown ? apart.getFirst() + neck.capo() : 0;
    }

    private static Map<Key, Voicing> shapes() {
        var shapes = new HashMap<Key, Voicing>();
        for (String line : OPEN) {
            String[] parts = line.split(" ");
            ChordName name = ChordName.parse(parts[0]);
            shapes.put(Key.of(name, 0), Voicing.parse(parts[1]));
        }
        for (Key key : List.copyOf(shapes.keySet())) {
            for (int root = C; root < 12; root++) if (key.bass == 0) move(shapes, key.quality, root);
        }
        return Map.copyOf(shapes);
    }

    /** A shape that moves stays as it is, so many frets higher. */
    private static void move(Map<Key, Voicing> shapes, Quality quality, int root) {
        int from = root == ON_FOUR ? D : ON_SIX.contains(root) ? E : A;
        Voicing open = shapes.get(new Key(quality, from));
        if (open == null) return;
        Voicing moving = Voicing.parse(MOVING.getOrDefault(open.toString(), open.toString()));
        shapes.putIfAbsent(new Key(quality, root), up(moving, (root - from + 12) % 12));
    }

    private static Voicing up(Voicing voicing, int frets) {
        return new Voicing(voicing.frets().stream()
                .map(fret -> fret < 0 ? fret : fret + frets)
                .toList());
    }

    /** The shape; empty if none is usual, or if this hand cannot hold it. */
    Optional<Candidate> of(ChordName name) {
        if (!isKnown) return Optional.empty();
        Key key = Key.of(name, offset);
        Optional<Voicing> whole = Optional.ofNullable(SHAPES.get(key));
        return whole.or(() -> Optional.ofNullable(SHAPES.get(new Key(key.quality, key.root)))
                        .flatMap(plain -> withBass(plain, key.root, name)))
                .filter(shape -> Grip.of(shape, neck, hand).isPresent())
                .map(this::candidate);
    }

    private Candidate candidate(Voicing voicing) {
        int mask = voicing.pitchClasses(tuning, neck.capo()).stream()
                .mapToInt(pitchClass -> 1 << pitchClass)
                .reduce(0, (one, other) -> one | other);
        return new Candidate(
                voicing.frets().stream().mapToInt(Integer::intValue).toArray(), mask, 0);
    }

    /** The shape with the bass put below it: the fewest of its strings given up, then the least effort. */
    private Optional<Voicing> withBass(Voicing plain, int root, ChordName name) {
        var shapes = new ArrayList<Voicing>(List.of(plain));
        // The four high strings of a barre leave a finger for another bass.
        if (ON_SIX.contains(root)) shapes.add(highStrings(plain));
        ChordTones tones = ChordTones.of(name);
        Voicing found = null;
        double least = Double.MAX_VALUE;
        for (Voicing shape : shapes) {
            for (Voicing each : basses(shape, name).toList()) {
                Optional<Grip> grip = Grip.of(each, neck, hand);
                if (grip.isEmpty() || !tones.fits(candidate(each).mask())) continue;
                double cost = grip.get().effort(neck, hand).cost() - KEPT_STRING * kept(each, shape);
                if (cost < least) {
                    least = cost;
                    found = each;
                }
            }
        }
        return Optional.ofNullable(found);
    }

    private static Voicing highStrings(Voicing plain) {
        var frets = new ArrayList<>(plain.frets());
        frets.set(0, Voicing.NOT_PLAYED);
        frets.set(1, Voicing.NOT_PLAYED);
        return new Voicing(frets);
    }

    private static long kept(Voicing one, Voicing other) {
        return IntStream.range(0, one.strings())
                .filter(i -> one.frets().get(i) >= 0
                        && one.frets().get(i).equals(other.frets().get(i)))
                .count();
    }

    private Stream<Voicing> basses(Voicing shape, ChordName name) {
        return IntStream.range(0, 3)
                .boxed()
                .flatMap(string -> IntStream.rangeClosed(0, BASS_FRETS)
                        .filter(fret -> (tuning.open().get(string).number() + neck.capo() + fret) % 12
                                == name.bass().pitchClass())
                        .boxed()
                        .flatMap(fret -> Stream.of(true, false).map(fills -> {
                            var frets = new ArrayList<>(shape.frets());
                            for (int below = 0; below < string; below++) frets.set(below, Voicing.NOT_PLAYED);
                            frets.set(string, fret);
                            // An open string in between rings on where it belongs to the chord.
                            for (int above = string + 1; fills && above < 3; above++) {
                                if (frets.get(above) < 0) frets.set(above, 0);
                            }
                            return new Voicing(frets);
                        })));
    }
}
