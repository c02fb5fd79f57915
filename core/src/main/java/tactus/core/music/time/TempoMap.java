package tactus.core.music.time;

import java.util.List;
import java.util.Objects;

/**
 * When positions of a song are reached: one tempo, pauses in which a beat lasts longer, and parts that go slower or faster.
 *
 * @param pauses in order, none within another
 */
public record TempoMap(Tempo tempo, List<Pause> pauses) {

    /**
     * A beat that is held, or a part that goes at another pace.
     *
     * @param from where it starts
     * @param to where it ends, after {@code from}
     * @param extra how much longer it lasts, as a length at the song's tempo; below zero for what goes faster
     * @param isHeld whether a beat is held there
     */
    public record Pause(Length from, Length to, Length extra, boolean isHeld) {

        public Pause {
            Objects.requireNonNull(extra);
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }
    }

    public TempoMap {
        Objects.requireNonNull(tempo);
        pauses = List.copyOf(pauses);
    }

    /** How far a position is from the start in time, as a length at the song's tempo. */
    public Length played(Length position) {
        Length played = position;
        for (Pause pause : pauses) {
            if (!pause.from.isLessThan(position)) break;
            Length part = position.min(pause.to).minus(pause.from).dividedBy(pause.to.minus(pause.from));
            played = played.plus(pause.extra.times(part));
        }
        return played;
    }

    /** The tempo from {@code position} on; that of the beat around it where a beat is held. */
    public Tempo tempoAt(Length position) {
        return pauses.stream()
                .filter(pause -> !pause.isHeld && !position.isLessThan(pause.from) && position.isLessThan(pause.to))
                .findFirst()
                .map(pause -> {
                    double length = pause.to.minus(pause.from).toDouble();
                    double slower = 1 + pause.extra.toDouble() / length;
                    double perMinute = Math.clamp(tempo.perMinute() / slower, Tempo.SLOWEST, Tempo.FASTEST);
                    return new Tempo(perMinute, tempo.beat());
                })
                .orElse(tempo);
    }

    /** When {@code position} is reached, in seconds from the start. */
    public double seconds(Length position) {
        return tempo.seconds(pauses.isEmpty() ? position : played(position));
    }

    /** The position that is reached after {@code seconds}, in whole notes; for the playhead and for questions only. */
    public double position(double seconds) {
        double played = seconds / tempo.secondsInWhole();
        double before = 0;
        for (Pause pause : pauses) {
            double from = pause.from.toDouble();
            double length = pause.to.toDouble() - from;
            double extra = pause.extra.toDouble();
            double into = played - before - from;
            if (into <= 0) break;
            if (into < length + extra) return from + into * length / (length + extra);
            before += extra;
        }
        return played - before;
    }
}
