/**
 * The song as one page: every use under its heading, its bars once for all passes that have the same ones, and a ribbon
 * for each pass that plays something else. What is the same is decided by what is played. Read {@link
 * tactus.core.laid.outline.Outline} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.laid.outline;
