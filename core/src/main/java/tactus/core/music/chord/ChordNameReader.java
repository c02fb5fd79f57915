package tactus.core.music.chord;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.pitch.NoteSchool;

/** Reads the name of a chord, part by part. */
final class ChordNameReader {

    private static final String MAJOR = "(?:Major|major|MAJ|Maj|maj|Ma(?!dd)|ma(?!dd)|M|\\^|Δ|∆|△)";

    /** What stands for nothing but itself, the longest first where one begins another. */
    private static final List<Map.Entry<Pattern, Consumer<QualityReading>>> WORDS = List.of(
            word("(?i)sus ?2[/ ]?(?:sus ?)?4|sus ?4[/ ]?(?:sus ?)?2|sus4add[29]|sus2add4", reading -> {
                reading.suspended(Degree.TWO);
                reading.suspended(Degree.FOUR);
            }),
            word("(?i)sus(?:pended)? ?2", reading -> reading.suspended(Degree.TWO)),
            word("(?i)sus(?:pended)?(?: ?4)?", reading -> reading.suspended(Degree.FOUR)),
            word("phryg", reading -> {
                reading.number(7);
                reading.suspended(Degree.FOUR);
                reading.add(Degree.FLAT_NINE);
            }),
            word("quartal", reading -> {
                reading.minor();
                reading.number(7);
                reading.add(Degree.ELEVEN);
                reading.omit(5);
            }),
            word("(?i:half-?dim(?:inished)?7?)|[øØ]7?|h7?(?![a-z])", QualityReading::halfDiminished),
            word("(?i:dim(?:inished)?\\.?)|°|º|o|0(?![0-9])", QualityReading::diminished),
            word("(?i)aug(?:mented)?\\.?", QualityReading::augmented),
            word("(?i)alt(?:ered)?\\.?7?", QualityReading::altered),
            word("dom(?:inant)?7?", reading -> reading.number(7)),
            word("[Mm]inor|[Mm]in\\.?|MIN|[Mm]i(?!n)|m(?!aj|a(?!dd|ug|lt))", QualityReading::minor),
            word("add" + MAJOR + "7", QualityReading::addMajorSeventh),
            word("(?:j|" + MAJOR + ")(?=[ (]*(?:7|9|11|13))", QualityReading::major),
            word(MAJOR + "(?=[#♯](?:4|11))|[\\^Δ∆△]", QualityReading::majorSeventh),
            word(MAJOR, _ -> {}));

    private static final Pattern ADDED =
            Pattern.compile("(?:(?i:add(?:ed)?)|/) ?([#♯b♭+-]?)(13|11|9|7|6|4|3|2)(?!\\d)");
    private static final Pattern OMITTED = Pattern.compile("(?i)-?(?:omit|no) ?(1|root|3|5|9)(?:rd|th|st)?");
    private static final Pattern ALTERED = Pattern.compile("([#♯b♭+−-])(13|11|9|7|6|5|4|3|2)(?!\\d)");
    private static final Pattern NUMBER = Pattern.compile("6/?9|9/?6|13|11|9|7|6|5|4|2");

    private final String text;
    private final NoteSchool school;
    private final QualityReading reading = new QualityReading();
    private final int start;
    private int at;
    private int brackets;

    private ChordNameReader(String text, NoteSchool school) {
        this.text = text;
        this.school = school;
        start = NoteName.lengthIn(text, 0, school);
        at = start;
    }

    private static Map.Entry<Pattern, Consumer<QualityReading>> word(String form, Consumer<QualityReading> effect) {
        return Map.entry(Pattern.compile(form), effect);
    }

    /** The name that is written, or why it is none; that is asked for only where it is said, since near names are looked for. */
    record Read(Optional<ChordName> name, Supplier<NotationException> why) {

        private static Read slip(Supplier<NotationException> why) {
            return new Read(Optional.empty(), why);
        }

        private static Read slip(String code, String text, int index, Object... values) {
            return slip(() -> new NotationException(code, text, index, values));
        }
    }

    static Read read(String typed, NoteSchool school) {
        String text = typed.strip();
        if (text.isEmpty()) return Read.slip("chord-name-reader.empty-write", typed, 0);
        if (text.length() > ChordName.LONGEST) {
            return Read.slip(
                    "chord-name-reader.characters-most", typed, ChordName.LONGEST, text.length(), ChordName.LONGEST);
        }
        var reader = new ChordNameReader(text, school);
        return reader.start == 0 ? Read.slip(() -> NearestNames.noRoot(text, school)) : reader.read();
    }

    private Read read() {
        NoteName root = NoteName.at(text, 0, school);
        while (at < text.length()) {
            if (isBass()) return withBass(root);
            if (!readPart()) return Read.slip(() -> NearestNames.unreadable(text, at, school));
        }
        return named(root, root);
    }

    private Read named(NoteName root, NoteName bass) {
        if (brackets != 0) return Read.slip("chord-name-reader.bracket-without", text, text.length());
        var name = new ChordName(root, reading.quality(), bass);
        return new Read(Optional.of(name), () -> new NotationException("chord-name-reader.empty-write", text, 0));
    }

    private boolean isBass() {
        if (text.charAt(at) != '/' && text.charAt(at) != '\\') return false;
        int from = afterSpaces(at + 1);
        return from < text.length() && Character.isLetter(text.charAt(from)) && !startsWithWord(from);
    }

