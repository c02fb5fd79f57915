package tactus.formats.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.picture.Fingerprint;
import tactus.core.laid.picture.Passage;
import tactus.core.laid.timeline.PlayedForm;
import tactus.core.laid.timeline.RaisedShapes;
import tactus.core.laid.timeline.StruckString;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.pitch.Guitar;
import tactus.core.music.stroke.Pluck;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.rhythm.CellWords;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Raise;
import tactus.core.written.rule.What;
import tactus.core.written.section.Except;
import tactus.core.written.song.Accepted;
import tactus.core.written.song.Hint;
import tactus.core.written.song.Song;
import tactus.formats.SampleSong;
import tactus.formats.SongsByChance;
import tactus.formats.demo.DemoSong;
import tactus.formats.table.TextChart;
import tactus.words.SongWords;
import tactus.words.Words;

/** Whatever the timeline has is found on the sheet and in the chart, in words. */
class NothingIsLostTest {

    private static final String REASON = "the voice wants it so ";

    @TempDir
    private Path folder;

    static Stream<Song> songs() throws IOException {
        var songs = new ArrayList<Song>();
        for (DemoSong each : DemoSong.values()) {
            Song demo = each.song();
            songs.add(demo);
            demo.versions()
                    .all()
                    .forEach(version ->
                            songs.add(demo.withVersions(demo.versions().withShown(Optional.of(version.name())))));
        }
        songs.add(SampleSong.song());
        songs.add(everythingMeant(SampleSong.song()));
        return songs.stream();
    }

    /** The same with every slip that is found in it taken as meant. */
    private static Song everythingMeant(Song song) {
        Song meant = song;
        for (Snag snag : Snags.all(song, Timeline.of(song), Words.lexicon())) {
            String reason = REASON + meant.lesson().accepted().size();
            meant = meant.withLesson(meant.lesson().with(new Accepted(snag.id(), snag.values(), reason)));
        }
        assertFalse(meant.lesson().accepted().isEmpty());
        return meant;
    }

    /** What has to be said of a song. */
    private static Set<String> said(Song written, Timeline timeline) {
        Song song = written.asShown();
        var words = new SongWords(song);
        var said = new LinkedHashSet<String>();
        said.add(song.facts().title());
        if (song.facts().instrument().guitar() != Guitar.AS_TUNED) {
            said.add(Words.value(song.facts().instrument().guitar()));
            assertFalse(Words.value(song.facts().instrument().guitar()).contains("_"));
        }
        song.versions().shown().ifPresent(said::add);
        said.add(song.lesson().handout().reader().homework());
        for (TimelineSpan span : timeline.spans()) {
            said.add(Chord.plainName(span.chord()).replace("#", "♯").replace("b", "♭"));
            if (span.played().what().orElse(null) instanceof What.Event event)
                said.add(words.rules().of(event));
            span.raise().map(Raise.class::cast).map(words.rules()::of).ifPresent(said::add);
        }
        for (PlayedForm played : PlayedForm.of(song, timeline)) {
            said.add(song.pattern(played.pattern().id()).orElseThrow().name());
            played.form().rule().map(words.rules()::of).ifPresent(said::add);
            CellWords.of(
                            song.pattern(played.pattern().id()).orElseThrow(),
                            song.lesson().mnemonics())
                    .ifPresent(own -> said.add(own.words()));
        }
        timeline.margin().cues().forEach(cue -> said.add(cue.text()));
        timeline.margin().words().forEach(word -> said.add(word.text()));
        timeline.margin().offers().forEach(offer -> said.add(words.rules().said(offer.rule())));
        timeline.margin()
                .paces()
                .forEach(pace -> pace.pace().map(words.rules()::of).ifPresent(said::add));
        // A use that is played as an earlier one says so, whatever it is written as.
        Outline.of(timeline).uses().stream()
                .filter(use -> use.sameAs().isEmpty())
                .flatMap(use -> song.uses().get(use.use()).excepts().stream())
                .map(except -> except.change() instanceof Except.Runs(int runs) && runs > 1
                        ? ", " + runs + " times"
                        : words.of(except))
                .forEach(said::add);
        song.sections().forEach(section -> words.key(section.id()).ifPresent(said::add));
        // What is not played is not on the page.
        song.lesson().hints().stream()
                .filter(hint -> hint.about().inSection().stream().allMatch(song.order()::contains))
                .map(Hint::text)
                .forEach(said::add);
        Stream.concat(song.chords().stream(), RaisedShapes.of(song, timeline).stream())
                .forEach(chord -> said.add(chord.voicing().toString()));
        song.chords()
                .forEach(chord -> chord.moves()
                        .forEach(at -> said.add(at.count()
                                + (at.move().sound() == FingerMove.Sound.SLURRED
                                        ? " hammer-on"
                                        : " string " + at.move().string()))));
        return said;
    }

    /** What muted strokes strike, which the chart says with them; a narrow ribbon of the sheet says that they are muted. */
    private static Set<String> muted(Song song, Timeline timeline) {
        var words = new SongWords(song);
        return timeline.spans().stream()
                .filter(span -> span.played().what().equals(Optional.of(What.Event.MUTED)))
                .flatMap(span -> span.pattern().flatMap(song::pattern).stream())
                .map(pattern -> words.rules().of(What.Event.MUTED) + " of " + pattern.name())
                .collect(Collectors.toSet());
    }

