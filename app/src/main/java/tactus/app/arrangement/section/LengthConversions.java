package tactus.app.arrangement.section;

import java.util.ArrayList;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Section;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
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
