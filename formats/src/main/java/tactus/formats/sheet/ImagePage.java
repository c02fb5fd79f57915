package tactus.formats.sheet;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.List;
import tactus.core.laid.picture.Mark;
import tactus.core.laid.picture.Point;
import tactus.formats.font.Typeface;

/** A page as a picture; letters are drawn as the shapes that the PDF embeds. */
final class ImagePage implements Surface {

    private static final double POINTS_AN_INCH = 72;

    private final BufferedImage image;
    private final Graphics2D graphics;
    private final Fonts fonts;

    ImagePage(Leaf leaf, Fonts fonts, float dotsPerInch) {
        this.fonts = fonts;
        double scale = dotsPerInch / POINTS_AN_INCH;
        image = new BufferedImage(
                Math.max(1, (int) Math.round(leaf.width() * scale)),
                Math.max(1, (int) Math.round(leaf.height() * scale)),
                BufferedImage.TYPE_INT_RGB);
        graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.scale(scale * leaf.scale(), scale * leaf.scale());
    }

    BufferedImage image() {
        return image;
    }

    @Override
    public void letters(String text, Typeface face, double size, double width, Point base, Ink ink) {
        graphics.setColor(ink.color());
        double x = base.x();
        for (int letter : text.codePoints().toArray()) {
            var at = AffineTransform.getTranslateInstance(x, base.y());
            at.scale(size / 1000, -size / 1000);
            graphics.fill(at.createTransformedShape(fonts.outline(face, letter)));
            x += fonts.width(face, letter) * size / 1000;
        }
    }

    @Override
    public void line(Point from, Point to, double thickness, Ink ink) {
        graphics.setColor(ink.color());
        graphics.setStroke(new BasicStroke((float) thickness, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
        graphics.draw(new Line2D.Double(from.x(), from.y(), to.x(), to.y()));
    }

    @Override
    public void curve(Mark.Path path, double thickness, Ink ink, float... dashes) {
        graphics.setColor(ink.color());
        graphics.setStroke(new BasicStroke(
                (float) thickness,
                BasicStroke.CAP_BUTT,
                BasicStroke.JOIN_MITER,
                10,
                dashes.length == 0 ? null : dashes,
                0));
        var curve = new Path2D.Double();
        curve.moveTo(path.from().x(), path.from().y());
        curve.curveTo(
                path.control1().x(),
                path.control1().y(),
                path.control2().x(),
                path.control2().y(),
                path.to().x(),
                path.to().y());
        graphics.draw(curve);
    }

    @Override
    public void shape(List<Point> outline, Ink ink, boolean hollow) {
        var shape = new Path2D.Double();
        shape.moveTo(outline.getFirst().x(), outline.getFirst().y());
        for (Point point : outline.subList(1, outline.size())) shape.lineTo(point.x(), point.y());
        shape.closePath();
        graphics.setColor(ink.color());
        graphics.setStroke(new BasicStroke(0.8f));
        if (hollow) graphics.draw(shape);
        else graphics.fill(shape);
    }

    @Override
    public void close() {
        graphics.dispose();
    }
}
