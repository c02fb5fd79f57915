package tactus.core.patterns.dictation;

import java.util.Objects;
import java.util.Optional;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Stroke;

/**
 * One stroke as it was said.
 *
 * @param form what it is, whichever way it goes
 * @param isCounted whether only its count was said, so that the hand says what it is
 * @param direction what was said or is meant by it; empty where the hand decides
 * @param count the words of its count as they were said: {@code 2}, {@code 2 &}; empty if none was
 * @param beats how many felt beats later the next stroke falls, as in {@code hold for two}; empty if that was not said
 * @param index where in the text it was said
 */
public record SpokenStroke(
        Stroke form,
        boolean isCounted,
        Optional<Direction> direction,
        Optional<String> count,
        Optional<Integer> beats,
        int index) {

    public SpokenStroke {
        Objects.requireNonNull(form);
        Objects.requireNonNull(direction);
        Objects.requireNonNull(count);
        Objects.requireNonNull(beats);
    }

    /** A stroke whose count was not said. */
    public static SpokenStroke of(Stroke form, Optional<Direction> direction, int index) {
        return new SpokenStroke(form, false, direction, Optional.empty(), Optional.empty(), index);
    }

    /** The same said as {@code other}. */
    public SpokenStroke withForm(Stroke other) {
        return new SpokenStroke(other, isCounted, direction, count, beats, index);
    }

    /** The same going {@code other}. */
    public SpokenStroke withDirection(Direction other) {
        return new SpokenStroke(form.withWay(other), isCounted, Optional.of(other), count, beats, index);
    }

    SpokenStroke withCount(String said) {
        return new SpokenStroke(form, isCounted, direction, Optional.of(said), beats, index);
    }

    /** The same in the place of {@code before}: where its count was said it keeps it, and which way a mute goes is seldom said. */
    SpokenStroke insteadOf(SpokenStroke before) {
        if (before.count().isEmpty() || count.isPresent()) return this;
        SpokenStroke turned = form instanceof Mute
                ? before.direction().map(this::withDirection).orElse(this)
                : this;
        return turned.withCount(before.count().get());
    }

    SpokenStroke uncounted() {
        return new SpokenStroke(form, isCounted, direction, Optional.empty(), beats, index);
    }

    SpokenStroke placed(int at) {
        return new SpokenStroke(form, isCounted, direction, count, beats, at);
    }

    SpokenStroke lasting(int felt) {
        return new SpokenStroke(form, isCounted, direction, count, Optional.of(felt), index);
    }

    /** The stroke itself where the hand goes {@code hand}. */
    public Stroke stroke(Direction hand) {
        return form.withWay(direction.orElse(hand));
    }

    /** What was said, but for its place in the text. */
    public Dictation.Said said() {
        return new Dictation.Said(form, isCounted, direction);
    }
}