    /** What is not there; the reasons for which slips are taken as meant are the teacher's own and never on paper. */
    private static List<String> missing(String text, Set<String> wanted) {
        String plain = plain(text);
        assertFalse(plain.contains(plain(REASON)), text);
        return wanted.stream().filter(each -> !plain.contains(plain(each))).toList();
    }

    /** Without spaces, which lines and signs of another font change, and without the signs of accidentals. */
    private static String plain(String text) {
        return text.replace("♯", "#").replace("♭", "b").replaceAll("\\s+", "").toLowerCase(java.util.Locale.ROOT);
    }

    @ParameterizedTest
    @MethodSource("songs")
    void everythingStandsOnTheSheet(Song song) throws IOException {
        Timeline timeline = Timeline.of(song);
        Path file = folder.resolve("sheet.pdf");
        Files.deleteIfExists(file);
        Sheet.of(song, timeline, SheetLook.on(Paper.A4)).writePdf(file);
        try (var document = Loader.loadPDF(file.toFile())) {
            String text = new PDFTextStripper().getText(document);
            assertEquals(List.of(), missing(text, said(song, timeline)), text);
        }
    }

    @ParameterizedTest
    @MethodSource("songs")
    void everythingStandsInTheChart(Song song) throws IOException {
        Timeline timeline = Timeline.of(song);
        Path file = folder.resolve("chart.txt");
        Files.deleteIfExists(file);
        TextChart.write(song, timeline, file);
        String text = Files.readString(file);
        Set<String> wanted = said(song, timeline);
        wanted.addAll(muted(song.asShown(), timeline));
        assertEquals(List.of(), missing(text, wanted), text);
    }

    static IntStream seeds() {
        return IntStream.range(0, 300);
    }

    private static List<Song> demos;

    /** Songs that say things by chance, on the sheet (as SVG has it), in the chart, in the table and in the pictures. */
    @ParameterizedTest
    @MethodSource("seeds")
    void nothingOfASongByChanceIsLost(int seed) throws IOException {
        if (demos == null) demos = songs().toList();
        Song song = SongsByChance.of(demos.get(seed % demos.size()), seed);
        Timeline timeline = Timeline.of(song);
        Set<String> wanted = said(song, timeline);
        Sheet sheet = Sheet.of(song, timeline, SheetLook.on(Paper.A4));
        // Every fifth as SVG has it, which takes longer.
        String text = seed % 5 == 0 ? letters(String.join(" ", sheet.svg())) : WrittenPage.text(sheet);
        assertEquals(List.of(), missing(text, wanted), text);
        Path file = folder.resolve("chance.txt");
        TextChart.write(song, timeline, file);
        wanted.addAll(muted(song.asShown(), timeline));
        wanted.addAll(meters(song.asShown(), timeline));
        String chart = Files.readString(file);
        assertEquals(List.of(), missing(chart, wanted), chart);
        assertEquals(Set.of(), otherInPictures(song.asShown(), timeline));
    }

    /** What is written on a page of SVG. */
    private static String letters(String svg) {
        return Pattern.compile("<text[^>]*>([^<]*)</text>")
                .matcher(svg)
                .results()
                .map(text -> text.group(1))
                .collect(Collectors.joining(" "))
                .replace("&lt;", "<")
                .replace("&gt;", ">")
                .replace("&quot;", "\"")
                .replace("&amp;", "&");
    }

    /** Meters that begin within the song. */
    private static Set<String> meters(Song song, Timeline timeline) {
        return timeline.bars().stream()
                .filter(bar ->
                        Outline.of(timeline).uses().get(bar.use()).sameAs().isEmpty())
                .filter(bar -> timeline.startsMeter(bar, song.facts().meter()))
                .map(bar -> "(" + bar.meter() + ")")
                .collect(Collectors.toSet());
    }

    /** Strokes that the picture of a pattern, in its form and on its chord, has on other strings than are struck. */
    private static Set<String> otherInPictures(Song song, Timeline timeline) {
        var other = new LinkedHashSet<String>();
        for (PlayedForm played : PlayedForm.of(song, timeline)) {
            boolean isMoved = !played.whole(song).moves().isEmpty();
            for (TimelineStroke stroke : isMoved ? List.<TimelineStroke>of() : timeline.strokes()) {
                TimelineSpan span = timeline.spans().get(stroke.span());
                if (!(stroke.stroke() instanceof Pluck) || span.raise().isPresent()) continue;
                if (!stroke.pattern().equals(Optional.of(played.pattern().id()))
                        || !span.played().form().equals(played.form())) continue;
                Optional<Chord> chord = song.chord(span.chord())
                        .filter(each -> each.fits(song.facts().tuning()));
                if (chord.isEmpty() || !chord.get().moves().isEmpty()) continue;
                Passage picture = Passage.of(
                        played.pattern(), played.whole(song), song.facts().held(chord.get()), span.chord());
                Set<Integer> drawn = picture.slots().get(stroke.slot()).fingers().stream()
                        .map(Fingerprint::string)
                        .collect(Collectors.toSet());
                Set<Integer> struck =
                        stroke.strings().stream().map(StruckString::string).collect(Collectors.toSet());
                if (!drawn.containsAll(struck))
                    other.add(played.pattern().name() + " on " + span.chord() + ": " + drawn + ", not " + struck);
            }
        }
        return other;
    }
}
