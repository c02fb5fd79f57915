/**
 * How loud sound is to the ear, and how loud a song is made.
 *
 * <h2>Loudness</h2>
 *
 * <p>A velocity is 40 times its logarithm in decibels (General MIDI Level 2), here and in MIDI files; a step of
 * loudness is 4.8 dB, so that <i>pp</i> to <i>ff</i> is 24. A song that reaches from softer to stronger than <i>mf</i>
 * is brought to -24 LUFS as a whole, one that is soft or strong throughout lies as much below or above; the WAV file is
 * measured whole, playing begins with a measure of slices. Only what is beyond -4.4 dB is bent, and nothing reaches -1
 * dB.
 */
package tactus.sound.loudness;
