/**
 * Strings and clicks as samples. Nothing here allocates once it is made, so that the audio thread can use it.
 *
 * <h2>The mix</h2>
 *
 * <p>The mix is one stereo picture: whatever is not heard is not rendered, but for guitars, which go on unheard. The
 * count-in is heard in any mix.
 */
package tactus.sound.synth;
