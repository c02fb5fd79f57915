package tactus.app.section;

import java.util.ArrayList;
import tactus.core.harmony.Span;
import tactus.core.harmony.SpanLength;
import tactus.core.section.Section;
import tactus.core.song.Assignment;
import tactus.core.song.Song;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Quantity;
import tactus.words.Words;

/** How long a chord is in each unit. */
final class LengthConversions {

    private LengthConversions() {}

    /** Returns {@code 1 bar = 4 beats = ½ round} for a chord that starts at {@code start} of its section. */
    static String of(Song song, Section section, Span span, Length start) {
        BarLines bars = section.barLines();
        Length round = Assignment.round(song, section);
        Length end = span.length().end(bars, start, round);
        var units = new ArrayList<String>();
        units.add(Words.value(SpanLength.between(bars, start, end)));
        units.add(Words.value(new SpanLength.Beats(bars.beatsBefore(end).minus(bars.beatsBefore(start)))));
        Assignment.of(song, section.id())
                .ifPresent(_ -> units.add(Words.value(
                        new Quantity(Quantity.Unit.ROUND, end.minus(start).dividedBy(round)))));
        return String.join(" = ", units.stream().distinct().toList());
    }
}
