/** Where sound goes: the machine's loudspeaker, or the stand-in that plays in silence. Null is always refused. */
package tactus.sound.device;
