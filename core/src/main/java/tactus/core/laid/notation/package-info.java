/**
 * What is played as written music: note values that fill every bar, with the string and fret of each note. What is written
 * lasts until something else is struck or stopped, and is tied over bar lines; how long strings really ring is the business of
 * {@link tactus.core.laid.performance}.
 */
package tactus.core.laid.notation;
