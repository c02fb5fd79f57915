/**
 * What is played where: rules, why one of them won, what is other this time, and the marks along the bars. Read {@link
 * tactus.app.arrangement.assignment.RulesModel} first.
 *
 * <h2>Several chords chosen together</h2>
 *
 * <p>Several chords chosen together get one rule for their bars where they fill whole bars, otherwise a rule each.
 */
package tactus.app.arrangement.assignment;
