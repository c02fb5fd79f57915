/**
 * The words that a person types, as data for one language. Read {@link tactus.core.ground.language.Lexicon} first. Readers are
 * given one; what the program says is phrased outside the core.
 *
 * <p>Null is always refused.
 */
package tactus.core.ground.language;
