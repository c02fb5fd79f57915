/**
 * The shapes of the song's chords: the strip of cards, the neck below it, other shapes, and the changes between them.
 * Read {@link tactus.app.setup.shape.ShapeModel} first.
 */
package tactus.app.setup.shape;
