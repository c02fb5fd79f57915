package tactus.formats.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;

/** Pages as SVG, drawn by a renderer that is not ours (JSVG), against the same pages as pictures. */
class SvgRenderedTest {

    private static final int BLOCK = 24;
    /** What the letters of two fonts may differ in, since the renderer does not have ours. */
    private static final double MOST_OF_A_PAGE = 0.03;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "kettle-for-the-stewards",
                "lantern-walk",
                "last-chair-waltz",
                "rain-on-the-boathouse",
                "seven-steps-to-the-pond"
            })
    void everyPageLooksTheSame(String demo) throws IOException {
        Song song = DemoSong.named(demo).song();
        Sheet sheet = Sheet.of(song, Timeline.of(song), SheetLook.on(Paper.A4));
        List<String> pages = sheet.svg();
        List<BufferedImage> pictures = sheet.images(100);
        assertEquals(pictures.size(), pages.size());
        for (int i = 0; i < pages.size(); i++) {
            BufferedImage ours = pictures.get(i);
            BufferedImage theirs = drawn(pages.get(i), ours.getWidth(), ours.getHeight());
            String page = demo + " " + (i + 1);
            double off = difference(ours, theirs);
            assertTrue(off < MOST_OF_A_PAGE, page + " differs by " + off);
            assertEquals("", empty(ours, theirs), page + ": drawn by us only");
            assertEquals("", empty(theirs, ours), page + ": drawn by the other only");
        }
    }

    private static BufferedImage drawn(String svg, int width, int height) {
        var bytes = new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8));
        SVGDocument page =
                Objects.requireNonNull(new SVGLoader().load(bytes, null, LoaderContext.createDefault()), "unread");
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, width, height);
        page.render((java.awt.Component) null, graphics, new ViewBox(0, 0, width, height));
        graphics.dispose();
        return image;
    }

    /** The mean difference in brightness, 0 to 1. */
    private static double difference(BufferedImage one, BufferedImage other) {
        double sum = 0;
        for (int y = 0; y < one.getHeight(); y++)
            for (int x = 0; x < one.getWidth(); x++) sum += Math.abs(ink(one, x, y) - ink(other, x, y));
        return sum / one.getHeight() / one.getWidth();
    }

    /** Where {@code one} has ink and {@code other} has none in that block nor in those beside it. */
    private static String empty(BufferedImage one, BufferedImage other) {
        for (int y = BLOCK; y + 2 * BLOCK < one.getHeight(); y += BLOCK)
            for (int x = BLOCK; x + 2 * BLOCK < one.getWidth(); x += BLOCK)
                if (ink(one, x, y, BLOCK) > 0.04 && ink(other, x - BLOCK / 2, y - BLOCK / 2, 2 * BLOCK) < 0.002)
                    return x + " " + y;
        return "";
    }

    private static double ink(BufferedImage image, int left, int top, int size) {
        double sum = 0;
        for (int y = top; y < top + size; y++) for (int x = left; x < left + size; x++) sum += ink(image, x, y);
        return sum / size / size;
    }

    private static double ink(BufferedImage image, int x, int y) {
        Color color = new Color(image.getRGB(x, y));
        return 1 - (color.getRed() + color.getGreen() + color.getBlue()) / 765.0;
    }
}
