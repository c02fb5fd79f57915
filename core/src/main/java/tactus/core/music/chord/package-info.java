/**
 * Chord names and what they mean: reading and writing them, and finding the name of what sounds. Read {@link
 * tactus.core.music.chord.ChordName} first.
 *
 * <p>All types are immutable; null is always refused. Nothing here knows of strings or frets.
 *
 * <h2>Names are those of the shapes</h2>
 *
 * <p>Names are those of the shapes under the fingers: sounding chord = shape + capo − semitones tuned down. A guitar
 * tuned down as a whole is a fact beside the tuning, so its shapes keep their names. The capo field moves the capo
 * under the same shapes, and the key with it; the capo plan keeps the key and changes the shapes.
 *
 * <h2>Chord names</h2>
 *
 * <p>Chord names have one house form: kind, number, suspension, altered, added, left out ({@code F#m7b5}, {@code
 * G7b9#11}, {@code C(b5)}, {@code Am7/G}). Where schools differ: {@code C(9)} and {@code C2} are {@code Cadd9}, {@code
 * C4} and {@code Csus} are {@code Csus4}, {@code C11} has no third (it may be played), {@code C13} no eleventh (it may
 * be played), {@code C-5} has a flat fifth though {@code C-7} is minor, {@code +} is augmented but in front of a number
 * after another a sharp, a flat thirteenth alone takes the place of the fifth. H for B natural is a setting of the
 * reader; songs are stored in the international letters.
 *
 * <h2>A name for what sounds</h2>
 *
 * <p>A name for what sounds: whole names before incomplete ones, the root lowest before an inversion, common before
 * rare; a fifth may be missing; a name without its root is the last resort. A plain name of a shape says nothing about
 * its bass, a slash name does.
 */
package tactus.core.music.chord;
