/**
 * What is said when something cannot be: a text that cannot be read, or a wish that cannot be met. Read {@link
 * tactus.core.ground.refusal.Refusal} first. Everything else that goes wrong is a mistake of the program.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.ground.refusal;
