package tactus.core.music.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Pitch;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.time.Quantity;

/**
 * A fret or "not played" for each string: {@code x32010} is the usual C. Frets are counted from the capo.
 *
 * @param frets from the lowest-sounding string to the highest; {@link #NOT_PLAYED} or 0 to 24
 */
public record Voicing(List<Integer> frets) {

    public static final int NOT_PLAYED = -1;
    public static final int HIGHEST_FRET = 24;

    private static final Pattern COMPACT = Pattern.compile("[xX0-9]+");
    private static final Pattern SPREAD = Pattern.compile("[xX]|\\d{1,3}");

    /** @throws Refusal if there are no strings, more than 12, or a fret is outside its range */
    public Voicing {
        frets = List.copyOf(frets);
        if (frets.isEmpty() || frets.size() > 12) {
            throw new Refusal("voicing.shape-strings", frets.size());
        }
        for (int fret : frets) {
            if (fret < NOT_PLAYED || fret > HIGHEST_FRET) {
                throw new Refusal("voicing.fret-x", HIGHEST_FRET, fret);
            }
        }
    }

    /**
     * Reads {@code x32010}, or with hyphens where a fret has two digits: {@code x-10-12-12-12-10}.
     *
     * @throws NotationException if the text is no shape
     */
    public static Voicing parse(String text) {
        String plain = text.strip();
        var parts = plain.contains("-") ? plain.split("-", -1) : plain.split("");
        if (!plain.contains("-") && !COMPACT.matcher(plain).matches()) {
            throw new NotationException("voicing.unread", text, NotationException.stop(COMPACT, plain));
        }
        var frets = new ArrayList<Integer>();
        for (String part : parts) frets.add(fret(part, text));
        try {
            return new Voicing(frets);
        } catch (Refusal wrong) {
            throw new NotationException("voicing.impossible", text, impossible(parts, text), wrong.reason());
        }
    }

    /** The fret that is too high; the end if there are too many strings. */
    private static int impossible(String[] parts, String text) {
        int at = 0;
        for (String part : parts) {
            at = text.indexOf(part, at);
            if (part.matches("\\d+") && Integer.parseInt(part) > HIGHEST_FRET) return at;
            at += part.length();
        }
        return text.length();
    }

    private static int fret(String part, String text) {
        if (!SPREAD.matcher(part).matches()) {
            throw new NotationException("voicing.fret", text, Math.max(0, text.indexOf(part)), part);
        }
        return part.equalsIgnoreCase("x") ? NOT_PLAYED : Integer.parseInt(part);
    }

    /** How many strings the instrument has. */
    public int strings() {
        return frets.size();
    }

    /** The fret on {@code string}, from 1, the highest-sounding; empty if it is not played. */
    public OptionalInt fret(int string) {
        int fret = frets.get(frets.size() - string);
        return fret == NOT_PLAYED ? OptionalInt.empty() : OptionalInt.of(fret);
    }

    /** Whether {@code string}, from 1, the highest-sounding, is played. */
    public boolean isPlayed(int string) {
        return frets.get(frets.size() - string) != NOT_PLAYED;
    }

    /** Whether no string is played open, so that the shape can be moved along the neck. */
    public boolean isMovable() {
        return frets.stream().noneMatch(fret -> fret == 0) && frets.stream().anyMatch(fret -> fret > 0);
    }

    /**
     * What sounds with a capo at {@code capo}, from the lowest-numbered place on the neck; doubled strings count once.
     *
     * @throws Refusal if the tuning has another number of strings or a fret lies beyond the neck
     */
    public List<Pitch> pitches(Tuning tuning, int capo) {
        if (tuning.strings() != strings()) {
            throw new Refusal(
                    "voicing.shape-tuning", this, Quantity.of(Quantity.Unit.STRING, strings()), tuning.strings());
        }
        if (frets.stream().anyMatch(fret -> fret + capo > HIGHEST_FRET)) {
            throw new Refusal("voicing.capo-shape", capo, this, HIGHEST_FRET);
        }
        return IntStream.range(0, strings())
                .filter(i -> frets.get(i) != NOT_PLAYED)
                .mapToObj(i -> tuning.open().get(i).plus(capo + frets.get(i)))
                .toList();
    }

    /** The notes that sound, the lowest first; each once. */
    public List<Integer> pitchClasses(Tuning tuning, int capo) {
        return pitches(tuning, capo).stream()
                .sorted()
                .map(Pitch::pitchClass)
                .distinct()
                .toList();
    }

    /**
     * The shape with frets counted from the capo, where this one counts them from the nut; a string at the capo's fret is
     * open.
     *
     * @throws Refusal if a finger lies behind the capo
     */
    public Voicing fromNut(int capo) {
        for (int string = strings(); string >= 1; string--) {
            int fret = fret(string).orElse(capo);
            if (fret != 0 && fret < capo) {
                throw new Refusal("voicing.string-held", string, fret, capo);
            }
        }
        return new Voicing(frets.stream()
                .map(fret -> fret == NOT_PLAYED ? NOT_PLAYED : Math.max(0, fret - capo))
                .toList());
    }

    /** Whether every string it plays is played at the same fret by {@code other}, which may play more. */
    public boolean isPartOf(Voicing other) {
        return strings() == other.strings()
                && IntStream.range(0, strings())
                        .allMatch(
                                i -> frets.get(i) == NOT_PLAYED || frets.get(i).equals(other.frets.get(i)));
    }

    /** The shape with {@code string}, from 1, held at {@code fret}, or {@link #NOT_PLAYED}. */
    public Voicing with(int string, int fret) {
        var changed = new ArrayList<>(frets);
        changed.set(frets.size() - string, fret);
        return new Voicing(changed);
    }

    /** Returns the shape as {@link #parse} reads it. */
    @Override
    public String toString() {
        boolean compact = frets.stream().allMatch(fret -> fret < 10);
        return String.join(
                compact ? "" : "-",
                frets.stream()
                        .map(fret -> fret == NOT_PLAYED ? "x" : fret.toString())
                        .toList());
    }
}
