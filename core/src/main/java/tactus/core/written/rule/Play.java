package tactus.core.written.rule;

import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.PatternId;

/**
 * What a rule says; whatever it leaves open is said by a wider rule.
 *
 * @param pause felt beats that the end of the place lasts longer
 * @param pace how fast it goes there
 * @param shapes which of several shapes of a name is held
 * @param second what a second guitar does
 */
public record Play(
        Optional<What> what,
        Optional<FormChoice> form,
        Optional<FitChoice> fit,
        Optional<Swell> dynamics,
        Optional<Raise> raise,
        Optional<Length> pause,
        Optional<Pace> pace,
        Optional<ShapeChoice> shapes,
        Optional<SecondGuitar> second) {

    /** A rule that leaves everything open. */
    public static final Play OPEN = new Play(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    private static final Length LONGEST_PAUSE = Length.of(32);

    /** @throws Refusal if the pause is not over 0 and at most 32 beats */
    public Play {
        Objects.requireNonNull(what);
        Objects.requireNonNull(form);
        Objects.requireNonNull(fit);
        Objects.requireNonNull(dynamics);
        Objects.requireNonNull(raise);
        Objects.requireNonNull(pace);
        Objects.requireNonNull(shapes);
        Objects.requireNonNull(second);
        pause.filter(beats -> !beats.isPositive() || LONGEST_PAUSE.isLessThan(beats))
                .ifPresent(beats -> {
                    throw new Refusal("play.pause-lasts", beats);
                });
    }

    /** Says what is played and leaves the rest open. */
    public static Play of(What what) {
        return OPEN.with(what);
    }

    /** Says which pattern is played and leaves the rest open. */
    public static Play pattern(PatternId id) {
        return of(new What.Plays(id));
    }

    /** Whether it says nothing. */
    public boolean isOpen() {
        return equals(OPEN);
    }

    /** The same with something else to play. */
    public Play with(What other) {
        return new Play(Optional.of(other), form, fit, dynamics, raise, pause, pace, shapes, second);
    }

    /** The same in another form. */
    public Play with(FormChoice other) {
        return new Play(what, Optional.of(other), fit, dynamics, raise, pause, pace, shapes, second);
    }

    /** The same fitted otherwise. */
    public Play with(FitChoice other) {
        return new Play(what, form, Optional.of(other), dynamics, raise, pause, pace, shapes, second);
    }

    /** The same as loud as {@code other} says. */
    public Play with(Swell other) {
        return new Play(what, form, fit, Optional.of(other), raise, pause, pace, shapes, second);
    }

    /** The same in another key. */
    public Play with(Raise other) {
        return new Play(what, form, fit, dynamics, Optional.of(other), pause, pace, shapes, second);
    }

    /** @throws Refusal unless {@code beats} are over 0 to 32 */
    public Play withPause(Length beats) {
        return new Play(what, form, fit, dynamics, raise, Optional.of(beats), pace, shapes, second);
    }

    /** The same as fast as {@code other} says. */
    public Play with(Pace other) {
        return new Play(what, form, fit, dynamics, raise, pause, Optional.of(other), shapes, second);
    }

    /** The same in other shapes. */
    public Play with(ShapeChoice other) {
        return new Play(what, form, fit, dynamics, raise, pause, pace, Optional.of(other), second);
    }

    /** The same with a second guitar that does {@code other}. */
    public Play with(SecondGuitar other) {
        return new Play(what, form, fit, dynamics, raise, pause, pace, shapes, Optional.of(other));
    }

    /** The same without a word about a second guitar. */
    public Play withoutSecond() {
        return new Play(what, form, fit, dynamics, raise, pause, pace, shapes, Optional.empty());
    }

    /** The same without saying what is played, nor its form and fit. */
    public Play withoutWhat() {
        return new Play(
                Optional.empty(), Optional.empty(), Optional.empty(), dynamics, raise, pause, pace, shapes, second);
    }
}
