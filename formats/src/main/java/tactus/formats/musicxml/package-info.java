/**
 * Songs as MusicXML 4.0 (W3C Community Group, 2021), for other programs that write music.
 *
 * <h2>MusicXML</h2>
 *
 * <p>MusicXML is written as it is played, bar by bar, from {@code core.laid.notation}: what is written lasts until something
 * else is struck or stopped, tied over bar lines; pitches sound as they are, with the octave clef; the hand's way is
 * written with the signs of the bow. Repeats are written out.
 */
package tactus.formats.musicxml;
