package tactus.core.patterns.placing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.rhythm.Syncopation;

/** What is found along the best ways is compared with what trying every placement finds. */
class BestPlacementsTest {

    private static final Meter FOUR = Meter.parse("4/4");
    private static final PatternFrame SIXTEEN = PatternFrame.of(FOUR, 4, Hand.pendulum(Length.SIXTEENTH));

    private static Dictation said(Random random, int most) {
        var strokes = new StringBuilder("D");
        int count = 2 + random.nextInt(most);
        for (int i = 1; i < count; i++) strokes.append(random.nextBoolean() ? " D" : " U");
        return English.dictation(strokes.toString());
    }

    private static void tryAll(Dictation said, int stroke, List<Integer> slots, List<List<Integer>> all) {
        if (stroke == said.strokes().size()) {
            all.add(List.copyOf(slots));
            return;
        }
        boolean down = said.strokes().get(stroke).direction().equals(Optional.of(Direction.DOWN));
        int from = slots.isEmpty() ? 0 : slots.getLast() + 1;
        for (int slot = from; slot < (stroke == 0 ? 1 : 16); slot++) {
            if (slot % 2 == 0 != down) continue;
            slots.add(slot);
            tryAll(said, stroke + 1, slots, all);
            slots.removeLast();
        }
    }

    private static List<List<Integer>> every(Dictation said) {
        var all = new ArrayList<List<Integer>>();
        tryAll(said, 0, new ArrayList<>(), all);
        return all;
    }

    /** As the notes on architecture say: off the beat 0.6, syncopation 1, halves alike −2.5. */
    private static double cost(List<Integer> slots) {
        var syncopation = new Syncopation(FOUR, SIXTEEN.grid());
        long off = slots.stream().filter(slot -> slot % 4 != 0).count();
        boolean alike = slots.size() % 2 == 0 && slots.stream().allMatch(slot -> slots.contains((slot + 8) % 16));
        return 0.6 * off + syncopation.of(slots) - (alike ? 2.5 : 0);
    }

    @Test
    void theLikeliestIsTheLeastCostlyOfAll() {
        var random = new Random(21);
        for (int run = 0; run < 40; run++) {
            Dictation said = said(random, 6);
            List<List<Integer>> all = every(said);
            Placing placing = Placing.of(said, SIXTEEN);
            assertEquals(BigInteger.valueOf(all.size()), placing.count(), said.text());
            if (all.isEmpty()) continue;
            double least =
                    all.stream().mapToDouble(BestPlacementsTest::cost).min().orElseThrow();
            Placement best = placing.best().getFirst();
            assertEquals(least, best.cost(), 1e-9, said.text());
            assertEquals(cost(best.slots()), best.cost(), 1e-9, said.text());
            assertTrue(all.containsAll(
                    placing.best().stream().map(Placement::slots).toList()));
            assertEquals(placing.best().size(), new HashSet<>(placing.best()).size());
            assertTrue(isSorted(placing.best()));
        }
    }

    private static boolean isSorted(List<Placement> placements) {
        var sorted = new ArrayList<>(placements);
        sorted.sort(Comparator.comparingDouble(Placement::cost));
        return sorted.equals(placements);
    }

    @Test
    void noOtherQuestionLeavesFewerPlacementsAtWorst() {
        var random = new Random(5);
        for (int run = 0; run < 30; run++) {
            Dictation said = said(random, 5);
            List<List<Integer>> all = every(said);
            Placing placing = Placing.of(said, SIXTEEN);
            assertEquals(all.size() > 1, placing.question().isPresent(), said.text());
            if (all.size() < 2) continue;
            long least = Long.MAX_VALUE;
            for (int stroke = 0; stroke < said.strokes().size(); stroke++) {
                for (int slot = 0; slot < 15; slot++) {
                    int asked = stroke;
                    int last = slot;
                    long earlier = all.stream()
                            .filter(slots -> slots.get(asked) <= last)
                            .count();
                    long worst = Math.max(earlier, all.size() - earlier);
                    if (worst < all.size()) least = Math.min(least, worst);
                }
            }
            BigInteger one = placing.answered(true).count();
            BigInteger other = placing.answered(false).count();
            assertEquals(placing.count(), one.add(other), said.text());
            assertEquals(least, one.max(other).longValueExact(), said.text());
        }
    }

    @Test
    void anyQuestionIsAnsweredUntilOnePlacementIsLeft() {
        Placing placing = Placing.of(English.dictation("D U D U D"), SIXTEEN);
        int asked = 0;
        var random = new Random(3);
        while (placing.question().isPresent()) {
            placing = placing.answered(random.nextBoolean());
            asked++;
        }
        assertEquals(BigInteger.ONE, placing.count());
        assertTrue(asked <= 9, asked + " questions for 210 placements or fewer");
    }

    @Test
    void aGroovesSnareIsAmongTheReasons() {
        Groove rock = English.groove("k s k s", FOUR, 4);
        Placing placing = Placing.of(English.dictation("D D"), SIXTEEN, new Given(List.of(), false, Optional.of(rock)));
        assertEquals(
                List.of("2 of 2 strokes on felt beats", "1 of 2 snare hits are struck", "syncopation 0"),
                placing.best().getFirst().reasons().stream().map(English::say).toList());
    }
}
