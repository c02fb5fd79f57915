/** Playing that was recorded, heard as strokes. */
package tactus.sound.take;
