package tactus.formats.sheet;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import tactus.core.laid.picture.Mark;
import tactus.core.laid.picture.Point;
import tactus.formats.font.Typeface;

/** A page as SVG 1.1: text as text in named fonts, as wide as it was laid out whatever font is found. */
final class SvgPage implements Surface {

    private final StringBuilder svg = new StringBuilder();

    SvgPage(Leaf leaf, String title) {
        svg.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
                .append("<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\"")
                .append(" width=\"")
                .append(number(leaf.width()))
                .append("pt\"")
                .append(" height=\"")
                .append(number(leaf.height()))
                .append("pt\"")
                .append(" viewBox=\"0 0 ")
                .append(number(leaf.laidWidth()))
                .append(' ')
                .append(number(leaf.laidHeight()))
                .append("\">\n")
                .append("<title>")
                .append(text(title))
                .append("</title>\n")
                .append("<rect width=\"100%\" height=\"100%\" fill=\"#ffffff\"/>\n");
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.2f", value);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }

    /** Escaped, and without signs that XML cannot hold. */
    private static String text(String text) {
        return text.codePoints()
                .filter(sign -> sign >= 0x20 && sign != 0xFFFE && sign != 0xFFFF && !(sign >= 0xD800 && sign <= 0xDFFF))
                .mapToObj(Character::toString)
                .map(sign -> switch (sign) {
                    case "&" -> "&amp;";
                    case "<" -> "&lt;";
                    case ">" -> "&gt;";
                    case "\"" -> "&quot;";
                    default -> sign;
                })
                .collect(Collectors.joining());
    }

    private static String color(Ink ink) {
        var color = ink.color();
        return String.format("#%02x%02x%02x", color.getRed(), color.getGreen(), color.getBlue());
    }

    private static String family(Typeface face) {
        return switch (face) {
            case REGULAR, SEMIBOLD, BOLD -> "'Open Sans', sans-serif";
            case MUSIC -> "'Noto Music', serif";
            case FIXED -> "'Noto Sans Mono', monospace";
        };
    }

    private static int weight(Typeface face) {
        return switch (face) {
            case BOLD -> 700;
            case SEMIBOLD -> 600;
            case REGULAR, MUSIC, FIXED -> 400;
        };
    }

    @Override
    public void letters(String text, Typeface face, double size, double width, Point base, Ink ink) {
        if (text.isBlank()) return;
        svg.append("<text x=\"")
                .append(number(base.x()))
                .append("\" y=\"")
                .append(number(base.y()))
                .append("\" font-family=\"")
                .append(family(face))
                .append("\" font-weight=\"")
                .append(weight(face))
                .append("\" font-size=\"")
                .append(number(size))
                .append("\" textLength=\"")
                .append(number(width))
                .append("\" lengthAdjust=\"spacingAndGlyphs\" xml:space=\"preserve\" fill=\"")
                .append(color(ink))
                .append("\">")
                .append(text(text))
                .append("</text>\n");
    }

    @Override
    public void line(Point from, Point to, double thickness, Ink ink) {
        svg.append("<path d=\"M").append(at(from)).append('L').append(at(to)).append('"');
        stroke(thickness, ink);
        svg.append("/>\n");
    }

    @Override
    public void curve(Mark.Path path, double thickness, Ink ink, float... dashes) {
        svg.append("<path d=\"M")
                .append(at(path.from()))
                .append('C')
                .append(at(path.control1()))
                .append(' ')
                .append(at(path.control2()))
                .append(' ')
                .append(at(path.to()))
                .append('"');
        stroke(thickness, ink);
        if (dashes.length > 0) {
            svg.append(" stroke-dasharray=\"");
            for (float dash : dashes) svg.append(number(dash)).append(' ');
            svg.append('"');
        }
        svg.append("/>\n");
    }

    @Override
    public void shape(List<Point> outline, Ink ink, boolean hollow) {
        svg.append("<path d=\"M")
                .append(outline.stream().map(SvgPage::at).collect(Collectors.joining("L")))
                .append("Z\"");
        if (hollow) stroke(0.8, ink);
        else svg.append(" fill=\"").append(color(ink)).append('"');
        svg.append("/>\n");
    }

    private void stroke(double thickness, Ink ink) {
        svg.append(" fill=\"none\" stroke=\"")
                .append(color(ink))
                .append("\" stroke-width=\"")
                .append(number(thickness))
                .append('"');
    }

    private static String at(Point point) {
        return number(point.x()) + "," + number(point.y());
    }

    @Override
    public void close() {
        svg.append("</svg>\n");
    }

    @Override
    public String toString() {
        return svg.toString();
    }
}
