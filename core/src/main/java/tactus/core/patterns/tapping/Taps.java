package tactus.core.patterns.tapping;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;

/**
 * Taps put on the slots nearest to them.
 *
 * @param frame the beats and the hand that fit the taps
 * @param hits the taps in order, each with its slot
 * @param meanError how far the taps are from their slots on average, in seconds
 * @param doubled how many taps fell on a slot that had one already
 */
public record Taps(PatternFrame frame, List<Hit> hits, double meanError, int doubled) {

    /**
     * A tap on its slot.
     *
     * @param slot the index in the frame's grid; taps of later rounds fall on the first one again
     * @param late how much later it came than the slot, in seconds; negative if it came early
     */
    public record Hit(int slot, double late, Optional<Direction> direction) {

        public Hit {
            Objects.requireNonNull(direction);
        }
    }

    /** A finer grid must halve the error before it is believed (ours). */
    private static final double FINER = 0.5;

    /** Taps that are further than this part of a slot from any slot, on average, fit none; chance alone gives 1/4. */
    private static final double WILD = 0.2;

    private static final int FEWEST_TO_TELL = 4;

    public Taps {
        Objects.requireNonNull(frame);
        hits = List.copyOf(hits);
    }

    /** Puts {@code taps} on the beats of {@code frame}, at the first usual hand rate that fits them well. */
    public static Optional<Taps> of(List<KeyTap> taps, PatternFrame frame, Tempo tempo) {
        Taps best = null;
        for (var hand : PatternFrame.usualHands(frame.meter()).stream()
                .filter(hand -> !Length.EIGHTH.isLessThan(hand.rate()))
                .toList()) {
            PatternFrame tried = PatternFrame.of(frame.meter(), frame.beats(), hand);
            Taps quantised = on(taps, tried, tempo);
            if (best == null || quantised.meanError < best.meanError * FINER && !quantised.isWild(tempo))
                best = quantised;
        }
        return Optional.ofNullable(best).filter(found -> !found.hits.isEmpty());
    }

    /** Puts every tap on the nearest slot of {@code frame}. */
    static Taps on(List<KeyTap> taps, PatternFrame frame, Tempo tempo) {
        List<Slot> slots = frame.grid().slots();
        double round = tempo.seconds(frame.length());
        var hits = new ArrayList<Hit>();
        double errors = 0;
        for (KeyTap tap : taps) {
            double within = tap.seconds() - Math.floor(tap.seconds() / round) * round;
            Slot nearest = slots.stream()
                    .min(Comparator.comparingDouble(
                            slot -> Math.abs(distance(within, tempo.seconds(slot.at()), round))))
                    .orElseThrow();
            double late = distance(within, tempo.seconds(nearest.at()), round);
            hits.add(new Hit(nearest.index(), late, tap.direction()));
            errors += Math.abs(late);
        }
        int doubled = (int)
                (hits.size() - hits.stream().mapToInt(Hit::slot).distinct().count());
        return new Taps(frame, hits, hits.isEmpty() ? 0 : errors / hits.size(), doubled);
    }

    /** From a slot to a moment; a moment right before the end is before the first slot of the next round. */
    private static double distance(double within, double slot, double round) {
        double distance = within - slot;
        return distance > round / 2 ? distance - round : distance < -round / 2 ? distance + round : distance;
    }

    /** Whether the taps lie so far from all slots that chance would do as well; a few taps cannot tell. */
    public boolean isWild(Tempo tempo) {
        return hits.size() >= FEWEST_TO_TELL && meanError > WILD * tempo.seconds(frame.slotLength());
    }

    /** The strokes tapped, on {@code pattern}; where one key was used the hand says which way they go. */
    public Pattern pattern(Pattern pattern) {
        var bySlot = new TreeMap<Integer, Optional<Direction>>();
        hits.forEach(hit -> bySlot.putIfAbsent(hit.slot(), hit.direction()));
        Pattern tapped = Pattern.empty(pattern.id(), pattern.name(), frame)
                .withStory(pattern.story())
                .withPicking(pattern.picking())
                .withForm(pattern.form());
        List<Slot> slots = frame.grid().slots();
        for (var hit : bySlot.entrySet()) {
            Direction way = hit.getValue().orElse(frame.usualAt(slots.get(hit.getKey())));
            tapped = tapped.withStroke(hit.getKey(), Strum.of(way));
        }
        return tapped;
    }
}
