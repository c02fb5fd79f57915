/**
 * Practice as a place of the window: the ladder to the song, its loops played, and what the student plays along judged. Read
 * {@link tactus.app.practice.PracticeModel} first.
 */
package tactus.app.practice;
