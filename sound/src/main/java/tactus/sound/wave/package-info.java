/** Songs as sound files. Null is always refused. */
package tactus.sound.wave;
