package tactus.core.shape;

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
import tactus.core.chord.ChordName;
import tactus.core.pitch.Tuning;
import tactus.core.shape.ShapeFault.Kind;

/** Finds what is wrong with shapes: notes that contradict the name, fingers that cannot be where they are said to be. */
public final class ShapeCheck {

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
        String sentence = voicing + " is not " + name + ": " + difference(name, voicing, tones, mask, foreign)
                + remedy.map(right -> " The nearest right shape is " + right + ".")
                        .orElse("");
        return Optional.of(new ShapeFault(Kind.NOT_ITS_NAME, sentence, foreign, remedy));
    }

    /** Whether {@code voicing} sounds the notes of {@code name}, but for those that are often left out, over its bass. */
    public boolean isCalledRightly(ChordName name, Voicing voicing) {
        List<Integer> sounding = sounding(voicing);
        int mask = 0;
        for (int pitchClass : sounding) mask |= 1 << pitchClass;
        boolean bassRight = !name.isSlash()
                || !sounding.isEmpty() && sounding.getFirst() == name.bass().pitchClass();
        return bassRight && ChordTones.of(name).fits(mask);
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

    private String difference(ChordName name, Voicing voicing, ChordTones tones, int mask, List<Integer> foreign) {
        var parts = new ArrayList<String>();
        for (int string : foreign) {
            int fret = voicing.fret(string).orElseThrow();
            parts.add("string " + string + (fret == 0 ? " open" : " at fret " + fret) + " sounds "
                    + name.note(pitchClass(voicing, string)));
        }
        int missing = tones.needed() & ~mask;
        for (int pitchClass = 0; pitchClass < 12; pitchClass++) {
            if ((missing & 1 << pitchClass) != 0) parts.add(name.note(pitchClass) + " is missing");
        }
        if (parts.isEmpty()) parts.add(name.bass() + " is not the lowest note");
        String notes = name.notes().stream().map(Object::toString).collect(Collectors.joining(" "));
        return String.join(", ", parts) + "; its notes are " + notes + ".";
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
            faults.add(fault(
                    Kind.TOO_WIDE, "no hand holds " + voicing + ": too many fingers, or too far apart.", List.of()));
        }
        grip.ifPresent(held -> held.unquiet()
                .forEach(string -> faults.add(fault(
                        Kind.RINGS_ON,
                        "string " + string + " of " + voicing
                                + " is left out between played ones, and no finger beside it can keep it quiet.",
                        List.of(string)))));
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
            String both = here.stream().map(Finger::word).collect(Collectors.joining(" and "));
            String sentence = both + " are both on string " + string + ", fret " + fret + ": leave one of them out.";
            return Optional.of(fault(Kind.TWO_ON_ONE_SPOT, sentence, List.of(string)));
        }
        if (fret > 0 == !here.isEmpty()) return Optional.empty();
        String sentence = fret > 0
                ? "string " + string + " is held at fret " + fret + ", and no finger is there."
                : "a finger is on string " + string + ", which is not held.";
        return Optional.of(fault(Kind.FINGER_MISPLACED, sentence, List.of(string)));
    }

    private static Optional<ShapeFault> across(Voicing voicing, Finger finger, Set<Integer> strings) {
        Set<Integer> frets = strings.stream()
                .map(string -> voicing.fret(string).orElse(0))
                .collect(Collectors.toCollection(TreeSet::new));
        if (frets.size() > 1) {
            String where = frets.stream().map(Object::toString).collect(Collectors.joining(" and "));
            String sentence =
                    finger.word() + " is used twice, at frets " + where + ": give one of them to another finger.";
            return Optional.of(fault(Kind.FINGER_TWICE, sentence, List.copyOf(strings)));
        }
        int fret = frets.iterator().next();
        List<Integer> covered = IntStream.range(first(strings), last(strings))
                .filter(string ->
                        voicing.isPlayed(string) && voicing.fret(string).orElseThrow() < fret)
                .boxed()
                .toList();
        if (covered.isEmpty()) return Optional.empty();
        String sentence = "string " + covered.getFirst() + " is said to sound at fret "
                + voicing.fret(covered.getFirst()).orElseThrow() + ", but lies under " + finger.word() + " at fret "
                + fret + ".";
        return Optional.of(fault(Kind.COVERED, sentence, covered));
    }

    private static int first(Set<Integer> strings) {
        return strings.stream().mapToInt(Integer::intValue).min().orElse(0);
    }

    private static int last(Set<Integer> strings) {
        return strings.stream().mapToInt(Integer::intValue).max().orElse(0);
    }

    private static ShapeFault fault(Kind kind, String sentence, List<Integer> strings) {
        return new ShapeFault(kind, sentence, strings, Optional.empty());
    }
}
