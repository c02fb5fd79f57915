package tactus.core.written.harmony;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Fingering;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.StringRange;
import tactus.core.music.shape.Voicing;
import tactus.core.patterns.picking.Held;

/**
 * A chord of a song: the name of its shape and how it is held.
 *
 * @param name as the teacher writes it, 1 to 24 characters; one of several shapes of a name has a label behind it: {@code
 *     D@up}
 * @param fingering the fingers the teacher asks for; if empty, any that hold it
 * @param strummed the strings that strokes reach, where not all that are held shall sound
 * @param moves fingers that move on it whatever is played; in the order of time afterwards
 * @param isOffered whether the program chose the shape and nobody has confirmed or changed it yet
 */
public record Chord(
        String name,
        Voicing voicing,
        Optional<Fingering> fingering,
        Optional<StringRange> strummed,
        List<ChordMove> moves,
        boolean isOffered) {

    /** The most characters of a name, and of a label. */
    public static final int LONGEST_NAME = 24;

    /** What stands between a name and its label. */
    public static final char LABELLED = '@';

    /** @throws Refusal if {@code name} is empty or too long, or the fingers are for other strings */
    public Chord {
        name = checkedName(name);
        Objects.requireNonNull(voicing);
        Objects.requireNonNull(strummed);
        moves = moves.stream().sorted(Comparator.comparing(ChordMove::after)).toList();
        fingering.filter(fingers -> fingers.strings() != voicing.strings()).ifPresent(fingers -> {
            throw new Refusal("chord.fingers-strings", fingers.strings(), voicing.strings());
        });
    }

    /** A chord held with any fingers and strummed over all that is held. */
    public Chord(String name, Voicing voicing) {
        this(name, voicing, Optional.empty(), Optional.empty());
    }

    /** A chord whose shape somebody has chosen. */
    public Chord(String name, Voicing voicing, Optional<Fingering> fingering, Optional<StringRange> strummed) {
        this(name, voicing, fingering, strummed, List.of(), false);
    }

    /** A chord whose shape the program offers. */
    public static Chord offered(String name, Voicing voicing) {
        return new Chord(name, voicing, Optional.empty(), Optional.empty(), List.of(), true);
    }

    /** The same with its shape as somebody's own choice. */
    public Chord confirmed() {
        return new Chord(name, voicing, fingering, strummed, moves, false);
    }

    /** The same as the program offers it. */
    public Chord offered() {
        return new Chord(name, voicing, fingering, strummed, moves, true);
    }

    /**
     * Returns {@code name} without surrounding spaces.
     *
     * @throws Refusal if it is empty, too long or has spaces inside, or its label is empty, too long or has other signs
     *     than letters, digits and hyphens
     */
    public static String checkedName(String name) {
        String whole = name.strip();
        String plain = plainName(whole);
        String shown = whole.length() <= 40 ? whole : whole.substring(0, 39) + "…";
        if (plain.isEmpty() || plain.length() > LONGEST_NAME || plain.contains(" ")) {
            throw new Refusal("chord.name-characters", shown);
        }
        label(whole)
                .filter(label -> !label.matches("[\\p{L}\\p{N}-]{1," + LONGEST_NAME + "}"))
                .ifPresent(_ -> {
                    throw new Refusal("chord.label-characters", shown);
                });
        return whole;
    }

    /** The name without its label: {@code D} for {@code D@up}. */
    public static String plainName(String name) {
        int sign = name.indexOf(LABELLED);
        return sign < 0 ? name : name.substring(0, sign);
    }

    /** The label of one of several shapes of a name: {@code up} for {@code D@up}; empty if it has none. */
    public static Optional<String> label(String name) {
        int sign = name.indexOf(LABELLED);
        return sign < 0 ? Optional.empty() : Optional.of(name.substring(sign + 1));
    }

    /** {@code plain} with the label that {@code like} has, if it has one. */
    public static String labelledAs(String like, String plain) {
        return label(like).map(label -> plain + LABELLED + label).orElse(plain);
    }

    /** How it is held: with the fingers that are asked for, or those that {@code hand} would take; empty if it cannot. */
    public Optional<Grip> grip(Neck neck, FrettingHand hand) {
        return fingering.map(fingers -> Grip.asked(voicing, fingers, neck)).or(() -> Grip.of(voicing, neck, hand));
    }

    /** How it is held by {@code hand}, or where that cannot by the largest; empty if no hand can. */
    public Optional<Grip> gripOfAnyHand(Neck neck, FrettingHand hand) {
        return grip(neck, hand).or(() -> grip(neck, FrettingHand.LARGEST));
    }

    /** As picking fingers see it; {@code tuning} is the one that names are meant in, with as many strings. */
    public Held held(Tuning tuning) {
        return new Held(voicing, meaning(), tuning);
    }

    /** What the name means; empty if it cannot be read. */
    public Optional<ChordName> meaning() {
        return meaning(name);
    }

    /** What the name of a chord means; empty if it cannot be read. */
    public static Optional<ChordName> meaning(String name) {
        return ChordName.find(plainName(name));
    }

    /** The same shape under another name. */
    public Chord withName(String other) {
        return new Chord(other, voicing, fingering, strummed, moves, isOffered);
    }

    /** Another shape; the fingers that were asked for belonged to the old one. */
    public Chord withVoicing(Voicing other) {
        return other.equals(voicing) ? this : new Chord(name, other, Optional.empty(), strummed, moves, false);
    }

    /** The same shape with other fingers, or any. */
    public Chord withFingering(Optional<Fingering> other) {
        return new Chord(name, voicing, other, strummed, moves, false);
    }

    /** The same shape strummed over other strings, or all that are held. */
    public Chord withStrummed(Optional<StringRange> other) {
        return new Chord(name, voicing, fingering, other, moves, false);
    }

    /** The same shape with other fingers that move on it. */
    public Chord withMoves(List<ChordMove> others) {
        return new Chord(name, voicing, fingering, strummed, others, false);
    }

    /** Whether the shape has as many strings as {@code tuning}. */
    public boolean fits(Tuning tuning) {
        return voicing.strings() == tuning.strings();
    }
}
