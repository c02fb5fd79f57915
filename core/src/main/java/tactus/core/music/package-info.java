/**
 * What music on a guitar is: time, pitch, chords, strokes, and how a chord is held. It knows no pattern and no song. Read {@link tactus.core.music.time.Length} first.
 */
package tactus.core.music;
