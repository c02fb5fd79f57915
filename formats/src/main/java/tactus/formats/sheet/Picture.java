package tactus.formats.sheet;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Objects;
import javax.imageio.ImageIO;
import tactus.core.laid.timeline.Timeline;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Handout;
import tactus.core.written.song.Song;
import tactus.formats.file.WholeFile;

/** A picture of one thing of a song alone, as it stands on the sheet: a pattern, a shape, a section. */
public final class Picture {

    /** What is on a picture. */
    public sealed interface Subject {

        /** A pattern, in every form in which it is played. */
        record OfPattern(PatternId pattern) implements Subject {
            public OfPattern {
                Objects.requireNonNull(pattern);
            }
        }

        /** The shape of a chord. */
        record OfShape(String chord) implements Subject {
            public OfShape {
                Objects.requireNonNull(chord);
            }
        }

        /** A section as it is played first, bar by bar. */
        record OfSection(SectionId section) implements Subject {
            public OfSection {
                Objects.requireNonNull(section);
            }
        }
    }

    private static final double WIDTH = 520;
    private static final double MARGIN = 12;
    private static final double ENDLESS = 100_000;
    private static final double SHAPE_SCALE = 2;

    private final Song song;
    private final Timeline timeline;
    private final Subject subject;
    private final SheetLook look;

    /** @param timeline laid out from {@code song} */
    public Picture(Song song, Timeline timeline, Subject subject, SheetLook look) {
        this.song = song.asShown();
        this.timeline = timeline;
        this.subject = subject;
        this.look = look;
    }

    /** As a picture with {@code dotsPerInch}. */
    public BufferedImage image(float dotsPerInch) throws IOException {
        return ((ImagePage) on((leaf, fonts) -> new ImagePage(leaf, fonts, dotsPerInch))).image();
    }

    /** As SVG. */
    String svg() throws IOException {
        return on((leaf, _) -> new SvgPage(leaf, song.facts().title())).toString();
    }

    /** Writes it, whole or not at all: as SVG where the name of {@code file} ends so, otherwise as PNG. */
    public void write(Path file, float dotsPerInch) throws IOException {
        if (file.toString().toLowerCase(Locale.ROOT).endsWith(".svg")) {
            byte[] svg = svg().getBytes(StandardCharsets.UTF_8);
            WholeFile.write(file, out -> out.write(svg));
        } else {
            BufferedImage image = image(dotsPerInch);
            WholeFile.write(file, out -> ImageIO.write(image, "png", out));
        }
    }

    /** A page as large as what is on it. */
    private Surface on(Sheet.Kind kind) throws IOException {
        try (var measuring = Measuring.begin()) {
            Fonts fonts = measuring.fonts();
            double width = width();
            Pages measured = pages(fonts, new Leaf(width, ENDLESS, 1, MARGIN, false), _ -> Surface.BLANK);
            double height = measured.y() + MARGIN;
            Pages pages = pages(fonts, new Leaf(width, height, 1, MARGIN, false), leaf -> kind.page(leaf, fonts));
            return pages.finished().getFirst();
        }
    }

    private double width() {
        return subject instanceof Subject.OfShape ? ShapePicture.WIDTH * SHAPE_SCALE + 2 * MARGIN : WIDTH;
    }

    private Pages pages(Fonts fonts, Leaf leaf, Pages.Target target) throws IOException {
        var pages = new Pages(target, fonts, leaf, "", look.notes());
        switch (subject) {
            case Subject.OfPattern(PatternId id) -> new PatternsLayout(usual(), timeline, pages, look).lay(id);
            case Subject.OfShape(String name) -> layShape(pages, name);
            case Subject.OfSection(SectionId id) -> new RunningOrderLayout(song, timeline, pages, look).lay(id);
        }
        return pages;
    }

    /** Pictures have their usual size, whatever the pages of the sheet ask for. */
    private Song usual() {
        return song.withLesson(song.lesson().with(Handout.USUAL));
    }

    private void layShape(Pages pages, String name) throws IOException {
        var chord = song.chord(name).orElseThrow(() -> new IllegalArgumentException("there is no chord " + name));
        new ShapePicture(pages.pen(), chord, "", look, SHAPE_SCALE).print(pages.left(), pages.y());
        pages.moveDown(ShapePicture.height(chord.voicing().strings()) * SHAPE_SCALE);
    }
}
