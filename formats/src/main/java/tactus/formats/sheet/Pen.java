package tactus.formats.sheet;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import tactus.core.picture.Mark;
import tactus.core.picture.Point;
import tactus.formats.font.MusicText;
import tactus.formats.font.Typeface;

/** Draws on a page with the origin in its upper left corner, and sets text with musical signs in it. */
final class Pen {

    /** The embedded fonts of one document. */
    static final class Fonts {

        private static final String MISSING = "?";

        private boolean lacks;

        private static final double MUSIC_SCALE = 1.35;

        private final Map<Typeface, PDType0Font> fonts = new EnumMap<>(Typeface.class);

        Fonts(PDDocument document) throws IOException {
            for (Typeface face : EnumSet.complementOf(EnumSet.of(Typeface.FIXED))) {
                try (var in = face.open()) {
                    fonts.put(face, PDType0Font.load(document, in, true));
                }
            }
        }

        double width(String text, Typeface face, double size) {
            double width = 0;
            for (MusicText.Run run : MusicText.runs(text)) {
                width += width(font(run, face), run.text()) * sizeOf(run, size) / 1000;
            }
            return width;
        }

        private static double width(PDType0Font font, String text) {
            try {
                return font.getStringWidth(settable(font, text));
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        }

        /** The music font draws its signs smaller than letters. */
        static double sizeOf(MusicText.Run run, double size) {
            return run.isMusic() ? size * MUSIC_SCALE : size;
        }

        /** Remembers whether letters were missing. */
        private void note(String wanted, String set) {
            lacks |= !wanted.equals(set);
        }

        boolean lacksLetters() {
            return lacks;
        }

        private PDType0Font font(MusicText.Run run, Typeface face) {
            return fonts.get(run.isMusic() ? Typeface.MUSIC : face);
        }

        /** Replaces what the font has no letter for, so that an unusual title still prints. */
        private static String settable(PDType0Font font, String text) {
            var settable = new StringBuilder();
            text.codePoints().forEach(character -> {
                String letter = Character.toString(character);
                settable.append(hasLetter(font, letter) ? letter : MISSING);
            });
            return settable.toString();
        }

        private static boolean hasLetter(PDType0Font font, String letter) {
            try {
                font.encode(letter);
                return true;
            } catch (IllegalArgumentException | IOException missing) {
                return false;
            }
        }
    }

    private static final int DISC_STEPS = 24;

    private final PDPageContentStream stream;
    private final Fonts fonts;
    private final double pageHeight;

    Pen(PDPageContentStream stream, Fonts fonts, double pageHeight) {
        this.stream = stream;
        this.fonts = fonts;
        this.pageHeight = pageHeight;
    }

    double width(String text, Typeface face, double size) {
        return fonts.width(text, face, size);
    }

    /** Returns {@code text}, cut short with an ellipsis where it is wider than {@code room}. */
    String fitted(String text, double room, Typeface face, double size) {
        if (width(text, face, size) <= room) return text;
        String shorter = text;
        while (!shorter.isEmpty() && width(shorter + "…", face, size) > room) {
            shorter = shorter.substring(0, shorter.length() - 1);
        }
        return shorter.strip() + "…";
    }

    /** Sets {@code text} with its base line starting at {@code x}, {@code y}. */
    void text(String text, double x, double y, Typeface face, double size, Ink ink) throws IOException {
        stream.setNonStrokingColor(ink.color());
        stream.beginText();
        stream.newLineAtOffset((float) x, up(y));
        for (MusicText.Run run : MusicText.runs(text)) {
            var font = fonts.font(run, face);
            stream.setFont(font, (float) Fonts.sizeOf(run, size));
            String settable = Fonts.settable(font, run.text());
            fonts.note(run.text(), settable);
            stream.showText(settable);
        }
        stream.endText();
    }

    void centred(String text, double middle, double y, Typeface face, double size, Ink ink) throws IOException {
        text(text, middle - width(text, face, size) / 2, y, face, size, ink);
    }

    void line(Point from, Point to, double thickness, Ink ink) throws IOException {
        stream.setStrokingColor(ink.color());
        stream.setLineWidth((float) thickness);
        stream.moveTo((float) from.x(), up(from.y()));
        stream.lineTo((float) to.x(), up(to.y()));
        stream.stroke();
    }

    void curve(Mark.Path path, double thickness, Ink ink, float... dashes) throws IOException {
        stream.setStrokingColor(ink.color());
        stream.setLineWidth((float) thickness);
        stream.setLineDashPattern(dashes, 0);
        stream.moveTo((float) path.from().x(), up(path.from().y()));
        stream.curveTo(
                (float) path.control1().x(),
                up(path.control1().y()),
                (float) path.control2().x(),
                up(path.control2().y()),
                (float) path.to().x(),
                up(path.to().y()));
        stream.stroke();
        stream.setLineDashPattern(new float[0], 0);
    }

    /** Fills the shape, or draws only its edge where {@code hollow}. */
    void shape(List<Point> outline, Ink ink, boolean hollow) throws IOException {
        stream.setNonStrokingColor(ink.color());
        stream.setStrokingColor(ink.color());
        stream.setLineWidth(0.8f);
        stream.moveTo((float) outline.getFirst().x(), up(outline.getFirst().y()));
        for (Point point : outline.subList(1, outline.size())) stream.lineTo((float) point.x(), up(point.y()));
        stream.closePath();
        if (hollow) stream.stroke();
        else stream.fill();
    }

    /** Fills a round spot, or draws only its edge where {@code hollow}. */
    void disc(Point middle, double radius, Ink ink, boolean hollow) throws IOException {
        var outline = new ArrayList<Point>();
        for (int step = 0; step < DISC_STEPS; step++) {
            double angle = 2 * Math.PI * step / DISC_STEPS;
            outline.add(new Point(middle.x() + radius * Math.cos(angle), middle.y() + radius * Math.sin(angle)));
        }
        if (hollow) shape(outline, Ink.PAPER, false);
        shape(outline, ink, hollow);
    }

    private float up(double y) {
        return (float) (pageHeight - y);
    }
}
