package tactus.core.music.pitch;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;

/**
 * The pitch of each open string. Where strings are doubled, as on a guitar with twelve, a pair is one string to the hand.
 *
 * @param open from the lowest-numbered place on the neck to the highest-sounding string, 1 to 12 of them, C0 to E6
 * @param partners the second string of each pair, as many as {@code open}; empty where strings are single
 */
public record Tuning(List<Pitch> open, List<Pitch> partners) {

    public static final int MOST_STRINGS = 12;

    private static final Pattern WORD = Pattern.compile("[^\\s,-]+");
    private static final Key C = new Key(0, false);
    private static final Pitch LOWEST = Pitch.parse("C0");
    private static final Pitch HIGHEST = Pitch.parse("E6");

    /** E A D G B E. */
    public static final Tuning STANDARD = parse("E2 A2 D3 G3 B3 E4");

    /** @throws Refusal if there is no string or more than 12, or a pitch no string is tuned to */
    public Tuning {
        open = List.copyOf(open);
        partners = List.copyOf(partners);
        if (open.isEmpty() || open.size() > MOST_STRINGS) {
            throw new Refusal("tuning.strings", open.size());
        }
        if (!partners.isEmpty() && partners.size() != open.size()) {
            throw new Refusal("tuning.either-every");
        }
        open.forEach(Tuning::check);
        partners.forEach(Tuning::check);
    }

    /** A tuning without doubled strings. */
    public Tuning(List<Pitch> open) {
        this(open, List.of());
    }

    private static void check(Pitch pitch) {
        if (!isPossible(pitch)) {
            throw new Refusal("tuning.open-string", pitch);
        }
    }

    private static boolean isPossible(Pitch pitch) {
        return pitch.compareTo(LOWEST) >= 0 && pitch.compareTo(HIGHEST) <= 0;
    }

    /**
     * Reads {@code E2 A2 D3 G3 B3 E4}, pairs as {@code E2:E3}. Without octaves, {@code D-A-D-F#-A-D}, each string of six
     * is taken as near as can be to the usual one, and of other numbers as in the common tuning with those notes.
     *
     * @throws NotationException if a note cannot be read
     */
    public static Tuning parse(String text) {
        String[] parts = text.strip().split("[\\s,-]+");
        if (parts[0].isEmpty()) throw new NotationException("tuning.names-string", text, 0);
        if (Arrays.stream(parts).noneMatch(part -> part.matches(".*\\d.*"))) return OpenNotes.tuning(parts, text);
        var open = new ArrayList<Pitch>();
        var partners = new ArrayList<Pitch>();
        for (String part : parts) {
            String[] pair = part.split(":", -1);
            open.add(pitch(pair[0], text));
            if (pair.length > 1) partners.add(pitch(pair[1], text));
        }
        return checked(open, partners, text);
    }

    private static Pitch pitch(String part, String text) {
        try {
            return Pitch.parse(part);
        } catch (NotationException wrong) {
            throw new NotationException("tuning.pitch-e", text, Math.max(0, text.indexOf(part)), part);
        }
    }

    static Tuning checked(List<Pitch> open, List<Pitch> partners, String text) {
        try {
            return new Tuning(open, partners);
        } catch (Refusal wrong) {
            throw new NotationException("tuning.impossible", text, impossible(open, text), wrong.reason());
        }
    }

    /** The pitch that no string is tuned to; the end if it is about their number or their partners. */
    private static int impossible(List<Pitch> open, String text) {
        var words = WORD.matcher(text);
        for (Pitch pitch : open) {
            if (words.find() && !isPossible(pitch)) return words.start();
        }
        return text.length();
    }

    /** How many strings the hand feels; doubled ones are one. */
    public int strings() {
        return open.size();
    }

    /** The open pitch of {@code string}, from 1, the highest-sounding. */
    public Pitch string(int string) {
        return open.get(open.size() - string);
    }

    /** Every string {@code semitones} higher, or lower if negative. */
    public Tuning plus(int semitones) {
        return new Tuning(moved(open, semitones), moved(partners, semitones));
    }

    private static List<Pitch> moved(List<Pitch> pitches, int semitones) {
        return pitches.stream().map(pitch -> pitch.plus(semitones)).toList();
    }

    /** How many semitones each string lies above that of {@code other}, which has as many; negative below. */
    public List<Integer> semitonesAbove(Tuning other) {
        return IntStream.range(0, strings())
                .mapToObj(i -> open.get(i).number() - other.open.get(i).number())
                .toList();
    }

    /** The usual tuning of an instrument with as many strings: what its strings are made for. */
    public Tuning usual() {
        Predicate<Tuning> alike = each -> each.strings() == strings() && each.partners.isEmpty() == partners.isEmpty();
        return CommonTuning.all().stream()
                .filter(CommonTuning::isUsual)
                .map(CommonTuning::tuning)
                .filter(alike)
                .min(Comparator.comparing((Tuning made) -> !made.equals(this))
                        .thenComparing(this::isTightenedAgainst)
                        .thenComparingInt(this::distance))
                .orElse(this);
    }

    private boolean isTightenedAgainst(Tuning made) {
        return semitonesAbove(made).stream().anyMatch(semitones -> semitones > 0);
    }

    private int distance(Tuning other) {
        return semitonesAbove(other).stream().mapToInt(Math::abs).sum();
    }

    /** The note of {@code string}'s open pitch without its octave, spelled as those of the other strings are. */
    public String note(int string) {
        return spelling().name(string(string).pitchClass(), C).toString();
    }

    /** The same in the letters of {@code school}; empty where there is no such string. */
    public String note(int string, NoteSchool school) {
        return string > strings() ? "" : school.written(NoteName.parse(note(string)));
    }

    /** Sharps or flats for all, whichever lie closer together on the line of fifths: E B E G# B E, but Eb Ab Db. */
    private Spelling spelling() {
        return spread(Spelling.SHARPS) < spread(Spelling.FLATS) ? Spelling.SHARPS : Spelling.FLATS;
    }

    private int spread(Spelling spelling) {
        var places = open.stream()
                .mapToInt(pitch -> spelling.name(pitch.pitchClass(), C).fifths())
                .summaryStatistics();
        return places.getMax() - places.getMin();
    }

    /** The notes without octaves, as a tuning is usually said: {@code E A D G B E}. */
    public String notes() {
        return IntStream.iterate(strings(), string -> string >= 1, string -> string - 1)
                .mapToObj(this::note)
                .collect(Collectors.joining(" "));
    }

    @Override
    public String toString() {
        return IntStream.range(0, strings())
                .mapToObj(i -> text(open.get(i)) + (partners.isEmpty() ? "" : ":" + text(partners.get(i))))
                .collect(Collectors.joining(" "));
    }

    private String text(Pitch pitch) {
        return spelling().name(pitch.pitchClass(), C).toString() + pitch.octave();
    }
}
