package tactus.formats.table;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.Fit;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.chord.ChordName;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.StrokeLine;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.song.Song;
import tactus.core.written.song.Sounded;
import tactus.formats.file.WholeFile;
import tactus.words.BarNote;
import tactus.words.SongWords;
import tactus.words.Words;

/**
 * A song as a table: a row for every chord of every bar as played, as comma-separated values (RFC 4180) in UTF-8. The
 * first row names the columns; these names stay in English, so that a spreadsheet finds them whatever the language.
 */
public final class BarTable {

    private static final String[] COLUMNS = {
        "song bar",
        "section bar",
        "section",
        "use",
        "pass",
        "meter",
        "chord",
        "sounding chord",
        "shape",
        "fingers",
        "pattern",
        "form",
        "strokes",
        "counts",
        "start in seconds",
        "beats",
        "loudness",
        "words",
        "notes"
    };

    private final Song song;
    private final Timeline timeline;
    private final SongWords words;

    private BarTable(Song song, Timeline timeline) {
        this.song = song;
        this.timeline = timeline;
        words = new SongWords(song);
    }

    /**
     * Writes {@code timeline}, which was laid out from {@code song}, whole or not at all.
     *
     * @throws IOException if it cannot be written
     */
    public static void write(Song song, Timeline timeline, Path file) throws IOException {
        write(song, timeline, Optional.empty(), file);
    }

    /** The same for {@code bars} only, if there are any. */
    public static void write(Song song, Timeline timeline, Optional<BarRange> bars, Path file) throws IOException {
        WholeFile.write(file, out -> new BarTable(song.asShown(), timeline).writeTo(out, bars));
    }

    private void writeTo(OutputStream out, Optional<BarRange> bars) throws IOException {
        Csv table = Csv.to(out);
        table.row(COLUMNS);
        for (TimelineBar bar : timeline.bars()) {
            if (bars.isPresent() && !bars.get().has(Math.max(1, bar.number()))) continue;
            List<TimelineSpan> spans = timeline.spansIn(bar);
            if (spans.isEmpty()) table.row(texts(empty(bar)));
            for (TimelineSpan span : spans) table.row(texts(row(bar, span)));
        }
        table.flush();
    }

    private static List<String> texts(List<Object> values) {
        return values.stream().map(Object::toString).toList();
    }

    private List<Object> empty(TimelineBar bar) {
        return List.of(
                bar.number(),
                bar.numberInSection(),
                section(bar),
                words.use(bar.use()),
                bar.pass(),
                bar.meter(),
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                seconds(bar.seconds()),
                bar.meter().length().dividedBy(bar.meter().shortestBeat()),
                "",
                sung(bar.start(), bar.end()),
                BarNote.of(words, timeline, bar));
    }

    private List<Object> row(TimelineBar bar, TimelineSpan span) {
        var from = span.start().max(bar.start());
        var to = span.end().min(bar.end());
        List<TimelineStroke> strokes = timeline.strokesIn(bar.number()).stream()
                .filter(stroke ->
                        !stroke.start().isLessThan(from) && stroke.start().isLessThan(to))
                .toList();
        var chord = song.chord(span.chord());
        return List.of(
                bar.number(),
                bar.numberInSection(),
                section(bar),
                words.use(bar.use()),
                bar.pass(),
                bar.meter(),
                span.chord(),
                sounding(span),
                chord.map(Chord::voicing).map(Object::toString).orElse(""),
                chord.flatMap(Chord::fingering)
                        .map(fingers -> fingers.toText(chord.get().voicing()))
                        .orElse(""),
                span.pattern().flatMap(song::pattern).map(Pattern::name).orElse(""),
                form(span, bar),
                strokes.stream().map(BarTable::sign).collect(Collectors.joining(" ")),
                strokes.stream().map(stroke -> stroke.count().toString()).collect(Collectors.joining(" ")),
                seconds(timeline.seconds(from)),
                to.minus(from).dividedBy(bar.meter().shortestBeat()),
                span.played().swell().from().letters(),
                sung(from, to),
                from.equals(bar.start()) ? BarNote.of(words, timeline, bar) : "");
    }

    /** The form that is played, that of a pattern that is one, and where its last round is cut. */
    private String form(TimelineSpan span, TimelineBar bar) {
        if (span.pattern().isEmpty()) return "";
        Optional<Form> kept = song.pattern(span.pattern().get()).flatMap(Pattern::form);
        boolean isKept = span.played().form().equals(FormChoice.FULL) && kept.isPresent();
        String form = isKept
                ? Words.lexicon().word("form", kept.get().rule())
                : words.rules().of(span.played().form());
        return span.fit()
                .filter(Fit::isCut)
                .map(fit -> cut(form, fit, bar.meter()))
                .orElse(form);
    }

    /** In felt beats, or, where these are not all as long, in the counts of the bar: 5 of the 7 eighths. */
    private static String cut(String form, Fit fit, Meter meter) {
        boolean isEven = Set.copyOf(meter.beats()).size() == 1;
        Length step = isEven ? meter.beats().getFirst() : meter.unitLength();
        return Words.of(
                isEven ? "table.cut" : "table.cut-counts",
                form,
                fit.rest().dividedBy(step),
                fit.round().dividedBy(step));
    }

    /** What is sung between two places. */
    private String sung(Length from, Length to) {
        return Margin.line(timeline.margin().words().stream()
                .filter(word -> !word.at().isLessThan(from) && word.at().isLessThan(to))
                .toList());
    }

    private String section(TimelineBar bar) {
        return song.section(bar.section()).orElseThrow().name();
    }

    private static String sign(TimelineStroke stroke) {
        return StrokeLine.format(stroke.stroke(), stroke.hand().orElse(Direction.DOWN));
    }

    private static String seconds(double seconds) {
        return String.format(Locale.ROOT, "%.3f", seconds);
    }

    /** What is heard while the shape is held. */
    private String sounding(TimelineSpan span) {
        return Sounded.name(song.facts(), span.chord(), span.semitonesUp())
                .map(ChordName::toString)
                .orElse(span.chord());
    }
}
