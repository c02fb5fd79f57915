package tactus.formats.sheet;

import java.awt.geom.Path2D;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import tactus.formats.font.MusicText;
import tactus.formats.font.Typeface;

/** The fonts of one document, embedded in it as far as they are used, and how wide letters are in them. */
final class Fonts {

    private static final String MISSING = "?";
    private static final double MUSIC_SCALE = 1.35;

    private final Map<Typeface, PDType0Font> fonts = new EnumMap<>(Typeface.class);
    private final Map<Typeface, Map<Integer, Double>> widths = new EnumMap<>(Typeface.class);
    private final Map<Typeface, Map<Integer, Path2D>> outlines = new EnumMap<>(Typeface.class);
    private boolean lacks;

    Fonts(PDDocument document) throws IOException {
        for (Typeface face : EnumSet.complementOf(EnumSet.of(Typeface.FIXED))) {
            try (var in = face.open()) {
                fonts.put(face, PDType0Font.load(document, in, true));
            }
            widths.put(face, new HashMap<>());
            outlines.put(face, new HashMap<>());
        }
    }

    PDType0Font font(Typeface face) {
        return fonts.get(face);
    }

    double width(String text, Typeface face, double size) {
        double width = 0;
        for (MusicText.Run run : MusicText.runs(text)) width += runWidth(run, face) * sizeOf(run, size) / 1000;
        return width;
    }

    /** In thousandths of the size. */
    private double runWidth(MusicText.Run run, Typeface face) {
        Typeface used = face(run, face);
        return settable(run, face)
                .codePoints()
                .mapToDouble(letter -> width(used, letter))
                .sum();
    }

    /** How wide a letter is that the font has, in thousandths of the size. */
    double width(Typeface face, int letter) {
        return widths.get(face).computeIfAbsent(letter, each -> {
            try {
                return (double) fonts.get(face).getStringWidth(Character.toString(each));
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        });
    }

    /** The outline of a letter that the font has, in thousandths of the size, upwards from the base line. */
    Path2D outline(Typeface face, int letter) {
        return outlines.get(face).computeIfAbsent(letter, each -> {
            try {
                PDType0Font font = fonts.get(face);
                return font.getNormalizedPath(
                        font.readCode(new ByteArrayInputStream(font.encode(Character.toString(each)))));
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        });
    }

    /** What was lacking before is forgotten. */
    void begin() {
        lacks = false;
    }

    /** The font that a run is set in. */
    static Typeface face(MusicText.Run run, Typeface face) {
        return run.isMusic() ? Typeface.MUSIC : face;
    }

    /** The music font draws its signs smaller than letters. */
    static double sizeOf(MusicText.Run run, double size) {
        return run.isMusic() ? size * MUSIC_SCALE : size;
    }

    /** Whether a letter was asked for that no font of ours has. */
    boolean lacksLetters() {
        return lacks;
    }

    /** Replaces what the font has no letter for, so that an unusual title still prints. */
    String settable(MusicText.Run run, Typeface face) {
        PDType0Font font = fonts.get(face(run, face));
        var settable = new StringBuilder();
        run.text().codePoints().forEach(character -> {
            String letter = Character.toString(character);
            boolean has = hasLetter(font, letter);
            lacks |= !has;
            settable.append(has ? letter : MISSING);
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
