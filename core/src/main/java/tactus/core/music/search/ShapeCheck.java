package tactus.core.music.search;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.ground.statement.Statement;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.ShapeFault.Kind;
import tactus.core.music.shape.Finger;
import tactus.core.music.shape.Fingering;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Voicing;

/** Finds what is wrong with shapes: notes that contradict the name, fingers that cannot be where they are said to be. */
public final class ShapeCheck {

    /** A chord of more notes than these may be without its root (common practice). */
    private static final int WITH_ROOT = 4;

    private final Tuning tuning;

    /** @param tuning the one that the names of shapes are meant in */
    public ShapeCheck(Tuning tuning) {
        this.tuning = tuning;
    }

    /** Compares the notes of {@code voicing} with those of {@code name}. */
    public Optional<ShapeFault> name(ChordName name, Voicing voicing) {
        if (isCalledRightly(name, voicing)) return Optional.empty();
        var tones = ChordTones.of(name);
        int mask = 0;
        for (int pitchClass : sounding(voicing)) mask |= 1 << pitchClass;
        Optional<Voicing> remedy = new NearestShape(tuning, name).to(voicing);
        List<Integer> foreign = foreign(voicing, tones);
        List<Statement> differences = differences(name, voicing, tones, mask, foreign);
        Statement sentence = remedy.map(
                        right -> Statement.of("shape.not-its-name", voicing, name, differences, name.notes(), right))
                .orElseGet(() -> Statement.of("shape.nothing-near", voicing, name, differences, name.notes()));
        return Optional.of(new ShapeFault(Kind.NOT_ITS_NAME, sentence, foreign, remedy));
    }

    /** Whether {@code voicing} sounds the notes of {@code name}, but for those that are often left out, over its bass. */
    public boolean isCalledRightly(ChordName name, Voicing voicing) {
        List<Integer> sounding = sounding(voicing);
        int mask = 0;
        for (int pitchClass : sounding) mask |= 1 << pitchClass;
        boolean bassRight = !name.isSlash()
                || !sounding.isEmpty() && sounding.getFirst() == name.bass().pitchClass();
        // Large chords are held without their root, which is how such a shape gets its name.
        int root =
                name.quality().degrees().size() > WITH_ROOT ? 1 << name.root().pitchClass() : 0;
        var tones = ChordTones.of(name);
        return bassRight && (tones.fits(mask) || tones.fits(mask | root));
    }

    /** Whether {@code voicing} keeps what a stand-in for {@code name} must keep, and sounds nothing foreign. */
    public boolean canStandIn(ChordName name, Voicing voicing) {
        int mask = 0;
        for (int pitchClass : sounding(voicing)) mask |= 1 << pitchClass;
        return isCalledRightly(name, voicing) || ChordTones.kept(name).fits(mask);
    }

    private List<Integer> sounding(Voicing voicing) {
        return voicing.pitchClasses(tuning, 0);
    }

    private List<Integer> foreign(Voicing voicing, ChordTones tones) {
        return played(voicing)
                .filter(string -> (tones.allowed() & 1 << pitchClass(voicing, string)) == 0)
                .boxed()
                .toList();
    }

    private List<Statement> differences(
            ChordName name, Voicing voicing, ChordTones tones, int mask, List<Integer> foreign) {
        var found = new ArrayList<Statement>();
        for (int string : foreign) {
            int fret = voicing.fret(string).orElseThrow();
            NoteName note = name.note(pitchClass(voicing, string));
            found.add(
                    fret == 0
                            ? Statement.of("shape.open-sounds", string, note)
                            : Statement.of("shape.fret-sounds", string, fret, note));
        }
        int missing = tones.needed() & ~mask;
        for (int pitchClass = 0; pitchClass < 12; pitchClass++) {
            if ((missing & 1 << pitchClass) != 0) found.add(Statement.of("shape.missing", name.note(pitchClass)));
        }
        if (found.isEmpty()) found.add(Statement.of("shape.not-lowest", name.bass()));
        return found;
    }

    private int pitchClass(Voicing voicing, int string) {
        return (tuning.string(string).number() + voicing.fret(string).orElseThrow()) % 12;
    }

    private static IntStream played(Voicing voicing) {
        return IntStream.iterate(voicing.strings(), string -> string >= 1, string -> string - 1)
                .filter(voicing::isPlayed);
    }

