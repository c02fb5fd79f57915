/** How loud sound is to the ear, and how loud a song is made. */
package tactus.sound.loudness;
