/**
 * Music that was written elsewhere, brought into sections, patterns and rules. Read
 * {@link tactus.core.transcription.Transcription}. All values are immutable, and null is refused.
 */
package tactus.core.transcription;
