package tactus.sound;

import java.util.List;
import java.util.Optional;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
import tactus.sound.wave.WaveRendering;

/** Bars of one chord at 120. */
public final class SoundFixture {

    private static final Meter FOUR = Meter.parse("4/4");

    private SoundFixture() {}

    /** Two bars of 4/4 of {@code shape}, two seconds each. */
    public static Timeline twoBars(String shape, String line) {
        return twoBars(shape, line, 120);
    }

    /** Two bars of 4/4 of {@code shape} at {@code perMinute}. */
    public static Timeline twoBars(String shape, String line, double perMinute) {
        Pattern pattern = Pattern.empty(new PatternId("p"), "P", FOUR).withLine(line);
        var section = new Section(
                new SectionId("s"), "S", List.of(FOUR, FOUR), List.of(new Span("X", SpanLength.bars(2))), 1);
        Song empty = Song.empty("Song");
        Song song = empty.withFacts(empty.facts().withTempo(Tempo.of(perMinute, FOUR)))
                .withChord(new Chord("X", Voicing.parse(shape)))
                .withPattern(pattern)
                .withSection(section)
                .withOrder(List.of(section.id()));
        return Timeline.of(Assignment.assigned(song, Where.EVERYWHERE, Optional.of(pattern.id())));
    }

    /** The loudness of a stretch: the root of the mean square. */
    public static double loudness(float[] samples, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) sum += samples[i] * samples[i];
        return Math.sqrt(sum / (to - from));
    }

    /** What is played of {@code timeline} in its first seconds, on one channel, 44,100 samples a second. */
    public static float[] mono(Timeline timeline, double seconds) {
        float[] both = WaveRendering.of(timeline).render((int) (seconds * 44_100));
        var mono = new float[both.length / 2];
        for (int i = 0; i < mono.length; i++) mono[i] = (both[2 * i] + both[2 * i + 1]) / 2;
        return mono;
    }
}
