package tactus.core.laid.timeline;

import java.util.List;
import java.util.Optional;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.section.Section;

/**
 * One pass of a section as the rules have it, counted from its own start; a song places it as often as it is played.
 *
 * @param second what a second guitar plays
 * @param first what is played first, whose pick-up lies in front
 * @param goingOn the round that is not over at its end and goes on in the next pass
 */
record LaidPass(
        PassFrame frame,
        List<LaidSpan> spans,
        List<LaidStroke> strokes,
        List<LaidStroke> second,
        Optional<Pattern> first,
        Optional<GoingOn> goingOn,
        Loudness loudness) {

    /**
     * A round that began in the pass before.
     *
     * @param offset how much of it has been played
     */
    record GoingOn(Pattern pattern, Length offset) {}

    LaidPass {
        spans = List.copyOf(spans);
        strokes = List.copyOf(strokes);
        second = List.copyOf(second);
    }

    Section section() {
        return frame.section();
    }

    BarLines bars() {
        return frame.bars();
    }

    /** How loud the pass starts; see {@link Sounding#loudness}. */
    double loudnessAtStart() {
        return loudness.at(Length.ZERO);
    }
}
