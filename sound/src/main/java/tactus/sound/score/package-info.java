/**
 * What is to be played, placed on sample frames. Read {@link tactus.sound.score.Score} first. Null is always refused.
 *
 * <h2>The counting voice</h2>
 *
 * <p>The counting voice says words of one file each ({@code sound/src/voice/make.py} makes them); a word begins so
 * early that its vowel lies on its place. Its names are those of the shapes, a felt beat before the change.
 *
 * <h2>A loop</h2>
 *
 * <p>A loop is laid in the score as often as it takes until heard and silent bars begin anew together; a bar to
 * breathe is laid behind its round and counted to the one behind it, as time before that. Where a changed score takes over, one is
 * where the last one was until its first block is heard.
 */
package tactus.sound.score;
