/**
 * The page a student plays from. Read {@link tactus.formats.sheet.Sheet} first. Lengths are points, 72 an inch.
 *
 * <p>Null is always refused.
 */
package tactus.formats.sheet;
