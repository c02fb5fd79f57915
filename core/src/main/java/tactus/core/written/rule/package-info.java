/**
 * What is played where, as rules: each says where it holds and what follows there, and the most specific one wins. Read
 * {@link tactus.core.written.rule.Rule} and {@link tactus.core.written.rule.RuleBook} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Rules</h2>
 *
 * <p>Rules are one list, each with a place and what it says there: a pattern or an event, a form, a fit, loudness,
 * another key, a pause. Each of these is decided on its own. Order: a version's rule before any other; then the level
 * (a part of one pass, a part of every pass, a pass, a use, a section, the song); then how many conditions there are;
 * then the later one. A rule for a part of every pass comes before one for a whole pass, since it speaks of less. Where
 * the list of the domain names only <i>this span on this pass</i>, that is our reading. A form that stands alone
 * belongs to whatever is played; one that is said together with a pattern belongs to that pattern. The last pass is the
 * last of several. What a rule that is taken does not reach ({@code RuleReach}) is said at once: where a nearer rule
 * says otherwise, and which entries go round too seldom to have the pass; "let it hold there too" says the same as
 * narrowly as the rules that beat it.
 *
 * <h2>Parts of a pass</h2>
 *
 * <p>Parts of a pass can be meant at once ({@code Part.Both}): one that is counted (bars, a chord) and what it is like
 * (sung, shares a bar, a half). Two that are counted are two rules. {@code on every D} means every shape of D, {@code
 * on every D@up} that one. A use's rule does not beat one for a bar of the section: the bar speaks of less.
 *
 * <h2>Another way</h2>
 *
 * <p>Another way ({@code Verse, last bar: or held strum}) is a rule that is not played; it stands over its bar on
 * screen, stand and sheet, and <i>play this</i> exchanges it with what is played there.
 *
 * <h2>A part of the section comes before one use of it</h2>
 *
 * <p>A part of the section comes before one use of it, as the narrower place; <i>Why</i> says so and offers the rule
 * that says both, so that a stop at the end of every chorus stays unless somebody wants it away in one.
 */
package tactus.core.written.rule;
