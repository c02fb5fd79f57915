package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Touch;

/**
 * A picking figure said by its strings or fingers: {@code (5 1) 3 2 (4 1) 3 2}, {@code p i m a}, {@code T 1 2 3}. Numbers
 * that only rise from 1 are counts and no strings.
 */
final class PickedLine {

    private static final Pattern SIGN = Pattern.compile("\\d+:\\d+|\\d+|[A-Za-z]|[^\\s,|]");
    private static final Pattern SINGLE = Pattern.compile("[A-Za-z0-9]|[^\\s,|]");
    private static final Pattern LETTERS =
            Pattern.compile("[\\s,|()pqima-]*[pim][\\s,|()pqima-]*|[\\s,|()PQIMA-]*[PIM][\\s,|()PQIMA-]*");
    private static final Pattern NUMBERED = Pattern.compile("[\\s,|()Tq1-4-]*T[\\s,|()Tq1-4-]*");
    private static final Pattern STRINGS = Pattern.compile("[\\s,|()0-9:-]*[0-9][\\s,|()0-9:-]*");
    private static final Pattern MIXED = Pattern.compile("[\\s,|()pqima0-9:-]*");
    private static final Pattern FINGER = Pattern.compile("[pqim]");
    private static final Map<String, Role> NUMBERED_ROLES = Map.of(
            "T", Role.ROOT_BASS,
            "q", Role.ALTERNATE_BASS,
            "1", Role.INDEX,
            "2", Role.MIDDLE,
            "3", Role.RING);

    private final String text;
    private final Doubts doubts;
    private final boolean hasSlots;
    private final boolean numbered;
    private final List<SpokenStroke> strokes = new ArrayList<>();
    private final List<Pick> pinch = new ArrayList<>();
    private int open = -1;

    private PickedLine(String text, Doubts doubts) {
        this.text = text;
        this.doubts = doubts;
        hasSlots = Hyphens.areSlots(text);
        numbered = NUMBERED.matcher(text).matches();
    }

    static boolean isOne(String text) {
        return LETTERS.matcher(text).matches()
                || NUMBERED.matcher(text).matches()
                || STRINGS.matcher(text).matches() && !isCounts(text)
                || isMixed(text);
    }

    /** The thumb by its letter and strings by their numbers: {@code p 4 3 2}. */
    private static boolean isMixed(String text) {
        return MIXED.matcher(text).matches()
                && FINGER.matcher(text).find()
                && text.chars().anyMatch(Character::isDigit)
                && !isCounts(text);
    }

    /** Whether the numbers only rise, from 1 in each bar, as counts do. */
    private static boolean isCounts(String text) {
        if (text.contains(":")) return false;
        int last = 0;
        for (String number : text.replaceAll("[^0-9]+", " ").strip().split(" ")) {
            int value = number.length() > 3 ? 0 : Integer.parseInt(number);
            if (value <= last && value != 1) return false;
            last = value;
        }
        return text.matches("[^0-9]*0*1\\b.*");
    }

    /** @throws NotationException if a bracket stays open or a string or finger cannot be */
    static Dictation read(String text, Doubts doubts) {
        var line = new PickedLine(text, doubts);
        Matcher sign = (line.numbered ? SINGLE : SIGN).matcher(text);
        while (sign.find()) line.read(sign.group(), sign.start());
        if (line.open >= 0) throw new NotationException("picked-line.bracket-closed", text, line.open);
        if (line.strokes.isEmpty()) throw new NotationException("picked-line.plucks-nothing", text, 0);
        DictationReader.checkNumber(line.strokes, text);
        return new Dictation(text, line.strokes, List.of());
    }

    private void read(String sign, int index) {
        switch (sign) {
            case "(" -> {
                if (open >= 0) throw new NotationException("picked-line.bracket-inside", text, index);
                open = index;
            }
            case ")" -> close(index);
            case "-" -> {
                if (isSlot(index)) strokes.add(SpokenStroke.of(Miss.MISS, Optional.empty(), index));
            }
            default -> {
                if (open >= 0) pinch.add(pick(sign, index));
                else pluck(List.of(pick(sign, index)), index);
            }
        }
    }

    /** Whether nothing is plucked there; a hyphen in brackets joins, as each does that stands between two signs may do. */
    private boolean isSlot(int index) {
        return open < 0 && (hasSlots || doubts.isFirst(Doubt.HYPHEN, Hyphens.around(text, index)));
    }

    private void close(int index) {
        if (open < 0) throw new NotationException("picked-line.closes-bracket", text, index);
        pluck(pinch, open);
        pinch.clear();
        open = -1;
    }

    private void pluck(List<Pick> picks, int index) {
        strokes.add(SpokenStroke.of(pinched(picks, text, index), Optional.empty(), index));
    }

    /** Strings that are plucked at once. */
    static Pluck pinched(List<Pick> picks, String text, int index) {
        try {
            return new Pluck(picks, Touch.PLAIN, Force.PLAIN);
        } catch (Refusal wrong) {
            throw new NotationException("picked-line.impossible", text, index, wrong.reason());
        }
    }

    private Pick pick(String sign, int index) {
        Optional<Role> role = numbered
                ? Optional.ofNullable(NUMBERED_ROLES.get(sign))
                : Role.of(sign.toLowerCase(Locale.ROOT).charAt(0));
        if (role.isPresent()) return new Pick.ByRole(role.get());
        if (numbered) throw new NotationException("picked-line.finger-called", text, index, sign);
        return string(text, sign, index);
    }

    /** {@code 5} or {@code 5:3}. */
    static Pick string(String text, String sign, int index) {
        String[] parts = sign.split(":");
        boolean numbers = sign.matches("\\d{1,3}(?::\\d{1,3})?");
        if (!numbers) throw new NotationException("picked-line.string-strings", text, index, sign);
        try {
            int string = Integer.parseInt(parts[0]);
            return parts.length == 1 ? new Pick.OnString(string) : new Pick.Fretted(string, Integer.parseInt(parts[1]));
        } catch (Refusal wrong) {
            throw new NotationException("picked-line.string-strings", text, index, sign);
        }
    }
}