    private int afterSpaces(int index) {
        int after = index;
        while (after < text.length() && text.charAt(after) == ' ') after++;
        return after;
    }

    private boolean startsWithWord(int index) {
        return NoteName.lengthIn(text, index, school) == 0
                && text.substring(index).matches("(?:ma|Ma|M|m|sus|add|no|omit).*");
    }

    private Read withBass(NoteName root) {
        int from = afterSpaces(at + 1);
        int length = NoteName.lengthIn(text, from, school);
        if (length == 0 || from + length < text.length())
            return Read.slip(() -> NearestNames.noBass(text, from, school));
        NoteName bass = NoteName.at(text, from, school);
        if (bass.pitchClass() != root.pitchClass()) return named(root, bass);
        String plain = text.substring(0, at).strip();
        return bass.equals(root)
                ? Read.slip("chord-name-reader.root-as-bass", text, from, plain)
                : Read.slip("chord-name-reader.root-in-bass", text, from, text.substring(from), plain);
    }

    private boolean readPart() {
        char next = text.charAt(at);
        if (next == ' ' || next == ',' || next == '_') return skip(1);
        if (next == '(' || next == '[') {
            brackets++;
            return skip(1);
        }
        if (next == ')' || next == ']') return --brackets >= 0 && skip(1);
        return readAdded() || readOmitted() || readSign() || readWord() || readNumber() || readSlash();
    }

    private boolean readSlash() {
        return text.charAt(at) == '/' && at + 1 < text.length() && startsWithWord(at + 1) && skip(1);
    }

    private boolean skip(int count) {
        at += count;
        return true;
    }

    private Matcher match(Pattern pattern) {
        Matcher matcher = pattern.matcher(text).region(at, text.length());
        matcher.useTransparentBounds(true);
        return matcher.lookingAt() ? matcher : null;
    }

    private boolean readAdded() {
        Matcher added = match(ADDED);
        if (added == null) return false;
        int place = Integer.parseInt(added.group(2));
        int sign = sign(added.group(1));
        if (sign != 0) reading.alter(place, sign);
        else addPlain(place);
        at = added.end();
        return true;
    }

    private void addPlain(int place) {
        switch (place) {
            case 2, 9 -> reading.add(Degree.NINE);
            case 3 -> reading.add(Degree.THREE);
            case 4, 11 -> reading.add(Degree.ELEVEN);
            case 6 -> reading.add(Degree.SIX);
            case 13 -> reading.add(reading.hasNumber() ? Degree.THIRTEEN : Degree.SIX);
            default -> reading.addSeventh();
        }
    }

    private boolean readOmitted() {
        Matcher omitted = match(OMITTED);
        if (omitted == null) return false;
        reading.omit(omitted.group(1).equals("root") ? 1 : Integer.parseInt(omitted.group(1)));
        at = omitted.end();
        return true;
    }

    /** Sharps and flats before a number; a plus or minus alone says augmented or minor. */
    private boolean readSign() {
        Matcher altered = match(ALTERED);
        char sign = text.charAt(at);
        boolean first = at == start;
        if (altered != null && !(first && isKind(sign, altered.group(2)))) {
            reading.alter(Integer.parseInt(altered.group(2)), sign(altered.group(1)));
            at = altered.end();
            return true;
        }
        if (sign == '+') {
            reading.augmented();
            return skip(1);
        }
        if (sign == '-' || sign == '−' || sign == '–') {
            reading.minor();
            return skip(1);
        }
        return false;
    }

    /** {@code C-7} is minor and {@code C+7} augmented, but {@code C-5} has a flat fifth and {@code C+5} a sharp one. */
    private static boolean isKind(char sign, String place) {
        return (sign == '+' || sign == '-' || sign == '−') && !place.equals("5");
    }

    private static int sign(String sign) {
        return switch (sign) {
            case "#", "♯", "+" -> 1;
            case "b", "♭", "-", "−" -> -1;
            default -> 0;
        };
    }

    private boolean readWord() {
        for (var word : WORDS) {
            Matcher matcher = match(word.getKey());
            if (matcher == null || matcher.end() == at) continue;
            word.getValue().accept(reading);
            at = matcher.end();
            return true;
        }
        if (text.charAt(at) == 'A' && at > start && text.substring(start, at).endsWith("11")) {
            reading.augmented();
            return skip(1);
        }
        return false;
    }

    private boolean readNumber() {
        Matcher number = match(NUMBER);
        if (number == null) return false;
        String read = number.group();
        boolean first = !reading.hasNumber();
        switch (read) {
            case "6/9", "69", "9/6", "96" -> {
                reading.add(Degree.SIX);
                reading.add(Degree.NINE);
            }
            case "7" -> reading.number(7);
            case "9", "11", "13" -> stackOrAdd(Integer.parseInt(read), first);
            case "6" -> reading.add(Degree.SIX);
            case "5" -> {
                if (at != start) return false;
                reading.power();
            }
            case "4" -> {
                if (at == start) reading.suspended(Degree.FOUR);
                else reading.add(Degree.ELEVEN);
            }
            default -> reading.add(Degree.NINE);
        }
        at = number.end();
        return true;
    }

    /** A first number stacks thirds up to it; in brackets, or after another, it is a note more. */
    private void stackOrAdd(int place, boolean first) {
        boolean bracketed = brackets > 0 && !text.substring(0, at).matches(".*(?i:maj?|m|\\^|Δ)");
        if (first && !bracketed) reading.number(place);
        else addPlain(place);
    }
}
