package tactus.formats.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.shape.Voicing;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.What;
import tactus.core.written.song.Hint;
import tactus.core.written.song.HintPlace;
import tactus.core.written.song.Song;
import tactus.formats.SampleSong;
import tactus.formats.font.ChordText;
import tactus.words.SongWords;

class SheetTest {

    @TempDir
    private Path folder;

    private PDDocument written(Song song, Paper paper) throws IOException {
        Path file = folder.resolve("sheet.pdf");
        Sheet.of(song, Timeline.of(song), SheetLook.on(paper)).writePdf(file);
        return Loader.loadPDF(file.toFile());
    }

    /** ISO 216 and ANSI: 210 by 297 mm, 8.5 by 11 inches. */
    @ParameterizedTest
    @CsvSource({"A4, 595.28, 841.89", "LETTER, 612, 792"})
    void thePaperHasItsSize(Paper paper, float width, float height) throws IOException {
        try (PDDocument document = written(SampleSong.plain(), paper)) {
            assertEquals(width, document.getPage(0).getMediaBox().getWidth(), 0.01);
            assertEquals(height, document.getPage(0).getMediaBox().getHeight(), 0.01);
        }
    }

    @Test
    void titleFactsPatternsAndOrderStandOnIt() throws IOException {
        try (PDDocument document = written(SampleSong.plain(), Paper.A4)) {
            String text = new PDFTextStripper().getText(document);
            List.of(
                            "Sample",
                            "sounds in D",
                            "shapes in C",
                            "capo 2",
                            "92.5",
                            "March",
                            "Drive “ö”",
                            "Verse, 2 times",
                            "bars 1–8",
                            "B♭",
                            "the same as from bar 1",
                            "2/4")
                    .forEach(wanted -> assertTrue(text.contains(wanted), wanted + " in\n" + text));
        }
    }

