package tactus.core.music.shape;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tactus.core.ground.refusal.NotationException;

/**
 * Which finger holds each string: {@code x32010} is the usual C. A finger on several strings at one fret is a barre.
 *
 * @param fingers for each string from the lowest-sounding, the fingers on it: none on an open string, one on a fretted
 *     one; a slip of the pen may put more on one spot, {@code x3(21)010}, and is kept so that it can be shown
 */
public record Fingering(List<Set<Finger>> fingers) {

    public Fingering {
        fingers = fingers.stream()
                .map(each -> each.isEmpty() ? Set.<Finger>of() : Collections.unmodifiableSet(EnumSet.copyOf(each)))
                .toList();
    }

    /**
     * Reads one sign a string, low string first: 1 to 4, T for the thumb, 0, x or - for none; several in brackets.
     *
     * @throws NotationException if there is another sign
     */
    public static Fingering parse(String text) {
        var fingers = new ArrayList<Set<Finger>>();
        String plain = text.strip();
        for (int i = 0; i < plain.length(); i++) {
            if (plain.charAt(i) == '(') {
                int end = plain.indexOf(')', i);
                if (end < 0) throw new NotationException("fingering.bracket-without", text, i);
                fingers.add(read(plain.substring(i + 1, end), i + 1, text));
                i = end;
            } else {
                fingers.add(read(plain.substring(i, i + 1), i, text));
            }
        }
        return new Fingering(fingers);
    }

    private static Set<Finger> read(String signs, int index, String text) {
        var fingers = EnumSet.noneOf(Finger.class);
        for (char sign : signs.toCharArray()) {
            if ("0xX-".indexOf(sign) >= 0) continue;
            fingers.add(Finger.of(sign)
                    .orElseThrow(() -> new NotationException("fingering.finger-write", text, index, sign)));
        }
        return fingers;
    }

    /** How many strings the instrument has. */
    public int strings() {
        return fingers.size();
    }

    /** The finger on {@code string}, from 1, the highest-sounding. */
    public Optional<Finger> on(int string) {
        Set<Finger> here = fingers.get(fingers.size() - string);
        return here.isEmpty() ? Optional.empty() : Optional.of(here.iterator().next());
    }

    /** Every finger that is on a string. */
    public Set<Finger> used() {
        var used = EnumSet.noneOf(Finger.class);
        fingers.forEach(used::addAll);
        return used;
    }

    /** Returns the fingers as {@link #parse} reads them, with {@code x} on strings that {@code voicing} leaves out. */
    public String toText(Voicing voicing) {
        var text = new StringBuilder();
        for (int i = 0; i < fingers.size(); i++) {
            Set<Finger> here = fingers.get(i);
            if (here.isEmpty()) text.append(voicing.frets().get(i) == Voicing.NOT_PLAYED ? 'x' : '0');
            if (here.size() > 1) text.append('(');
            here.forEach(finger -> text.append(finger.sign()));
            if (here.size() > 1) text.append(')');
        }
        return text.toString();
    }
}
