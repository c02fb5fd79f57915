/**
 * What is said when something cannot be: a text that cannot be read, or a wish that cannot be met. Read {@link
 * tactus.core.ground.refusal.Refusal} first; an {@link tactus.core.ground.refusal.Outcome} is what a model answers with. It is phrased
 * where it is shown. Everything else that goes wrong is a mistake of the program.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.ground.refusal;
