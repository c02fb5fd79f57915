package tactus.core.patterns.placing;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Quantity;
import tactus.core.music.time.Slot;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.Unread;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;

/**
 * Where the strokes of a dictation can fall: every placement counted, the likeliest listed, and the question that would
 * decide. Downs fall on slots where the hand goes down, ups where it goes up, the first stroke on count 1.
 *
 * @param given what is known beside the dictation
 * @param count how many placements there are, exactly
 * @param best the likeliest, best first
 * @param question what to ask where there are several
 * @param problem why there are none, if there are none
 * @param remarks what a person should know of how it was read: a count that is silent, why the hand is quicker
 * @param mends the smallest changes after which there would be some, likeliest first
 */
public record Placing(
        Dictation dictation,
        PatternFrame frame,
        Given given,
        BigInteger count,
        List<Placement> best,
        Optional<Question> question,
        Optional<Statement> problem,
        List<Statement> remarks,
        List<Mend> mends,
        Bounds bounds) {

    public static final int LISTED = 8;

    public Placing {
        Objects.requireNonNull(bounds);
        Objects.requireNonNull(count);
        Objects.requireNonNull(dictation);
        Objects.requireNonNull(frame);
        Objects.requireNonNull(given);
        Objects.requireNonNull(problem);
        Objects.requireNonNull(question);
        best = List.copyOf(best);
        remarks = List.copyOf(remarks);
        mends = List.copyOf(mends);
    }

    /** Places {@code dictation} on {@code frame}. */
    public static Placing of(Dictation dictation, PatternFrame frame) {
        return of(dictation, frame, Given.NOTHING);
    }

    /**
     * Places {@code dictation} with what is known beside it.
     *
     * @throws NotationException if a count does not come in these beats
     */
    public static Placing of(Dictation dictation, PatternFrame frame, Given given) {
        return Meanings.of(dictation, said -> unmended(said, frame, given)).mended();
    }

    /** Looking for mends takes far longer than placing, so it is left until it is known that they are wanted. */
    static Placing unmended(Dictation dictation, PatternFrame frame, Given given) {
        var slots = new HandSlots(frame);
        Bounds open = open(dictation, slots, given);
        if (dictation.strokes().size() > slots.size()) return tooMany(dictation, slots, given, open);
        return within(dictation, slots, given, new SpokenCounts(dictation, slots).within(open));
    }

    private static Bounds open(Dictation dictation, HandSlots slots, Given given) {
        return Bounds.open(dictation.strokes().size(), slots.size(), given.lateStart(), struck(slots, given.struck()));
    }

    /** Answers whether there is a placement, which is far quicker to know than which are the likeliest. */
    static boolean isPossible(Dictation dictation, HandSlots slots, Given given) {
        if (dictation.strokes().size() > slots.size()) return false;
        try {
            Bounds bounds = new SpokenCounts(dictation, slots).within(open(dictation, slots, given));
            return new Room(dictation, slots, bounds).isAny();
        } catch (NotationException uncounted) {
            return false;
        }
    }

    private Placing mended() {
        return count.signum() > 0 ? this : with(question, remarks, new Mends(dictation, frame, given).find());
    }

    Placing asking(Question asked) {
        return with(Optional.of(asked), remarks, mends);
    }

    private Placing remarked(Statement remark) {
        return with(question, Stream.concat(Stream.of(remark), remarks.stream()).toList(), mends);
    }

    private Placing with(Optional<Question> asked, List<Statement> remarked, List<Mend> mending) {
        return new Placing(dictation, frame, given, count, best, asked, problem, remarked, mending, bounds);
    }

    boolean isPossible() {
        return count.signum() > 0;
    }

    private static Set<Integer> struck(HandSlots slots, List<String> counts) {
        Set<Integer> struck = new TreeSet<>();
        for (String count : counts) {
            struck.add(slots.slots().stream()
                    .filter(slot -> slot.count().toString().equals(count.strip()))
                    .map(Slot::index)
                    .findFirst()
                    .orElseThrow(() -> new NotationException("placing.count-beats", count, 0)));
        }
        return struck;
    }

    /**
     * Finds the hand rate along with the placement: the first of the usual ones that places the strokes, but triplets
     * where those fill every slot.
     */
    public static Placing of(Dictation dictation, Meter meter, int beats, Given given) {
        return Meanings.of(dictation, said -> Meanings.inBars(onUsualHands(said, meter, beats, given)))
                .mended();
    }

    /**
     * The policy of the program where a pattern is there: its own slots where all counts were said, where its hand goes all
     * down, or where nothing else fits; the usual hand rates otherwise.
     *
     * @param own the frame of the pattern
     */
    public static Placing likeliest(Dictation dictation, PatternFrame own, Given given) {
        if (dictation.notes().filling().isPresent()) return of(dictation, own.meter(), own.beats(), given);
        boolean counted =
                dictation.strokes().stream().allMatch(stroke -> stroke.count().isPresent());
        Optional<Placing> onOwn = onOwn(dictation, own, given).filter(Placing::isPossible);
        boolean settled = own.hand().mode() == Hand.Mode.ALL_DOWN;
        if ((counted || settled) && onOwn.isPresent()) return onOwn.get();
        Placing found = of(dictation, own.meter(), own.beats(), given);
        return found.isPossible() ? found : onOwn.orElse(found);
    }

    private static Optional<Placing> onOwn(Dictation dictation, PatternFrame own, Given given) {
        try {
            return Optional.of(of(dictation, own, given));
        } catch (NotationException uncounted) {
            return Optional.empty();
        }
    }

    private static Placing onUsualHands(Dictation dictation, Meter meter, int beats, Given given) {
        List<Hand> hands = PatternFrame.usualHands(meter);
        if (dictation.notes().filling().isPresent()) return Filled.of(dictation, meter, beats, given);
        Placing found = quickest(dictation, hands, meter, beats, given);
        return hands.isEmpty() ? found : Meanings.allDown(found, hands.getFirst());
    }

    static Placing quickest(Dictation dictation, List<Hand> hands, Meter meter, int beats, Given given) {
        NotationException uncounted = null;
        Placing found = null;
        Placing slower = null;
        for (Hand hand : hands) {
            try {
                Placing placing = unmended(dictation, PatternFrame.of(meter, beats, hand), given);
                if (slower == null) slower = placing;
                if (found == null || isLikelier(placing, found)) found = placing;
            } catch (NotationException missing) {
                // A finer rate may have the count that this one has not.
                if (uncounted == null) uncounted = missing;
            }
        }
        if (found == null && uncounted != null) throw uncounted;
        if (found == null) throw new Refusal("placing.usual-hand", meter);
        return slower == null || slower == found || slower.isPossible() || !found.isPossible()
                ? found
                : found.remarked(
                        quicker(slower.problem.orElseThrow(), found.frame.hand().rate()));
    }

    /** Why the hand is quicker than usual. */
    private static Statement quicker(Statement problem, Length rate) {
        var values = new ArrayList<>(problem.values());
        values.add(rate);
        return new Statement(
                problem.code().equals("placing.no-slot") ? "placing.quicker-slot" : "placing.quicker-room", values);
    }

    private static boolean isLikelier(Placing placing, Placing found) {
        if (placing.count.signum() == 0) return false;
        boolean inThrees = placing.frame.division().slots() % 3 == 0;
        boolean full =
                placing.dictation.strokes().size() == placing.frame.grid().size();
        boolean foundFull =
                found.dictation.strokes().size() == found.frame.grid().size();
        return found.count.signum() == 0 || inThrees && full && !foundFull;
    }

    private static Placing within(Dictation dictation, HandSlots slots, Given given, Bounds bounds) {
        var ways = new Ways(new Room(dictation, slots, bounds));
        BigInteger count = ways.count();
        if (count.signum() == 0) return none(dictation, slots, given, bounds, problem(dictation, slots, ways));
        return new Placing(
                dictation,
                slots.frame(),
                given,
                count,
                new BestPlacements(slots, given, ways).best(LISTED),
                new Questions(dictation, slots.slots(), ways).best(),
                Optional.empty(),
                remarks(dictation),
                List.of(),
                bounds);
    }

    /** How the words were read; and more counts than strokes, where they were said on their own: some are silent. */
    private static List<Statement> remarks(Dictation dictation) {
        List<Statement> remarks = new ArrayList<>(dictation.notes().remarks());
        dictation.notes().unread().stream().map(Unread::leftOut).forEach(remarks::add);
        long counts =
                dictation.counts().stream().filter(each -> !each.isBracketed()).count();
        int strokes = dictation.strokes().size();
        if (counts > strokes) remarks.add(Statement.of("placing.silent-count", counts, strokes));
        return remarks;
    }

    private static Placing tooMany(Dictation dictation, HandSlots slots, Given given, Bounds bounds) {
        Statement problem = Statement.of(
                "placing.too-many",
                Quantity.strokes(dictation.strokes().size()),
                Quantity.of(Quantity.Unit.SLOT, slots.size()));
        return none(dictation, slots, given, bounds, problem);
    }

    private static Placing none(Dictation dictation, HandSlots slots, Given given, Bounds bounds, Statement problem) {
        return new Placing(
                dictation,
                slots.frame(),
                given,
                BigInteger.ZERO,
                List.of(),
                Optional.empty(),
                Optional.of(problem),
                remarks(dictation),
                List.of(),
                bounds);
    }

    private static Statement problem(Dictation dictation, HandSlots slots, Ways ways) {
        int broken = ways.firstUnplaced();
        if (broken == dictation.strokes().size()) return Statement.of("placing.unreached");
        return Statement.of(
                "placing.no-slot",
                broken + 1,
                dictation.strokes().get(broken),
                slots.frame().hand().rate());
    }

    /**
     * What is left when the question is answered.
     *
     * @param earlier whether the earlier place, or the first meaning, is the right one
     */
    public Placing answered(boolean earlier) {
        return switch (question.orElseThrow()) {
            case Question.OfMeaning meaning -> earlier ? meaning.first() : meaning.second();
            case Question.OfPlace place -> answered(place, earlier);
        };
    }

    private Placing answered(Question.OfPlace asked, boolean earlier) {
        int last = frame.grid().size() - 1;
        Bounds narrowed = earlier
                ? bounds.with(asked.stroke(), 0, asked.lastEarlier())
                : bounds.with(asked.stroke(), asked.lastEarlier() + 1, last);
        return within(dictation, new HandSlots(frame), given, narrowed);
    }

    /** The counts of a placement: {@code 1 1& 2& 3}. */
    public List<String> counts(Placement placement) {
        return placement.slots().stream()
                .map(slot -> frame.grid().slots().get(slot).count().toString())
                .toList();
    }

    /** {@code pattern} with its meter, length, hand and strokes as {@code placement} has them, and with what was said. */
    public Pattern pattern(Placement placement, Pattern pattern) {
        List<Slot> slots = frame.grid().slots();
        var strokes = new ArrayList<Stroke>(Collections.nCopies(slots.size(), Miss.MISS));
        for (int i = 0; i < placement.slots().size(); i++) {
            Slot slot = slots.get(placement.slots().get(i));
            Stroke struck = dictation.strokes().get(i).stroke(frame.usualAt(slot));
            boolean accented = struck.isStruck() && SpokenCounts.isAccented(dictation, slot);
            strokes.set(slot.index(), accented ? struck.withForce(Force.ACCENTED) : struck);
        }
        return Pattern.empty(pattern.id(), pattern.name(), frame)
                .withPlayed(strokes)
                .withPicking(pattern.picking())
                .withStory(pattern.story().withSaid(dictation.text().strip()));
    }
}
