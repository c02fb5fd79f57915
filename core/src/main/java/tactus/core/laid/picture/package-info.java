/**
 * The hand over the strings as shapes on a page: six string lines, the path of the hand, a brush mark wherever it
 * strikes, and the count below. Read {@link tactus.core.laid.picture.HandPicture} first. It says where everything lies; the
 * screen and the sheet only paint it.
 *
 * <p>All types are immutable; null is always refused. Coordinates run right and down from the upper left corner.
 */
package tactus.core.laid.picture;
