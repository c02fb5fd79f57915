/**
 * Chord names and what they mean: reading and writing them, and finding the name of what sounds. Read {@link
 * tactus.core.music.chord.ChordName} first.
 *
 * <p>All types are immutable; null is always refused. Nothing here knows of strings or frets.
 */
package tactus.core.music.chord;
