/**
 * Plays scores on a device while the program goes on. Null is always refused.
 *
 * <h2>Where one is</h2>
 *
 * <p>Where one is while something plays is known once a block; in between the clock goes on as far as the device has
 * something to play, so that a busy machine makes no student late.
 *
 * <h2>After a stall</h2>
 *
 * <p>After a stall the device has had nothing to play for a while: as much of the song is left out, so that what comes
 * is where the clock is. Small gaps are added up until they are a hundredth of a second.
 */
package tactus.sound.transport;
