package tactus.core.laid.picture;

/** A place on the page. */
public record Point(double x, double y) {}
