/** Standard MIDI Files 1.0. Null is always refused. */
package tactus.formats.midi;
