package tactus.words;

import java.util.Optional;
import tactus.core.taught.practice.Take;
import tactus.core.taught.practice.TakeTrouble;

/** A take in one plain sentence: how it went, what lies worst, and what to do about it. */
public final class TakeWords {

    private static final double STEADY_MS = 25;
    private static final double EVEN_MS = 45;
    private static final double DRIFTS_PERCENT = 1;
    private static final double TENDS_MS = 20;
    private static final long ON_TIME_MS = 20;

    private TakeWords() {}

    /** {@code Steady, but the stroke on 2& comes 40 ms early: play it alone, counting aloud.} */
    public static String sentence(Take take) {
        if (take.strokes().isEmpty()) return Words.of("take.nothing-due");
        if (take.missed() == take.strokes().size()) return Words.of("take.nothing-heard");
        boolean isMostlyMissed = take.missed() > take.strokes().size() / 2;
        String how =
                Words.of(how(take), Math.round(Math.abs(take.driftPercent())), Math.round(Math.abs(take.meanMs())));
        // Where most is missing, one stroke that is missing is no news.
        return take.trouble()
                .filter(trouble -> !isMostlyMissed || trouble.kind() != TakeTrouble.Kind.COUNT_MISSED)
                .filter(trouble -> !isMostlyMissed || trouble.kind() != TakeTrouble.Kind.CHANGE_MISSED)
                .map(trouble -> Words.of("take.but", how, trouble(trouble)))
                .orElseGet(() -> Words.of("take.all", how));
    }

    /** What a single stroke was played for and when: {@code 2&: 40 ms early}. */
    public static String stroke(Optional<Take.Played> stroke) {
        return stroke.filter(each -> each.late().isPresent())
                .map(each -> {
                    long ms = Math.round(1000 * each.late().getAsDouble());
                    String code = Math.abs(ms) <= ON_TIME_MS ? "on-time" : ms < 0 ? "before" : "behind";
                    String when = Words.of("take.stroke-" + code, each.due().count(), Math.abs(ms));
                    return each.isWrongWay() ? Words.of("take.stroke-wrong-way", when) : when;
                })
                .orElse(Words.of("take.stroke-none"));
    }

    private static String how(Take take) {
        if (take.missed() > take.strokes().size() / 2) return "take.mostly-missed";
        if (take.isDriftSure() && take.driftPercent() > DRIFTS_PERCENT) return "take.slows";
        if (take.isDriftSure() && take.driftPercent() < -DRIFTS_PERCENT) return "take.hurries";
        if (take.spreadMs() > EVEN_MS) return "take.uneven";
        if (take.meanMs() > TENDS_MS) return "take.late";
        if (take.meanMs() < -TENDS_MS) return "take.early";
        return take.spreadMs() <= STEADY_MS ? "take.steady" : "take.fairly-steady";
    }

    private static String trouble(TakeTrouble trouble) {
        String code = switch (trouble.kind()) {
            case COUNT_EARLY -> "take.count-early";
            case COUNT_LATE -> "take.count-late";
            case COUNT_MISSED -> "take.count-missed";
            case CHANGE_LATE -> "take.change-late";
            case CHANGE_MISSED -> "take.change-missed";
        };
        return Words.of(code, trouble.where(), Math.abs(trouble.milliseconds()), trouble.times(), trouble.of());
    }
}