    /** Checks that a hand can hold {@code voicing}. */
    public List<ShapeFault> grip(Voicing voicing) {
        var faults = new ArrayList<ShapeFault>();
        Optional<Grip> grip = Grip.of(voicing, Neck.USUAL, FrettingHand.LARGEST);
        if (grip.isEmpty()) {
            faults.add(fault(Kind.TOO_WIDE, Statement.of("shape.no-hand", voicing), List.of()));
        }
        grip.ifPresent(held -> held.unquiet()
                .forEach(string -> faults.add(
                        fault(Kind.RINGS_ON, Statement.of("shape.rings-on", string, voicing), List.of(string)))));
        return faults;
    }

    /** Checks that {@code fingering} can hold {@code voicing}. */
    public static List<ShapeFault> fingers(Voicing voicing, Fingering fingering) {
        var faults = new ArrayList<ShapeFault>();
        Map<Finger, Set<Integer>> places = new EnumMap<>(Finger.class);
        for (int string = voicing.strings(); string >= 1; string--) {
            Set<Finger> here = fingering.fingers().get(voicing.strings() - string);
            int fret = voicing.fret(string).orElse(Voicing.NOT_PLAYED);
            misplaced(string, fret, here).ifPresent(faults::add);
            for (Finger finger : here)
                places.computeIfAbsent(finger, _ -> new TreeSet<>()).add(string);
        }
        places.forEach((finger, strings) -> across(voicing, finger, strings).ifPresent(faults::add));
        return faults;
    }

    private static Optional<ShapeFault> misplaced(int string, int fret, Collection<Finger> here) {
        if (here.size() > 1) {
            Statement sentence = Statement.of("shape.two-on-one", List.copyOf(new TreeSet<>(here)), string, fret);
            return Optional.of(fault(Kind.TWO_ON_ONE_SPOT, sentence, List.of(string)));
        }
        if (fret > 0 == !here.isEmpty()) return Optional.empty();
        Statement sentence =
                fret > 0 ? Statement.of("shape.no-finger", string, fret) : Statement.of("shape.idle-finger", string);
        return Optional.of(fault(Kind.FINGER_MISPLACED, sentence, List.of(string)));
    }

    private static Optional<ShapeFault> across(Voicing voicing, Finger finger, Set<Integer> strings) {
        Set<Integer> frets = strings.stream()
                .map(string -> voicing.fret(string).orElse(0))
                .collect(Collectors.toCollection(TreeSet::new));
        if (frets.size() > 1) {
            Statement sentence = Statement.of("shape.finger-twice", finger, List.copyOf(frets));
            return Optional.of(fault(Kind.FINGER_TWICE, sentence, List.copyOf(strings)));
        }
        int fret = frets.iterator().next();
        List<Integer> covered = IntStream.range(first(strings), last(strings))
                .filter(string ->
                        voicing.isPlayed(string) && voicing.fret(string).orElseThrow() < fret)
                .boxed()
                .toList();
        if (covered.isEmpty()) return beside(voicing, finger, strings, fret);
        int string = covered.getFirst();
        Statement sentence =
                Statement.of("shape.covered", string, voicing.fret(string).orElseThrow(), finger, fret);
        return Optional.of(fault(Kind.COVERED, sentence, covered));
    }

    /** A finger that is laid flat cannot bend away from a string that another one holds beside it (common practice). */
    private static Optional<ShapeFault> beside(Voicing voicing, Finger finger, Set<Integer> strings, int fret) {
        int next = first(strings) - 1;
        int held = next < 1 ? 0 : voicing.fret(next).orElse(0);
        if (strings.size() < 2 || held < 1 || held >= fret) return Optional.empty();
        Statement sentence = Statement.of("shape.beside", next, held, finger, fret);
        return Optional.of(fault(Kind.COVERED, sentence, List.of(next)));
    }

    private static int first(Set<Integer> strings) {
        return strings.stream().mapToInt(Integer::intValue).min().orElse(0);
    }

    private static int last(Set<Integer> strings) {
        return strings.stream().mapToInt(Integer::intValue).max().orElse(0);
    }

    private static ShapeFault fault(Kind kind, Statement sentence, List<Integer> strings) {
        return new ShapeFault(kind, sentence, strings, Optional.empty());
    }
}
