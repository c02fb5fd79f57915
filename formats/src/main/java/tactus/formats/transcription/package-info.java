/**
 * Files of other programs brought into songs. Read {@link tactus.formats.transcription.Import}.
 *
 * <h2>MIDI is heard, not read</h2>
 *
 * <p>MIDI is heard, not read ({@code Hearing}): notes that begin within a stroke's spread are one stroke, from low to
 * high a down; strings come from the channel, where there is one a string, otherwise from the hand that reaches all
 * notes of a chord. Chords are the segmentation of the beats that leaves the fewest notes unexplained at a price for
 * each change; names written in the file come first. The grid is the coarsest that the strokes lie on, swung where the
 * file's offbeats are. Markers are sections, a drum track is the groove.
 */
package tactus.formats.transcription;
