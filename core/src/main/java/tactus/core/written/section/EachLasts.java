package tactus.core.written.section;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;

/** The usual answers to how long each chord of a section lasts, where nobody has said. */
public enum EachLasts {
    A_BAR,
    TWO_BARS,
    HALF_A_BAR,
    A_BEAT;

    /** Whether there are chords in {@code section} whose length is not said. */
    public static boolean isOpen(Section section) {
        return section.spans().stream().anyMatch(span -> span.length() instanceof SpanLength.Open);
    }

    /** Those that can be in {@code section}: a bar of three beats has no half. */
    public static List<EachLasts> of(Section section) {
        int beats = section.bars().getFirst().beats().size();
        return List.of(values()).stream()
                .filter(each -> each != HALF_A_BAR || beats % 2 == 0)
                .filter(each -> each != A_BEAT || beats > 1)
                .toList();
    }

    private Optional<SpanLength> length(Meter meter) {
        return switch (this) {
            case A_BAR -> Optional.of(SpanLength.bars(1));
            case TWO_BARS -> Optional.of(SpanLength.bars(2));
            case HALF_A_BAR ->
                meter.beats().size() % 2 == 0
                        ? Optional.of(SpanLength.beats(meter.beats().size() / 2))
                        : Optional.empty();
            case A_BEAT -> Optional.of(SpanLength.beats(1));
        };
    }

    /** {@code section} with that said of each chord of which nothing is; the last one is held to the end of its bar. */
    public Section in(Section section) {
        Meter meter = section.bars().getFirst();
        Optional<SpanLength> length = length(meter);
        if (length.isEmpty()) return section;
        var spans = new ArrayList<Span>();
        for (Span span : section.spans())
            spans.add(span.length() instanceof SpanLength.Open ? new Span(span.chord(), length.get()) : span);
        Section said = section.withSpans(spans).withBars(Collections.nCopies(Section.MOST_BARS, meter));
        Length end = said.edges(meter.length()).getLast();
        long bars = end.wholesOf(meter.length());
        Length rest = end.remainderOver(meter.length());
        if (!rest.isZero()) {
            bars++;
            Length start = said.edges(meter.length()).get(spans.size() - 1);
            SpanLength held =
                    SpanLength.between(said.barLines(), start, meter.length().times(bars));
            spans.set(spans.size() - 1, new Span(spans.getLast().chord(), held));
        }
        return section.withSpans(spans).withBars(Collections.nCopies((int) Math.max(1, bars), meter));
    }
}
