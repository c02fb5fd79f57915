/**
 * What is played where, as rules: each says where it holds and what follows there, and the most specific one wins. Read
 * {@link tactus.core.rule.Rule} and {@link tactus.core.rule.RuleBook} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.rule;
