/**
 * What the core says, as codes with exact values; sentences are made from it at the edge. Read {@link
 * tactus.core.ground.statement.Statement} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.ground.statement;
