package tactus.core.patterns.placing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import tactus.core.ground.statement.Statement;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.Length;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.SpokenStroke;
import tactus.core.patterns.pattern.PatternFrame;

/** Looks for the smallest changes after which a dictation can be placed, the likeliest slips first (from memory). */
final class Mends {

    private static final int MOST = 6;

    private final Dictation dictation;
    private final PatternFrame frame;
    private final HandSlots here;
    private final Given given;
    private final List<Mend> found = new ArrayList<>();

    Mends(Dictation dictation, PatternFrame frame, Given given) {
        this.dictation = dictation;
        this.frame = frame;
        here = new HandSlots(frame);
        this.given = given;
    }

    List<Mend> find() {
        swaps();
        lateStart();
        oneTooMany();
        if (!isPicked()) oneTooFew();
        moreBars();
        otherFrame("mend.faster-hand", fasterHand());
        if (!isPicked()) otherFrame("mend.all-down", allDown());
        againstTheHand();
        return found.subList(0, Math.min(MOST, found.size()));
    }

    /** Strums are no mend for what is clearly picked. */
    private boolean isPicked() {
        return dictation.strokes().stream().allMatch(stroke -> stroke.form() instanceof Pluck);
    }

    /** An up said first may be meant for the "and" behind count 1. */
    private void lateStart() {
        Given late = new Given(List.of(), true, given.groove());
        boolean up = dictation
                .strokes()
                .getFirst()
                .direction()
                .filter(Direction.UP::equals)
                .isPresent();
        if (!up || given.lateStart()) return;
        if (Placing.isPossible(dictation, here, late)) {
            found.add(new Mend(Statement.of("mend.late-start"), dictation, frame, late));
        }
    }

    private void offer(Statement change, Dictation changed, HandSlots on) {
        if (changed.strokes().isEmpty() || found.size() >= MOST) return;
        boolean known = found.stream()
                .anyMatch(mend -> mend.dictation().said().equals(changed.said())
                        && mend.frame().equals(on.frame()));
        Given then = new Given(List.of(), given.lateStart(), given.groove());
        if (!known && Placing.isPossible(changed, on, then)) found.add(new Mend(change, changed, on.frame(), then));
    }

    private void swaps() {
        for (int i = 0; i + 1 < dictation.strokes().size(); i++) {
            var changed = new ArrayList<>(dictation.strokes());
            Collections.swap(changed, i, i + 1);
            offer(
                    Statement.of("mend.swap", i + 1, i + 2, changed.get(i), changed.get(i + 1)),
                    dictation.with(changed),
                    here);
        }
    }

    private void oneTooMany() {
        int last = dictation.strokes().size() - 1;
        boolean down = dictation
                .strokes()
                .get(last)
                .direction()
                .filter(Direction.DOWN::equals)
                .isPresent();
        if (down) offer(Statement.of("mend.leave-last"), dictation.without(last), here);
        for (int i = 0; i <= last; i++) {
            offer(Statement.of("mend.leave-out", i + 1, dictation.strokes().get(i)), dictation.without(i), here);
        }
    }

    private void oneTooFew() {
        for (int i = 1; i <= dictation.strokes().size(); i++) {
            for (Direction way : Direction.values()) {
                var changed = new ArrayList<>(dictation.strokes());
                int index = dictation.text().length();
                changed.add(i, SpokenStroke.of(Strum.of(way), Optional.of(way), index));
                offer(
                        Statement.of(way == Direction.UP ? "mend.put-up" : "mend.put-down", i),
                        dictation.with(changed),
                        here);
            }
        }
    }

    private void otherFrame(String code, Optional<PatternFrame> other) {
        other.ifPresent(on -> offer(Statement.of(code), dictation, new HandSlots(on)));
    }

    /** The fewest bars more that have room for all strokes. */
    private void moreBars() {
        int inBar = frame.meter().beats().size();
        int most = (PatternFrame.mostBeats(frame.meter()) - frame.beats()) / inBar;
        int before = found.size();
        for (int bars = 1; bars <= most && found.size() == before; bars++) {
            var longer = new HandSlots(frame.withBeats(frame.beats() + bars * inBar));
            offer(Statement.of("mend.more-bars", bars), dictation, longer);
        }
    }

    private Optional<PatternFrame> fasterHand() {
        Length rate = frame.hand().rate().dividedBy(2);
        return possible(new Hand(frame.hand().mode(), rate));
    }

    private Optional<PatternFrame> allDown() {
        return frame.hand().mode() == Hand.Mode.ALL_DOWN
                ? Optional.empty()
                : possible(Hand.allDown(frame.hand().rate()));
    }

    private Optional<PatternFrame> possible(Hand hand) {
        boolean even = PatternFrame.isPossible(frame.meter(), hand.rate());
        return even ? Optional.of(PatternFrame.of(frame.meter(), frame.beats(), hand)) : Optional.empty();
    }

    private void againstTheHand() {
        for (int i = 0; i < dictation.strokes().size(); i++) {
            if (dictation.strokes().get(i).direction().isEmpty()) continue;
            offer(Statement.of("mend.against-hand", i + 1, dictation.strokes().get(i)), dictation.turned(i), here);
        }
    }
}
