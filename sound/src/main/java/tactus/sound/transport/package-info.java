/** Plays scores on a device while the program goes on. Null is always refused. */
package tactus.sound.transport;
