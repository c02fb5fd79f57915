package tactus.core.dictation;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tactus.core.pattern.PatternFrame;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Hand;
import tactus.core.stroke.Strum;
import tactus.core.time.Length;

/** Looks for the smallest changes after which a dictation can be placed, the likeliest slips first (from memory). */
final class Mends {

    private static final int MOST = 6;

    private final Dictation dictation;
    private final PatternFrame frame;
    private final Given given;
    private final List<Mend> found = new ArrayList<>();

    Mends(Dictation dictation, PatternFrame frame, Given given) {
        this.dictation = dictation;
        this.frame = frame;
        this.given = given;
    }

    List<Mend> find() {
        swaps();
        lateStart();
        oneTooMany();
        oneTooFew();
        moreBars();
        otherFrame("let the hand move twice as fast", fasterHand());
        otherFrame("play it all down", allDown());
        againstTheHand();
        return found.subList(0, Math.min(MOST, found.size()));
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
        if (!up
                || given.lateStart()
                || dictation.strokes().size() > frame.grid().size()) return;
        if (canBePlaced(dictation, frame, true)) {
            found.add(new Mend("start later than on count 1", dictation, frame, late));
        }
    }

    private void offer(String sentence, Dictation changed, PatternFrame on) {
        if (changed.strokes().isEmpty()) return;
        boolean known = found.stream()
                .anyMatch(mend -> mend.dictation().words().equals(changed.words())
                        && mend.frame().equals(on));
        if (known || !canBePlaced(changed, on, given.lateStart())) return;
        found.add(new Mend(sentence, changed, on, new Given(List.of(), given.lateStart(), given.groove())));
    }

    private static boolean canBePlaced(Dictation changed, PatternFrame on, boolean late) {
        Bounds bounds = Bounds.open(changed.strokes().size(), on.grid().size(), late, Set.of());
        return changed.strokes().size() <= on.grid().size()
                && new Ways(changed, on, bounds).count().compareTo(BigInteger.ZERO) > 0;
    }

    private void swaps() {
        for (int i = 0; i + 1 < dictation.strokes().size(); i++) {
            var changed = new ArrayList<>(dictation.strokes());
            Collections.swap(changed, i, i + 1);
            String words = changed.get(i).word() + " " + changed.get(i + 1).word();
            offer("swap strokes " + (i + 1) + " and " + (i + 2) + ": " + words, dictation.with(changed), frame);
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
        if (down)
            offer("leave the last down to the next bar, whose first stroke it is", dictation.without(last), frame);
        for (int i = 0; i <= last; i++) {
            offer(
                    "leave out stroke " + (i + 1) + " ("
                            + dictation.strokes().get(i).word() + ")",
                    dictation.without(i),
                    frame);
        }
    }

    private void oneTooFew() {
        for (int i = 1; i <= dictation.strokes().size(); i++) {
            for (Direction way : Direction.values()) {
                var changed = new ArrayList<>(dictation.strokes());
                int index = dictation.text().length();
                changed.add(i, SpokenStroke.of(Strum.of(way), Optional.of(way), index));
                offer(
                        "put " + (way == Direction.UP ? "an up" : "a down") + " behind stroke " + i,
                        dictation.with(changed),
                        frame);
            }
        }
    }

    private void otherFrame(String sentence, Optional<PatternFrame> other) {
        other.ifPresent(on -> offer(sentence, dictation, on));
    }

    /** The fewest bars more that have room for all strokes. */
    private void moreBars() {
        int inBar = frame.meter().beats().size();
        int most = (PatternFrame.mostBeats(frame.meter()) - frame.beats()) / inBar;
        int before = found.size();
        for (int bars = 1; bars <= most && found.size() == before; bars++) {
            String sentence = bars == 1 ? "give it one more bar" : "give it " + bars + " more bars";
            offer(sentence, dictation, frame.withBeats(frame.beats() + bars * inBar));
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
        try {
            return Optional.of(PatternFrame.of(frame.meter(), frame.beats(), hand));
        } catch (IllegalArgumentException uneven) {
            return Optional.empty();
        }
    }

    private void againstTheHand() {
        for (int i = 0; i < dictation.strokes().size(); i++) {
            if (dictation.strokes().get(i).direction().isEmpty()) continue;
            String word = dictation.strokes().get(i).word();
            offer("play stroke " + (i + 1) + " (" + word + ") against the hand", dictation.turned(i), frame);
        }
    }
}
