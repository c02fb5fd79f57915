/**
 * Where sound goes: the machine's loudspeaker, or the stand-in that plays in silence. Null is always refused.
 *
 * <h2>The stand-in</h2>
 *
 * <p>The stand-in for a student is scheduled on the clock of the machine as soon as the device goes on, its strokes a
 * moment ahead: by keys it is told in the window, as an instrument its notes go through {@code MidiIn}, by a microphone
 * its strings are rendered and heard by {@code LiveStrokes}. So nothing of the way is left out. When the device stands
 * still for more than 15 ms, seen twice, it goes on with the music as who plays along would.
 */
package tactus.sound.device;
