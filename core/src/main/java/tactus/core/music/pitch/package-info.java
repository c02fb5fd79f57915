/**
 * Pitch before any chord: notes and how they are spelled, keys, tunings and what they do to the strings. Read {@link
 * tactus.core.music.pitch.Tuning} first.
 *
 * <p>All types are immutable; null is always refused. A pitch class is a number from 0 for C to 11 for B. String 1 is the
 * highest-sounding as everywhere in guitar teaching; lists of strings run from the lowest to the highest.
 *
 * <h2>Doubled strings</h2>
 *
 * <p>Doubled strings (twelve-string guitars) are one string to the hand and sound once.
 */
package tactus.core.music.pitch;
