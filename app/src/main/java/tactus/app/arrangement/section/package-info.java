/**
 * The section that is chosen in the running order: its place in the song, its name and meter, and the chords that lie
 * over its bars. Read {@link tactus.app.arrangement.section.ArrangementModel} first.
 */
package tactus.app.arrangement.section;
