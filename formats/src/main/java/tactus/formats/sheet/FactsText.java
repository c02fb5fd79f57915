package tactus.formats.sheet;

import tactus.core.song.Facts;
import tactus.core.timeline.Timeline;
import tactus.formats.font.MusicText;

/** The song's facts as one line, as they stand on the sheet and above the window. */
public final class FactsText {

    private FactsText() {}

    /** {@code sounds in D · shapes in C · capo 2 · 4/4 · ♩ = 92 · 64 bars · 2:47}. */
    public static String of(Facts facts, Timeline timeline) {
        return String.join(
                " · ",
                "sounds in " + MusicText.signs(facts.key().toString()),
                "shapes in " + MusicText.signs(facts.shapesKey().toString()),
                facts.capo() == 0 ? "no capo" : "capo " + facts.capo(),
                facts.meter().toString(),
                MusicText.note(facts.tempo().beat()) + " = " + facts.tempo().perMinuteText(),
                timeline.bars().size() + (timeline.bars().size() == 1 ? " bar" : " bars"),
                clock(timeline.seconds()));
    }

    /** Minutes and seconds: {@code 2:47}. */
    public static String clock(double seconds) {
        long whole = Math.round(seconds);
        return whole / 60 + ":" + String.format("%02d", whole % 60);
    }
}
