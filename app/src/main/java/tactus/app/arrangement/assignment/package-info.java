/**
 * What is played where: rules, why one of them won, what is other this time, and the marks along the bars. Read {@link
 * tactus.app.arrangement.assignment.RulesModel} first.
 */
package tactus.app.arrangement.assignment;
