/**
 * Patterns to learn from and to start with, found by their rhythm. Read {@link tactus.core.patterns.library.Library} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.patterns.library;
