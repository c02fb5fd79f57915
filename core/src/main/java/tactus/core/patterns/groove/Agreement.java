package tactus.core.patterns.groove;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Pattern;

/**
 * How a pattern agrees with a groove. Each kick and each snare hit weighs one, a hit that no stroke meets counts nothing,
 * and a stroke that is neither accented nor a mute answers a snare only in part; the figures are ours.
 *
 * @param share from 0 to 1
 * @param answers strokes that meet the snare, in order
 * @param unanswered counts of snare hits that no stroke meets, in order
 */
public record Agreement(double share, List<Answer> answers, List<String> unanswered) {

    /** A stroke on a snare hit; strong if it is accented or a mute. */
    public record Answer(Slot slot, Stroke stroke, boolean isStrong) {

        public Answer {
            Objects.requireNonNull(slot);
            Objects.requireNonNull(stroke);
        }
    }

    private static final double PLAIN_ON_SNARE = 0.6;

    public Agreement {
        answers = List.copyOf(answers);
        unanswered = List.copyOf(unanswered);
    }

    /** Compares one round of {@code pattern} with {@code groove} going round below it. */
    public static Agreement of(Pattern pattern, Groove groove) {
        var answers = new ArrayList<Answer>();
        var unanswered = new ArrayList<String>();
        double met = 0;
        int hits = 0;
        List<Slot> slots = pattern.grid().slots();
        for (Groove.Hit hit : hits(groove, pattern.length())) {
            hits++;
            Slot slot = slots.stream()
                    .filter(each ->
                            each.at().minus(pattern.frame().pickupLength()).equals(hit.at()))
                    .findFirst()
                    .orElse(null);
            Stroke stroke = slot == null ? null : pattern.at(slot);
            boolean struck = stroke != null && stroke.isStruck();
            if (hit.drum() == Drum.KICK) {
                if (struck) met++;
                continue;
            }
            if (struck) {
                boolean strong = stroke.force().isAccented() || stroke instanceof Mute;
                answers.add(new Answer(slot, stroke, strong));
                met += strong ? 1 : PLAIN_ON_SNARE;
            } else if (slot != null) {
                unanswered.add(slot.count().toString());
            }
        }
        return new Agreement(hits == 0 ? 0 : met / hits, answers, unanswered);
    }

    private static List<Groove.Hit> hits(Groove groove, Length until) {
        return groove.hits(Length.ZERO, until).stream()
                .filter(hit -> hit.drum() != Drum.HAT)
                .sorted(Comparator.comparing(Groove.Hit::at))
                .toList();
    }
}
