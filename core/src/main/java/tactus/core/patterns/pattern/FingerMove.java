package tactus.core.patterns.pattern;

import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.stroke.Pick;

/**
 * The fretting hand changes the shape while the strokes go on: a finger is added, lifted or moved on one string, until it
 * goes back or the chord changes.
 *
 * @param string from 1, the highest-sounding, to 12
 * @param fret where the string is held from here on, counted from the capo, 0 for open, to 24; empty for as the shape has
 *     it
 * @param sound how the note is made without the picking hand
 */
public record FingerMove(int string, Optional<Integer> fret, Sound sound) {

    private static final Pattern WRITTEN = Pattern.compile("\\s*(\\d{1,2})([.h/])(\\d{1,2}|-)\\s*");

    /** How the new note comes to sound. */
    public enum Sound {
        /** Only with the next stroke on the string. */
        SILENT("."),
        /** A hammer-on, or a pull-off where the note is lower. */
        SLURRED("h"),
        /** A slide along the string. */
        SLID("/");

        private final String sign;

        Sound(String sign) {
            this.sign = sign;
        }

        /** The sign that writes it between string and fret. */
        public String sign() {
            return sign;
        }
    }

    /** @throws IllegalArgumentException if the string or the fret is outside its range */
    public FingerMove {
        Objects.requireNonNull(sound);
        new Pick.Fretted(string, fret.orElse(0));
    }

    /**
     * Reads {@code 2h3}, {@code 1/5} or {@code 2.-}.
     *
     * @throws NotationException if the text is no move
     */
    public static FingerMove parse(String text) {
        Matcher move = WRITTEN.matcher(text);
        if (!move.matches()) {
            throw new NotationException("finger-move.unread", text, NotationException.stop(move.pattern(), text));
        }
        try {
            Optional<Integer> fret =
                    Optional.of(move.group(3)).filter(to -> !to.equals("-")).map(Integer::valueOf);
            return new FingerMove(Integer.parseInt(move.group(1)), fret, sound(move.group(2)));
        } catch (Refusal outside) {
            int at = outside.reason().code().equals("pick.string") ? move.start(1) : move.start(3);
            throw new NotationException("finger-move.impossible", text, at, outside.reason());
        }
    }

    private static Sound sound(String sign) {
        return Stream.of(Sound.values())
                .filter(sound -> sound.sign.equals(sign))
                .findFirst()
                .orElseThrow();
    }

    /** Returns {@code 2h3}: string 2, slurred to fret 3; {@code 2.-}: string 2 silently back to the shape. */
    @Override
    public String toString() {
        return string + sound.sign + fret.map(String::valueOf).orElse("-");
    }
}
