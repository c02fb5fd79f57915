/**
 * Picking with fingers: which string a finger takes on which chord. Read {@link tactus.core.patterns.picking.Fingers} first.
 *
 * <p>All types are immutable; null is always refused. String 1 is the highest-sounding.
 */
package tactus.core.patterns.picking;
