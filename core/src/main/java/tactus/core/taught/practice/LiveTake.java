package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import tactus.core.taught.practice.Take.Played;

/**
 * A take while it is played: each stroke of the student's is judged when it comes, together with those of the last seconds, so
 * that it costs the same however long one has played. It is judged beside the click; the whole take, in the end, also follows a
 * tempo of the player's own.
 */
public final class LiveTake {

    /** So much earlier than due a stroke can come, in seconds: as far as one belongs to it in a take. */
    private static final double EARLY = TapAlignment.ALONE;
    /** What is so long ago is judged for good, in seconds; ours. */
    private static final double SETTLED = 4;

    private final List<DueStroke> due;
    private final List<Played> settled = new ArrayList<>();
    private final List<Double> settledExtra = new ArrayList<>();
    private final List<Tap> taps = new ArrayList<>();
    private Take open = new Take(List.of(), List.of());
    private double reached = Double.NEGATIVE_INFINITY;

    /** @param due what will be due, in the order of time */
    public LiveTake(List<DueStroke> due) {
        this.due = List.copyOf(due);
    }

    /** Everything that is due in the end. */
    public List<DueStroke> due() {
        return due;
    }

    /**
     * Takes a stroke that comes now.
     *
     * @return what it was played for; empty if it belongs to none of the strokes that are due
     */
    public Optional<Played> tap(Tap tap) {
        taps.add(tap);
        // A stroke that comes early is judged beside the one that it belongs to.
        judge(tap.seconds() + EARLY);
        return open.strokes().stream()
                .filter(each -> each.late().isPresent())
                .filter(each -> Math.abs(came(each) - tap.seconds()) < 1e-9)
                .findFirst();
    }

    /** What was played of all that has been due up to {@code now}, in seconds. */
    public Take until(double now) {
        judge(now);
        var strokes = new ArrayList<>(settled);
        open.strokes().stream()
                .filter(each -> each.late().isPresent() || each.due().seconds() <= now - EARLY)
                .forEach(strokes::add);
        var extra = new ArrayList<>(settledExtra);
        extra.addAll(open.extra());
        return new Take(strokes, extra);
    }

    private void judge(double until) {
        reached = Math.max(reached, until);
        int to = settled.size();
        while (to < due.size() && due.get(to).seconds() <= reached) to++;
        open = Take.besideClick(due.subList(settled.size(), to), taps);
        settle(reached - EARLY - SETTLED);
    }

    /** Lets go of what was due before {@code then}, with the taps that belong to it. */
    private void settle(double then) {
        int count = 0;
        while (count < open.strokes().size() && open.strokes().get(count).due().seconds() < then) count++;
        if (count == 0) return;
        List<Played> over = open.strokes().subList(0, count);
        List<Played> left = open.strokes().subList(count, open.strokes().size());
        // The first stroke that is left may have come early.
        double end = Math.min(
                came(left).min().orElse(Double.MAX_VALUE) - 1e-9,
                came(over).max().orElse(then));
        List<Double> gone = open.extra().stream().filter(each -> each <= end).toList();
        settled.addAll(over);
        settledExtra.addAll(gone);
        taps.removeIf(tap -> tap.seconds() <= end);
        open = new Take(left, open.extra().stream().filter(each -> each > end).toList());
    }

    private static DoubleStream came(List<Played> strokes) {
        return strokes.stream().filter(each -> each.late().isPresent()).mapToDouble(LiveTake::came);
    }

    private static double came(Played played) {
        return played.due().seconds() + played.late().getAsDouble();
    }
}
