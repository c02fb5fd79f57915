package tactus.core.laid.timeline;

import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.music.time.Length;
import tactus.core.written.rule.Pace;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Swell;
import tactus.core.written.section.Stretch.Bounds;

/**
 * What goes along with the strokes.
 *
 * @param cues in order
 * @param sung where somebody sings
 * @param swells where each pass begins and where it becomes louder or softer within it
 * @param words what is sung
 * @param paces where the tempo becomes another one
 * @param offers where another way is offered beside what is played
 */
public record Margin(
        List<TimelineCue> cues,
        List<Bounds> sung,
        List<SwellAt> swells,
        List<SungAt> words,
        List<PaceAt> paces,
        List<OfferAt> offers) {

    /** From {@code at} on it is as loud as {@code swell} says. */
    public record SwellAt(Length at, Swell swell) {

        public SwellAt {
            Objects.requireNonNull(at);
            Objects.requireNonNull(swell);
        }
    }

    /**
     * A word or a syllable that is sung.
     *
     * @param bar the number of the first bar of the pass that it belongs to; it may stand in front of that
     * @param goesOn whether the next one belongs to the same word
     * @param startsLine whether it begins a line of the words
     */
    public record SungAt(Length at, int bar, String text, boolean goesOn, boolean startsLine) {

        public SungAt {
            Objects.requireNonNull(at);
            Objects.requireNonNull(text);
        }

        /** With a hyphen where the word goes on. */
        public String hyphened() {
            return goesOn ? text + "-" : text;
        }
    }

    /** What is sung as a line of whole words. */
    public static String line(List<SungAt> sung) {
        var line = new StringBuilder();
        for (SungAt each : sung) line.append(each.text).append(each.goesOn ? "" : " ");
        return line.toString().strip();
    }

    /** From {@code at} on it goes as {@code pace} says; empty where it goes at the song's tempo again. */
    public record PaceAt(Length at, Optional<Pace> pace) {

        public PaceAt {
            Objects.requireNonNull(at);
            Objects.requireNonNull(pace);
        }
    }

    /** From {@code at} on what {@code rule} says could be played instead. */
    public record OfferAt(Length at, Rule rule) {

        public OfferAt {
            Objects.requireNonNull(at);
            Objects.requireNonNull(rule);
        }
    }

    public Margin {
        words = Collections.unmodifiableList(words);
        offers = Collections.unmodifiableList(offers);
        paces = Collections.unmodifiableList(paces);
        cues = Collections.unmodifiableList(cues);
        sung = Collections.unmodifiableList(sung);
        swells = Collections.unmodifiableList(swells);
    }
}
