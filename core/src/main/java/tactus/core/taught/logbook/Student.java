package tactus.core.taught.logbook;

import java.text.Normalizer;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.shape.FrettingHand;

/**
 * Somebody who is taught.
 *
 * @param name 1 to {@value #LONGEST_NAME} characters of any script, different from all others, see {@link #isSame}
 * @param since the day of the first lesson
 * @param span how far the hand reaches from the first to the fourth finger, in millimetres, where it was measured
 * @param note what else the teacher keeps in mind
 */
public record Student(String name, LocalDate since, Optional<Integer> span, String note) implements Entry {

    public static final int LONGEST_NAME = 80;
    static final int LONGEST_NOTE = 4_000;
    private static final int NARROWEST = 60;
    private static final int WIDEST = 180;

    /** @throws Refusal if the name or the note is too long, or the hand is none */
    public Student {
        name = checkedName(name);
        Objects.requireNonNull(since);
        if (span.isPresent() && (span.get() < NARROWEST || span.get() > WIDEST))
            throw new Refusal("log.span", span.get(), NARROWEST, WIDEST);
        note = note.strip();
        if (note.length() > LONGEST_NOTE) throw new Refusal("log.text", LONGEST_NOTE);
    }

    /** @throws Refusal if {@code text} is no name of a student */
    public static String checkedName(String text) {
        String name = text.strip();
        boolean hasControl = name.chars().anyMatch(Character::isISOControl);
        if (name.isEmpty() || name.codePointCount(0, name.length()) > LONGEST_NAME || hasControl)
            throw new Refusal("log.name", LONGEST_NAME);
        return name;
    }

    /**
     * Whether two names are those of one student: capitals, the width of spaces and how signs are put together (Unicode NFKC) tell
     * nobody apart.
     */
    public static boolean isSame(String name, String other) {
        return plain(name).equals(plain(other));
    }

    /** {@code name} as it is compared. */
    static String plain(String name) {
        String spaced = Normalizer.normalize(name, Normalizer.Form.NFKC).strip().replaceAll("\\s+", " ");
        // Some letters have no capital of their own, as a German sharp s.
        return spaced.toUpperCase(Locale.ROOT).toLowerCase(Locale.ROOT);
    }

    /** The hand that shapes are made for. */
    public FrettingHand hand() {
        return span.map(reach -> new FrettingHand(reach, false)).orElse(FrettingHand.USUAL);
    }

    @Override
    public String student() {
        return name;
    }

    @Override
    public LocalDate day() {
        return since;
    }

    @Override
    public Student withStudent(String other) {
        return new Student(other, since, span, note);
    }
}
