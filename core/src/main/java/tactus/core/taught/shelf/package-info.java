/**
 * The songs of a teacher and what each can be found by. Read {@link tactus.core.taught.shelf.ShelvedSong} first. All values are
 * immutable, and null is refused.
 */
package tactus.core.taught.shelf;
