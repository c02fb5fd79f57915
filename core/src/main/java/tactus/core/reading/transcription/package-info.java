/**
 * Music that was written elsewhere, brought into sections, patterns and rules. Read
 * {@link tactus.core.reading.transcription.Transcription}. All values are immutable, and null is refused.
 */
package tactus.core.reading.transcription;
