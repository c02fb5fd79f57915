/** The arrangement: the order of the sections, their bars and what is played. Read {@link
 * tactus.app.arrangement.ArrangementModel} first. */
package tactus.app.arrangement;
