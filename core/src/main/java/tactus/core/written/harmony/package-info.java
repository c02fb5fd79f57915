/**
 * Chords over time: how a chord is held, for how long, and a section's harmony as a line of text. Read {@link
 * tactus.core.written.harmony.Span} and {@link tactus.core.written.harmony.HarmonyLine} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.written.harmony;