    @Test
    void whatIsOtherAndWhatGoesAlongStandsOnItAndTheVersionIsNamed() throws IOException {
        Song whole = SampleSong.song();
        Song full = whole.withVersions(whole.versions().withShown(Optional.empty()));
        try (PDDocument document = written(full, Paper.A4)) {
            String text = new PDFTextStripper().getText(document);
            List.of(
                            "First Verse, 2 times",
                            "Second Verse, 3 times",
                            "not as from bar 1",
                            "last 2 bars:",
                            "pass 2, bar 1 left out",
                            "“breathe”",
                            "stop and count",
                            "Drive “ö”, last time",
                            "4/4  ·  Verse; second guitar: Verse",
                            "lan-",
                            "home",
                            "other words",
                            "slowing to 60.5",
                            "or held strum")
                    .forEach(wanted -> assertTrue(text.contains(wanted), wanted + " in\n" + text));
            assertFalse(text.contains("First week ·"));
        }
        try (PDDocument document = written(whole, Paper.A4)) {
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains("First week · level: easy · sounds in A"), text);
            assertTrue(text.contains("xx3331"), "the stand-in is printed");
        }
    }

    private String text(Song song) throws IOException {
        try (PDDocument document = written(song, Paper.A4)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static long count(String text, String part) {
        return (text.length() - text.replace(part, "").length()) / part.length();
    }

    /** Whatever makes a later use another to the ear keeps the sheet from calling it the same. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "very strong",
                "up 2 with the capo",
                "silence",
                "held strum",
                "only downs form",
                "pause of 1 beat"
            })
    void whatIsNotPlayedTheSameIsNotCalledTheSame(String said) throws IOException {
        Song song = SampleSong.plain();
        String name = song.sections().getFirst().name();
        song = song.withOrder(List.of(song.order().getFirst(), song.order().getFirst()));
        assertEquals(1, count(text(song), "the same as from bar 1"));
        Song ruled = song.withRule(new SongWords(song).rules().parse("last " + name + ": " + said));
        assertEquals(0, count(text(ruled), "the same as from bar 1"), said);
        String page = text(ruled);
        assertTrue(page.contains("not as from bar 1") || page.contains("as from bar 1, but for bar"), said + page);
    }

    /** Nothing of what is played is lost: every pattern, form and event of every pass can be read on the page. */
    @Test
    void everyPassSaysWhatItPlays() throws IOException {
        Song whole = SampleSong.song();
        for (Song song :
                List.of(SampleSong.plain(), whole.withVersions(whole.versions().withShown(Optional.empty())))) {
            String text = text(song).replaceAll("\\s+", " ");
            var words = new SongWords(song).rules();
            for (TimelineSpan span : Timeline.of(song).spans()) {
                if (span.inSection().isEmpty()) continue;
                if (span.played().what().orElse(null) instanceof What.Event event)
                    assertTrue(text.contains(words.of(event)), event + " in " + text);
                span.pattern()
                        .flatMap(song::pattern)
                        .ifPresent(pattern -> assertTrue(text.contains(pattern.name()), pattern.name()));
                if (span.pattern().isPresent() && !span.played().form().equals(FormChoice.FULL))
                    assertTrue(
                            text.contains(words.of(span.played().form().rule().orElseThrow())),
                            words.of(span.played().form().rule().orElseThrow()) + " in " + text);
            }
        }
    }

    /** Two shapes of one name stand in the facts and in the bars, each under its label, and sound as they are held. */
    @Test
    void severalShapesOfOneNameAreToldApartByTheirLabels() throws IOException {
        Song plain = SampleSong.plain();
        String first = plain.sections().getFirst().spans().getFirst().chord();
        String label = first + "@up-the-neck";
        Song song = plain.withChord(new Chord(label, Voicing.parse("x-x-x-9-8-8")))
                .withSection(
                        plain.sections().getFirst().id(),
                        section -> section.withSpan(
                                0, new Span(label, section.spans().getFirst().length())));
        try (PDDocument document = written(song, Paper.A4)) {
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains("xxx988"), text);
            assertTrue(
                    Pattern.compile("xxx988\\R8\\R2\\R1\\R3\\R").matcher(text).find(),
                    "its first fret and fingers: " + text);
            int facts = text.indexOf(ChordText.of(label));
            assertTrue(facts > 0 && text.indexOf(ChordText.of(label), facts + 1) > facts, text);
        }
        Timeline timeline = Timeline.of(song);
        var struck = timeline.strokes().getFirst().strings();
        assertTrue(struck.stream().allMatch(string -> string.string() <= 3), struck.toString());
    }

    /** Every hint is on the page, whatever it is about and however long it is. */
    @Test
    void everyHintStandsOnIt() throws IOException {
        Song plain = SampleSong.plain();
        var section = plain.sections().getFirst();
        String chord = section.spans().getFirst().chord();
        String lengthy = "word ".repeat(120) + "end-of-it";
        Song song = plain.withLesson(plain.lesson()
                .withHints(List.of(
                        new Hint(new HintPlace.OfSong(), "about-the-song"),
                        new Hint(new HintPlace.OfChord(chord), "about-the-chord"),
                        new Hint(new HintPlace.OfChange(chord, chord), "about-the-change"),
                        new Hint(
                                new HintPlace.OfPattern(
                                        plain.patterns().getFirst().id()),
                                "about-the-pattern"),
                        new Hint(
                                new HintPlace.OfStroke(
                                        plain.patterns().getFirst().id(), 0),
                                "about-the-stroke"),
                        new Hint(new HintPlace.OfSection(section.id()), lengthy),
                        new Hint(new HintPlace.OfBar(section.id(), 1), "about-the-bar"))));
        try (PDDocument document = written(song, Paper.A4)) {
            String text = new PDFTextStripper().getText(document);
            for (String wanted : List.of("song", "chord", "change", "pattern", "stroke", "bar"))
                assertTrue(text.contains("about-the-" + wanted), wanted + " in\n" + text);
            assertTrue(text.contains("end-of-it"), text);
        }
    }

    @Test
    void everyFontIsEmbedded() throws IOException {
        try (PDDocument document = written(SampleSong.plain(), Paper.A4)) {
            for (var page : document.getPages()) {
                for (var name : page.getResources().getFontNames()) {
                    assertTrue(page.getResources().getFont(name).isEmbedded(), name.getName());
                }
            }
        }
    }

    @Test
    void aLongSongGoesOnOverPagesWithTheirNumbers() throws IOException {
        Song song = SampleSong.plain();
        var verse = song.sections().getFirst().withBars(Collections.nCopies(300, SampleSong.FOUR));
        try (PDDocument document = written(song.withSection(verse), Paper.LETTER)) {
            int pages = document.getNumberOfPages();
            assertTrue(pages > 2, pages + " pages");
            assertTrue(new PDFTextStripper().getText(document).contains(pages + " of " + pages));
        }
    }

    @Test
    void aSongWithNothingInItAndATitleInAnyScriptStillPrints() throws IOException {
        try (PDDocument document = written(Song.empty("夜 Night"), Paper.A4)) {
            assertEquals(1, document.getNumberOfPages());
            assertTrue(new PDFTextStripper().getText(document).contains("? Night"));
        }
    }

    @Test
    void asPicturesEachPageIsAFileWithInkOnIt() throws IOException {
        Song song = SampleSong.plain();
        Sheet sheet = Sheet.of(song, Timeline.of(song), SheetLook.on(Paper.A4));
        List<Path> files = sheet.writePng(folder.resolve("sheet.png"), 72, false);
        BufferedImage first = ImageIO.read(files.getFirst().toFile());
        assertEquals(595, first.getWidth());
        int dark = 0;
        for (int x = 0; x < first.getWidth(); x++) {
            for (int y = 0; y < first.getHeight(); y++) {
                if ((first.getRGB(x, y) & 0xFF) < 100) dark++;
            }
        }
        assertTrue(dark > 3_000, dark + " dark dots");
        assertTrue(files.stream().allMatch(Files::exists));
    }
}
