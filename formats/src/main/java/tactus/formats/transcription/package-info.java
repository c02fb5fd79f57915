/** Files of other programs brought into songs. Read {@link tactus.formats.transcription.Import}. */
package tactus.formats.transcription;
