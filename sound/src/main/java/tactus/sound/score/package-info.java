/** What is to be played, placed on sample frames. Read {@link tactus.sound.score.Score} first. Null is always refused. */
package tactus.sound.score;
