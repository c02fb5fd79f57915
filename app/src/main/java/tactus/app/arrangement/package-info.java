/**
 * The arrangement as a place of the window: its commands, its panels and how they are laid out. Read {@link
 * tactus.app.arrangement.ArrangementPlace} first.
 */
package tactus.app.arrangement;
