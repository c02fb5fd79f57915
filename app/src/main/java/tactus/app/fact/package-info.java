/**
 * The facts of a song: key, meter, tempo, tuning. Read {@link tactus.app.fact.SetUpModel} first.
 */
package tactus.app.fact;
