package tactus.formats.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.outline.Block;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.stroke.RoleSchool;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Handout;
import tactus.core.written.song.Song;
import tactus.formats.SampleSong;
import tactus.formats.demo.DemoSong;
import tactus.formats.song.SongFile;

/** A sheet as a teacher composes it. */
class ComposedSheetTest {

    private static final List<String> DEMOS = List.of(
            "kettle-for-the-stewards",
            "lantern-walk",
            "last-chair-waltz",
            "rain-on-the-boathouse",
            "seven-steps-to-the-pond");

    private static Song demo(String name) {
        return DemoSong.named(name).song();
    }

    private static Sheet sheet(Song song, UnaryOperator<Handout> composed) throws IOException {
        Handout handout = composed.apply(song.lesson().handout());
        Song with = song.withLesson(song.lesson().with(handout));
        return Sheet.of(with, Timeline.of(with), SheetLook.on(Paper.A4));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "FACTS;sounds in D",
                "NOTES;Verse stays under the voices",
                "SHAPES;133211",
                "PATTERNS;Tin roof",
                "MAP;Lantern march · Tin roof",
                "BARS;(Am)",
                "PRACTICE;the hand on damped strings",
                "LEGEND;accent"
            })
    void eachPartStandsOnItAloneAndIsGoneWhenItIsTakenOut(Handout.Part part, String text) throws IOException {
        Song song = demo("lantern-walk");
        assertTrue(
                WrittenPage.text(sheet(song, handout -> handout.withParts(List.of(part))))
                        .contains(text),
                text);
        List<Handout.Part> others = Stream.of(Handout.Part.values())
                .filter(each -> each != part && each != Handout.Part.BARS)
                .toList();
        String without = WrittenPage.text(sheet(song, handout -> handout.withParts(others)));
        assertEquals(part == Handout.Part.PATTERNS, without.contains(text), text);
    }

    @Test
    void partsStandInTheOrderThatIsChosenAndNoneIsNoSheet() throws IOException {
        Song song = demo("lantern-walk");
        String usual = WrittenPage.text(sheet(song, handout -> handout));
        assertTrue(usual.indexOf("133211") < usual.indexOf("bars 73–80"));
        String moved = WrittenPage.text(sheet(song, handout -> handout.moved(Handout.Part.SHAPES, 9)));
        assertTrue(moved.indexOf("133211") > moved.indexOf("bars 73–80"));
        assertThrows(Refusal.class, () -> Handout.USUAL.withParts(List.of()));
        assertThrows(Refusal.class, () -> Handout.USUAL.withPercent(69));
        assertEquals(Handout.USUAL, Handout.USUAL.with(Handout.Part.BARS, false).with(Handout.Part.BARS, true));
    }

    @Test
    void smallPicturesStandWhereSomethingElseIsPlayedOrInEveryBarOrNowhere(@TempDir Path folder) throws IOException {
        Song song = demo("lantern-walk");
        Map<Handout.Pictures, Long> drawn = new EnumMap<>(Handout.Pictures.class);
        for (Handout.Pictures which : Handout.Pictures.values()) {
            UnaryOperator<Handout> composed =
                    handout -> handout.withParts(List.of(Handout.Part.BARS)).with(which);
            long paths = sheet(song, composed).svg().stream()
                    .flatMap(String::lines)
                    .filter(line -> line.startsWith("<path"))
                    .count();
            drawn.put(which, paths);
            Song kept = song.withLesson(
                    song.lesson().with(composed.apply(song.lesson().handout())));
            SongFile.write(kept, folder.resolve("kept.tactus.json"));
            assertEquals(
                    which,
                    SongFile.read(folder.resolve("kept.tactus.json"))
                            .song()
                            .lesson()
                            .handout()
                            .pictures());
        }
        List<Block> blocks = Outline.of(Timeline.of(song)).uses().stream()
                .filter(use -> use.sameAs().isEmpty())
                .flatMap(use -> use.blocks().stream())
                .toList();
        long ribbons = blocks.stream()
                .flatMap(block -> Stream.concat(block.lanes().stream(), block.second().stream()))
                .mapToLong(lane -> lane.ribbons().size())
                .sum();
        // In a ribbon stand a line and one to twelve strokes, two lines for a cross; in a bar strings, beats and path
        // as well.
        long changes = drawn.get(Handout.Pictures.WHERE_IT_CHANGES) - drawn.get(Handout.Pictures.NONE);
        assertTrue(changes > ribbons * 4 && changes < ribbons * 16, ribbons + " ribbons: " + changes);
        long bars = drawn.get(Handout.Pictures.EVERY_BAR) - drawn.get(Handout.Pictures.NONE);
        assertTrue(bars > 44 * 12 && bars > 4 * changes, "lines in bars: " + bars);
    }

    @Test
    void onePageHasTheLargestPrintThatFitsOrSaysThatItCannotBe() throws IOException {
        Song song = demo("lantern-walk");
        song = song.withLesson(song.lesson()
                .with(Handout.USUAL.withParts(List.of(Handout.Part.FACTS, Handout.Part.SHAPES, Handout.Part.BARS))));
        Sheet one = sheet(song, handout -> handout.withFit(Handout.Fit.ONE_PAGE));
        assertEquals(1, one.pages());
        assertTrue(one.fits() && one.percent() >= Handout.SMALLEST);
        Sheet larger = sheet(song, handout -> handout.withFit(Handout.Fit.TWO_PAGES));
        assertTrue(larger.percent() > one.percent() && larger.pages() == 2);
        Sheet impossible = sheet(
                SampleSong.plain()
                        .withSection(SampleSong.plain()
                                .sections()
                                .getFirst()
                                .withBars(java.util.Collections.nCopies(400, SampleSong.FOUR))),
                handout -> handout.withFit(Handout.Fit.ONE_PAGE));
        assertFalse(impossible.fits());
        assertEquals(Handout.SMALLEST, impossible.percent());
    }

    static Stream<Arguments> compositions() {
        List<UnaryOperator<Handout>> all = List.of(
                handout -> handout,
                handout -> handout.withParts(List.of(Handout.Part.values())).withEasier(true),
                handout -> handout.withLandscape(true).withPercent(130).withShapes(180),
                handout -> handout.withPercent(220),
                handout -> handout.with(Handout.Pictures.EVERY_BAR),
                handout -> handout.withFit(Handout.Fit.ONE_PAGE).with(Handout.Part.PRACTICE, true));
        var arguments = new ArrayList<Arguments>();
        for (String demo : DEMOS) for (int i = 0; i < all.size(); i++) arguments.add(Arguments.of(demo, i, all.get(i)));
        return arguments.stream();
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("compositions")
    void nothingLiesOverAnotherThingOrOffThePaper(String demo, int index, UnaryOperator<Handout> composed)
            throws IOException {
        for (WrittenPage page : WrittenPage.of(sheet(demo(demo), composed))) {
            for (int i = 0; i < page.boxes.size(); i++) {
                WrittenPage.Box box = page.boxes.get(i);
                assertTrue(
                        box.left() >= 0
                                && box.top() >= 0
                                && box.right() <= page.leaf.laidWidth()
                                && box.bottom() <= page.leaf.laidHeight(),
                        box.toString());
                for (WrittenPage.Box other : page.boxes.subList(i + 1, page.boxes.size()))
                    assertFalse(box.covers(other), box + " and " + other);
            }
        }
    }

    /** PDFBox draws the PDF; where it is dark the picture and the drawing in SVG are. */
    @Test
    void picturePdfAndDrawingAreTheSamePage() throws Exception {
        Sheet sheet = sheet(demo("rain-on-the-boathouse"), handout -> handout.withPercent(110));
        BufferedImage ours = sheet.images(72).getFirst();
        try (var document = Loader.loadPDF(sheet.pdf())) {
            assertEquals(sheet.pages(), document.getNumberOfPages());
            BufferedImage theirs = new PDFRenderer(document).renderImageWithDPI(0, 72);
            assertTrue(difference(ours, theirs) < 4, "mean difference of grey " + difference(ours, theirs));
        }
        var factory = DocumentBuilderFactory.newInstance();
        for (String svg : sheet.svg()) {
            var parsed =
                    factory.newDocumentBuilder().parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
            assertEquals("svg", parsed.getDocumentElement().getNodeName());
            assertTrue(parsed.getElementsByTagName("text").getLength() > 20);
        }
        assertEquals(sheet.pages(), sheet.svg().size());
    }

    /** In eighths of the page, so that the edges of letters do not count. */
    private static double difference(BufferedImage one, BufferedImage other) {
        assertEquals(one.getWidth(), other.getWidth(), 1);
        int cell = 8;
        double sum = 0;
        int cells = 0;
        for (int x = 0; x + cell < Math.min(one.getWidth(), other.getWidth()); x += cell) {
            for (int y = 0; y + cell < Math.min(one.getHeight(), other.getHeight()); y += cell) {
                sum += Math.abs(grey(one, x, y, cell) - grey(other, x, y, cell));
                cells++;
            }
        }
        return sum / cells;
    }

    private static double grey(BufferedImage image, int left, int top, int cell) {
        double sum = 0;
        for (int x = left; x < left + cell; x++)
            for (int y = top; y < top + cell; y++) sum += image.getRGB(x, y) & 0xFF;
        return sum / (cell * cell);
    }

    @Test
    void stringsAndNecksAreTurnedAsOnTheScreen() throws IOException {
        Song song = demo("lantern-walk");
        song = song.withLesson(
                song.lesson().with(Handout.USUAL.withParts(List.of(Handout.Part.SHAPES, Handout.Part.PATTERNS))));
        var turned = new SheetLook(Paper.A4, false, true, RoleSchool.LETTERS, NoteSchool.INTERNATIONAL, "");
        List<WrittenPage.Box> usual = WrittenPage.of(Sheet.of(song, Timeline.of(song), SheetLook.on(Paper.A4)))
                .getFirst()
                .boxes;
        List<WrittenPage.Box> other =
                WrittenPage.of(Sheet.of(song, Timeline.of(song), turned)).getFirst().boxes;
        assertTrue(top(usual, "6 E") < top(usual, "1 E"));
        assertTrue(top(other, "6 E") > top(other, "1 E"));
        assertTrue(first(usual, "×").left() < first(usual, "3").left(), "the nut is on the left");
        assertTrue(first(other, "×").left() > first(other, "3").left(), "the nut is on the right");
    }

    private static WrittenPage.Box first(List<WrittenPage.Box> boxes, String text) {
        return boxes.stream().filter(box -> box.text().equals(text)).findFirst().orElseThrow();
    }

    private static double top(List<WrittenPage.Box> boxes, String text) {
        return first(boxes, text).top();
    }

    @Test
    void whomItIsForStandsInTheCornerAndAtTheFootOfEveryPage() throws IOException {
        Sheet sheet = sheet(
                demo("lantern-walk"),
                handout -> handout.with(new Handout.Reader("Ines <&>", "28 November", "bars 1 to 8"))
                        .with(Handout.Part.PRACTICE, true));
        for (WrittenPage page : WrittenPage.of(sheet))
            assertTrue(
                    page.boxes.stream().anyMatch(box -> box.text().contains("Lantern Walk · Ines <&> · 28 November")));
        String text = WrittenPage.text(sheet);
        assertTrue(text.contains("for Ines <&> · 28 November") && text.contains("bars 1 to 8"));
        assertTrue(sheet.svg().getFirst().contains("Ines &lt;&amp;&gt;"));
    }

    @ParameterizedTest
    @CsvSource({"pattern, tin-roof, Tin roof, 520", "section, bridge, Bridge, 520", "shape, G/B, G/B, 222"})
    void aPatternAShapeOrASectionAloneIsAPictureAsLargeAsItIs(String kind, String id, String text, int width)
            throws IOException {
        Song song = demo("lantern-walk");
        Picture.Subject subject = switch (kind) {
            case "pattern" -> new Picture.Subject.OfPattern(new PatternId(id));
            case "section" -> new Picture.Subject.OfSection(new SectionId(id));
            default -> new Picture.Subject.OfShape(id);
        };
        var picture = new Picture(song, Timeline.of(song), subject, SheetLook.on(Paper.A4));
        BufferedImage image = picture.image(72);
        assertEquals(width, image.getWidth(), 1);
        assertTrue(image.getHeight() > 80 && image.getHeight() < 400, image.getHeight() + " high");
        assertTrue(grey(image, 0, image.getHeight() - 9, 8) > 250, "nothing is cut at the foot");
        assertTrue(picture.svg().contains(">" + text + "<"), picture.svg());
    }
}
