/**
 * The facts of a song: key, meter, tempo, tuning. Read {@link tactus.app.setup.fact.SetUpModel} first.
 */
package tactus.app.setup.fact;
