package tactus.core.music.time;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A run of bars, each with its own meter, and where their bar lines and felt beats fall. Beats and bars can be counted
 * in fractions; beyond the last bar the last meter goes on, so that a chord that spills over still has a length.
 */
public final class BarLines {

    private final List<Meter> meters;
    private final List<Length> barStarts = new ArrayList<>();
    private final List<Length> beatStarts = new ArrayList<>();

    /** @throws IllegalArgumentException if there is no bar */
    public BarLines(List<Meter> meters) {
        if (meters.isEmpty()) throw new IllegalArgumentException("there must be at least one bar");
        this.meters = List.copyOf(meters);
        Length at = Length.ZERO;
        for (Meter meter : meters) {
            barStarts.add(at);
            for (Length beat : meter.beats()) {
                beatStarts.add(at);
                at = at.plus(beat);
            }
        }
        barStarts.add(at);
        beatStarts.add(at);
    }

    /** How many bars there are. */
    public int bars() {
        return meters.size();
    }

    /** The meter of a bar, from 0. */
    public Meter meter(int bar) {
        return meters.get(bar);
    }

    /** Where {@code bar}, from 0, starts; the bar after the last one "starts" at the end. */
    public Length start(int bar) {
        return barStarts.get(bar);
    }

    /** The length of all bars. */
    public Length length() {
        return barStarts.getLast();
    }

    /** Which bar {@code at} is in, from 0; the last one if it lies beyond the end. */
    public int barAt(Length at) {
        return Math.min(lastNotAfter(barStarts, at), meters.size() - 1);
    }

    /** Returns where one is after {@code beats} felt beats from {@code from}. */
    public Length afterBeats(Length from, Length beats) {
        Length lastBeat = meters.getLast().beats().getLast();
        return position(
                beatStarts, lastBeat, coordinate(beatStarts, lastBeat, from).plus(beats));
    }

    /** Returns where one is after {@code bars} bars from {@code from}. */
    public Length afterBars(Length from, Length bars) {
        Length lastBar = meters.getLast().length();
        return position(barStarts, lastBar, coordinate(barStarts, lastBar, from).plus(bars));
    }

    /** How many bars lie before {@code at}, with the part of the bar that it lies in. */
    public Length barsBefore(Length at) {
        return coordinate(barStarts, meters.getLast().length(), at);
    }

    /** How many felt beats lie before {@code at}. */
    public Length beatsBefore(Length at) {
        return coordinate(beatStarts, meters.getLast().beats().getLast(), at);
    }

    private static Length coordinate(List<Length> starts, Length beyond, Length at) {
        int index = lastNotAfter(starts, at);
        Length step = index < starts.size() - 1 ? starts.get(index + 1).minus(starts.get(index)) : beyond;
        return Length.of(index).plus(at.minus(starts.get(index)).dividedBy(step));
    }

    private static Length position(List<Length> starts, Length beyond, Length coordinate) {
        int index = (int) Math.min(coordinate.wholesOf(Length.WHOLE), starts.size() - 1);
        Length step = index < starts.size() - 1 ? starts.get(index + 1).minus(starts.get(index)) : beyond;
        return starts.get(index).plus(coordinate.minus(Length.of(index)).times(step));
    }

    private static int lastNotAfter(List<Length> starts, Length at) {
        int found = Collections.binarySearch(starts, at);
        return found >= 0 ? found : Math.max(0, -found - 2);
    }
}
