/**
 * What is played where, as rules: each says where it holds and what follows there, and the most specific one wins. Read
 * {@link tactus.core.written.rule.Rule} and {@link tactus.core.written.rule.RuleBook} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.written.rule;
