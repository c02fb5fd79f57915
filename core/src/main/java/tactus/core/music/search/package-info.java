/**
 * Shapes that are looked for: those of a chord's name, an easier stand-in, and what is wrong with one that is held. Read
 * {@link tactus.core.music.search.ShapeSearch} first.
 *
 * <p>All types are immutable; null is always refused. Lists of strings run from the lowest to the highest.
 */
package tactus.core.music.search;
