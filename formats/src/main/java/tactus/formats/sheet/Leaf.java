package tactus.formats.sheet;

/**
 * The size of a page and of what is printed on it.
 *
 * @param width of the paper in points
 * @param height of the paper in points
 * @param scale how much larger everything is drawn than it is laid out
 * @param margin around what is laid out, before scaling
 * @param hasFoot whether title and number stand at the foot
 */
record Leaf(double width, double height, double scale, double margin, boolean hasFoot) {

    private static final double MARGIN = 42;

    static Leaf of(Paper paper, boolean isLandscape, int percent) {
        double across = paper.rectangle().getWidth();
        double up = paper.rectangle().getHeight();
        double scale = percent / 100.0;
        // The margin of the paper stays as it is, however large the print.
        return new Leaf(isLandscape ? up : across, isLandscape ? across : up, scale, MARGIN / scale, true);
    }

    /** How wide it is to those who lay out. */
    double laidWidth() {
        return width / scale;
    }

    double laidHeight() {
        return height / scale;
    }
}
