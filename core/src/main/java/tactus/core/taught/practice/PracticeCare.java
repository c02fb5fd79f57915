package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.search.StandIn;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.taught.practice.PracticePlan.Day;
import tactus.core.taught.practice.PracticePlan.Item;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Song;

/**
 * Eases a plan where it would hurt: the tempo to be reached is lower where the arm would strike too many downs, barres get
 * breaks or a small shape, and what holds barres does not follow what held them. The numbers are those of {@link HandLoad},
 * from memory; they are cautions and no medical advice.
 */
public final class PracticeCare {

    /**
     * What a day asks of the hands, as it is eased.
     *
     * @param barreSeconds the longest time that a barre is held without a break
     * @param downsAMinute the most, at the tempo to be reached
     * @param stretch the widest one, in millimetres along the neck
     */
    public record DayLoad(int day, double barreSeconds, double downsAMinute, double stretch, int minutes) {}

    private final Song song;
    private final Timeline timeline;
    private final Neck neck;
    private final FrettingHand hand;
    private final Map<LadderStep, StepLoad> loads = new HashMap<>();

    /**
     * Cares for whoever plays {@code shown}.
     *
     * @param timeline laid out from it
     */
    public PracticeCare(Song shown, Timeline timeline, Neck neck, FrettingHand hand) {
        song = shown;
        this.timeline = timeline;
        this.neck = neck;
        this.hand = hand;
    }

    /** {@code plan} with what is too much made less, and what was done about it said beside each thing. */
    public PracticePlan eased(PracticePlan plan) {
        return new PracticePlan(
                plan.days().stream()
                        .map(day -> new Day(
                                day.number(),
                                apart(day.items()).stream().map(this::eased).toList()))
                        .toList(),
                plan.left());
    }

    /** What each day of an eased plan asks. */
    public List<DayLoad> loads(PracticePlan plan) {
        return plan.days().stream().map(this::load).toList();
    }

    private DayLoad load(Day day) {
        double barre = 0;
        double downs = 0;
        double stretch = 0;
        for (Item item : day.items()) {
            StepLoad load = load(item.step());
            barre = Math.max(
                    barre, Math.min(load.barreSeconds(), isBroken(item) ? HandLoad.LONG_BARRE : 60.0 * item.minutes()));
            downs = Math.max(downs, load.downsAMinute());
            stretch = Math.max(stretch, load.stretch());
        }
        return new DayLoad(day.number(), barre, downs, stretch, day.minutes());
    }

    private static boolean isBroken(Item item) {
        return item.care().stream().anyMatch(each -> each.code().equals("care.let-go"));
    }

    private StepLoad load(LadderStep step) {
        return loads.computeIfAbsent(step, each -> StepLoad.of(each, song, timeline, neck, hand));
    }

    private boolean isHeavy(LadderStep step) {
        return load(step).barreSeconds() > HandLoad.LONG_BARRE;
    }

    /** What holds barres for long does not follow what did, as long as something else can go between. */
    private List<Item> apart(List<Item> items) {
        var waiting = new ArrayList<>(items);
        var ordered = new ArrayList<Item>();
        while (!waiting.isEmpty()) {
            boolean wasHeavy = !ordered.isEmpty() && isHeavy(ordered.getLast().step());
            Item next = waiting.stream()
                    .filter(each -> !wasHeavy || !isHeavy(each.step()))
                    .findFirst()
                    .orElse(waiting.getFirst());
            waiting.remove(next);
            ordered.add(next);
        }
        return ordered;
    }

    private Item eased(Item item) {
        LadderStep step = item.step();
        var care = new ArrayList<Statement>();
        double downs = load(step).downsAMinute();
        if (downs > HandLoad.MANY_DOWNS) {
            int lower = (int) Math.floor(step.to() * HandLoad.MANY_DOWNS / downs);
            if (lower >= step.from()) {
                care.add(Statement.of("care.tempo", lower, step.to(), Math.round(downs)));
                step = step.withTo(lower);
            } else {
                care.add(Statement.of("care.pauses", Math.round(downs * step.from() / step.to())));
                step = step.withTo(step.from());
            }
        }
        StepLoad load = load(step);
        if (load.barreSeconds() > HandLoad.LONG_BARRE) {
            care.add(Statement.of("care.let-go", (int) HandLoad.LONG_BARRE));
            load.barres().forEach(chord -> small(chord).ifPresent(care::add));
        }
        return new Item(step, item.minutes(), item.isAgain(), care, item.isDone());
    }

    /** A smaller shape of a chord that is held with a barre. */
    private Optional<Statement> small(String name) {
        Optional<Chord> chord =
                song.chord(name).filter(each -> each.fits(song.facts().tuning()));
        return chord.flatMap(each -> each.meaning()
                .flatMap(meaning ->
                        StandIn.small(meaning, each.voicing(), song.facts().tuning(), neck, hand))
                .map(shape -> Statement.of(
                        "care.small", Chord.plainName(name), shape.voicing().toString())));
    }
}
