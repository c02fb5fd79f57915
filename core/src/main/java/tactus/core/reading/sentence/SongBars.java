package tactus.core.reading.sentence;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;

/** Bars that are counted through the song, as those of a section: {@code song bar 13} is bar 5 of the chorus. */
public final class SongBars {

    private static final Pattern NUMBERS = Pattern.compile("\\s*(\\d{1,5})(?:\\s*[-\\u2013]\\s*(\\d{1,5}))?\\s*");

    private final Lexicon lexicon;
    private final Supplier<Timeline> timeline;

    /** @param timeline is asked only if bars are counted so */
    public SongBars(Lexicon lexicon, Supplier<Timeline> timeline) {
        this.lexicon = Objects.requireNonNull(lexicon);
        this.timeline = Objects.requireNonNull(timeline);
    }

    /** Whether {@code text} counts bars so, whether they are there or not. */
    boolean counts(String text) {
        return lexicon.read("stretch-bars.in-song", text)
                .filter(holes -> NUMBERS.matcher(holes.getFirst()).matches())
                .isPresent();
    }

    /**
     * Reads {@code song bar 13} or {@code song bars 13-15}; empty if the text counts otherwise.
     *
     * @param section the section that the bars must be of
     * @throws NotationException if there are no such bars, or they are of another section
     */
    public Optional<Stretch> read(String text, Optional<SectionId> section) {
        Optional<List<String>> counted = lexicon.read("stretch-bars.in-song", text);
        if (counted.isEmpty()) return Optional.empty();
        Matcher numbers = NUMBERS.matcher(counted.get().getFirst());
        if (!numbers.matches()) throw new NotationException("stretch.unread", text, 0);
        int first = inSection(text, numbers.group(1), section);
        int last = numbers.group(2) == null ? first : inSection(text, numbers.group(2), section);
        if (last < first) throw new NotationException("stretch.unread", text, text.indexOf(numbers.group(2)));
        return Optional.of(Stretch.bars(first, last));
    }

    private int inSection(String text, String number, Optional<SectionId> section) {
        return timeline.get()
                .bar(Integer.parseInt(number))
                .filter(bar -> section.filter(bar.section()::equals).isPresent())
                .map(TimelineBar::numberInSection)
                .orElseThrow(() -> new NotationException("stretch.elsewhere", text, text.indexOf(number), number));
    }
}
