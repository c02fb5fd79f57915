package tactus.core.patterns.picking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Role;
import tactus.core.patterns.picking.Plucked.Remark;

/**
 * The thumb's other bass: a chord note on another low string, the fifth before any other, near the root, and by moving
 * a finger only where nothing else is left (common practice; the weights are ours).
 */
final class AlternateBass {

    private static final double NOT_FIFTH = 1;
    private static final double SAME_NOTE = 1.5;
    private static final double OPEN_BESIDE_SHAPE = 1.2;
    private static final double FINGER_MOVES = 2.2;
    private static final double ABOVE_BASS_STRINGS = 0.5;
    private static final double FAR = 0.25;

    private final Held held;
    private final int tones;
    private final OptionalInt fifth;
    private final int root;
    private final int lowestFinger;

    private record Choice(Plucked plucked, double cost) {}

    AlternateBass(Held held, int tones, int root, int lowestFinger) {
        this.held = held;
        this.tones = tones;
        fifth = held.fifth();
        this.root = root;
        this.lowestFinger = lowestFinger;
    }

    Plucked find() {
        var choices = new ArrayList<Choice>();
        for (int string = held.strings(); string > lowestFinger; string--) {
            if (string != root) choices.addAll(choices(string));
        }
        return choices.stream()
                .min(Comparator.comparingDouble(Choice::cost))
                .map(Choice::plucked)
                .orElseGet(() ->
                        plucked(Math.max(root, 1), held.fret(Math.max(root, 1)).orElse(0), Set.of(Remark.SHARED)));
    }

    private List<Choice> choices(int string) {
        OptionalInt fret = held.fret(string);
        if (fret.isPresent() && belongs(string, fret.getAsInt())) {
            return List.of(choice(string, fret.getAsInt(), 0, Set.of()));
        }
        if (fret.isEmpty() && belongs(string, 0)) {
            return List.of(choice(string, 0, OPEN_BESIDE_SHAPE, Set.of()));
        }
        return moved(string);
    }

    private boolean belongs(int string, int fret) {
        return (tones & 1 << held.pitchClass(string, fret)) != 0;
    }

    /** The finger of a neighbour string moves over, at most one fret up or down the neck. */
    private List<Choice> moved(int string) {
        var choices = new ArrayList<Choice>();
        for (int neighbour : new int[] {string - 1, string + 1}) {
            if (neighbour < 1 || neighbour > held.strings()) continue;
            int from = held.fret(neighbour).orElse(0);
            for (int fret = Math.max(1, from - 1); from > 0 && fret <= from + 1; fret++) {
                boolean isFifth = fifth.equals(OptionalInt.of(held.pitchClass(string, fret)));
                double far = Math.abs(fret - from) * FAR;
                if (isFifth) choices.add(choice(string, fret, FINGER_MOVES + far, Set.of(Remark.FINGER_MOVES)));
            }
        }
        return choices;
    }

    private Choice choice(int string, int fret, double cost, Set<Remark> remarks) {
        int pitchClass = held.pitchClass(string, fret);
        boolean isFifth = fifth.equals(OptionalInt.of(pitchClass));
        boolean rootNote = held.name()
                .filter(name -> name.root().pitchClass() == pitchClass)
                .isPresent();
        double note = isFifth ? 0 : rootNote ? SAME_NOTE : NOT_FIFTH;
        double high = string <= held.strings() / 2 ? ABOVE_BASS_STRINGS : 0;
        double far = FAR * (Math.abs(string - root) - 1);
        return new Choice(plucked(string, fret, remarks), cost + note + high + far);
    }

    private static Plucked plucked(int string, int fret, Set<Remark> remarks) {
        return new Plucked(new Pick.ByRole(Role.ALTERNATE_BASS), string, fret, remarks);
    }
}
