package tactus.formats.sheet;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;
import tactus.core.laid.picture.Mark;
import tactus.core.laid.picture.Point;
import tactus.formats.font.Typeface;

/** A page of a PDF. */
final class PdfPage implements Surface {

    private final PDPageContentStream stream;
    private final Fonts fonts;
    private final double height;

    PdfPage(PDDocument document, Fonts fonts, Leaf leaf) throws IOException {
        this.fonts = fonts;
        height = leaf.laidHeight();
        var page = new PDPage(new PDRectangle((float) leaf.width(), (float) leaf.height()));
        document.addPage(page);
        stream = new PDPageContentStream(document, page);
        if (leaf.scale() != 1) stream.transform(Matrix.getScaleInstance((float) leaf.scale(), (float) leaf.scale()));
    }

    @Override
    public void letters(String text, Typeface face, double size, double width, Point base, Ink ink) throws IOException {
        stream.setNonStrokingColor(ink.color());
        stream.beginText();
        stream.newLineAtOffset((float) base.x(), up(base));
        stream.setFont(fonts.font(face), (float) size);
        stream.showText(text);
        stream.endText();
    }

    @Override
    public void line(Point from, Point to, double thickness, Ink ink) throws IOException {
        stream.setStrokingColor(ink.color());
        stream.setLineWidth((float) thickness);
        stream.moveTo((float) from.x(), up(from));
        stream.lineTo((float) to.x(), up(to));
        stream.stroke();
    }

    @Override
    public void curve(Mark.Path path, double thickness, Ink ink, float... dashes) throws IOException {
        stream.setStrokingColor(ink.color());
        stream.setLineWidth((float) thickness);
        stream.setLineDashPattern(dashes, 0);
        stream.moveTo((float) path.from().x(), up(path.from()));
        stream.curveTo(
                (float) path.control1().x(),
                up(path.control1()),
                (float) path.control2().x(),
                up(path.control2()),
                (float) path.to().x(),
                up(path.to()));
        stream.stroke();
        stream.setLineDashPattern(new float[0], 0);
    }

    @Override
    public void shape(List<Point> outline, Ink ink, boolean hollow) throws IOException {
        stream.setNonStrokingColor(ink.color());
        stream.setStrokingColor(ink.color());
        stream.setLineWidth(0.8f);
        stream.moveTo((float) outline.getFirst().x(), up(outline.getFirst()));
        for (Point point : outline.subList(1, outline.size())) stream.lineTo((float) point.x(), up(point));
        stream.closePath();
        if (hollow) stream.stroke();
        else stream.fill();
    }

    @Override
    public void close() throws IOException {
        stream.close();
    }

    private float up(Point point) {
        return (float) (height - point.y());
    }
}
