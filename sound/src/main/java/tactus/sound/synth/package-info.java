/** Strings and clicks as samples. Nothing here allocates once it is made, so that the audio thread can use it. */
package tactus.sound.synth;
