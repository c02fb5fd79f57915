package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;

/**
 * A ladder spread over days: each day takes up what was reached, does the hardest while the hand is fresh, and ends with music.
 * What does not fit in a day moves on to the next one.
 *
 * @param days in order
 * @param left the steps that come after the last day
 */
public record PracticePlan(List<Day> days, List<LadderStep> left) {

    /**
     * A day.
     *
     * @param number from 1
     * @param items in order
     */
    public record Day(int number, List<Item> items) {
        public Day {
            items = List.copyOf(items);
        }

        /** How long it is, in minutes. */
        public int minutes() {
            return items.stream().mapToInt(Item::minutes).sum();
        }
    }

    /**
     * What is done on a day.
     *
     * @param minutes at least 1
     * @param isAgain whether it is kept alive from an earlier day
     * @param care what is done so that it does not hurt
     * @param isDone whether it was reached
     */
    public record Item(LadderStep step, int minutes, boolean isAgain, List<Statement> care, boolean isDone) {
        public Item {
            Objects.requireNonNull(step);
            care = List.copyOf(care);
        }

        /** One that asks for no care. */
        public Item(LadderStep step, int minutes, boolean isAgain) {
            this(step, minutes, isAgain, List.of(), false);
        }

        /** The same in so many minutes. */
        Item lasting(int other) {
            return new Item(step, other, isAgain, care, isDone);
        }

        /** The same with other care. */
        Item with(List<Statement> other) {
            return new Item(step, minutes, isAgain, other, isDone);
        }

        /** The same, reached or not. */
        Item done(boolean other) {
            return new Item(step, minutes, isAgain, care, other);
        }

        /** The same as something to be reached, which is not done yet. */
        Item toReach() {
            return new Item(step, minutes, false, care, false);
        }

        /** Whether it was to be reached and is not. */
        public boolean isOpen() {
            return !isAgain && !isDone;
        }
    }

    static final int MOST_MINUTES = 240;
    private static final int MOST_DAYS = 365;
    /** The part of a day that keeps alive what is known; from memory. */
    private static final double KEPT = 0.25;

    public PracticePlan {
        days = List.copyOf(days);
        left = List.copyOf(left);
    }

    /** @throws Refusal unless there are 5 to 240 minutes a day and 1 to 365 days */
    public static PracticePlan of(Ladder ladder, int minutes, int days) {
        if (minutes < 5 || minutes > MOST_MINUTES) throw new Refusal("plan.minutes", minutes);
        if (days < 1 || days > MOST_DAYS) throw new Refusal("plan.days", days);
        var waiting = new ArrayList<>(ladder.steps());
        var known = new ArrayList<LadderStep>();
        var all = new ArrayList<Day>();
        for (int number = 1; number <= days; number++) {
            var items = new ArrayList<Item>();
            int kept = known.isEmpty() || waiting.isEmpty() ? 0 : Math.max(1, (int) (minutes * KEPT));
            int room = minutes - kept;
            var fresh = new ArrayList<LadderStep>();
            // A step that is longer than a day is begun anyway, so that the plan goes on.
            while (!waiting.isEmpty() && (waiting.getFirst().minutes() <= room || fresh.isEmpty())) {
                LadderStep step = waiting.removeFirst();
                int share = Math.min(step.minutes(), Math.max(1, room));
                fresh.add(step);
                items.add(new Item(step, share, false));
                room -= share;
                if (room <= 0) break;
            }
            keepAlive(
                    items,
                    known,
                    minutes - items.stream().mapToInt(Item::minutes).sum(),
                    number);
            items.sort(Comparator.comparingInt(PracticePlan::freshness));
            known.addAll(fresh);
            all.add(new Day(number, items));
        }
        return new PracticePlan(all, waiting);
    }

    /** Known steps in turn, the later ones more often, as long as there is time. */
    private static void keepAlive(List<Item> items, List<LadderStep> known, int room, int day) {
        int left = room;
        for (int i = 0; i < known.size() && left > 0; i++) {
            LadderStep step = known.get(known.size() - 1 - (i + (day % 2)) % known.size());
            int share = Math.min(left, Math.max(1, step.minutes() / 2));
            items.add(new Item(step, share, true));
            left -= share;
        }
        if (left > 0 && !known.isEmpty()) {
            LadderStep last = known.getLast();
            items.add(new Item(last, left, true));
        }
    }

    /** Changes while the hand is fresh, then rhythm, then sections and the song. */
    private static int freshness(Item item) {
        return switch (item.step().kind()) {
            case CHANGE -> 0;
            case DAMPED, THUMB, CELL, OPEN_STRINGS, FINGER -> 1;
            case ONE_CHORD, CHANGES -> 2;
            case SECTION -> 3;
            case SONG -> 4;
        };
    }
}
