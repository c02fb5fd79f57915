/**
 * The fretting hand: how a chord is held on the neck and how hard that is. Read {@link tactus.core.music.shape.Voicing}
 * first, then {@link tactus.core.music.shape.Grip}.
 *
 * <p>All types are immutable; null is always refused. String 1 is the highest-sounding; lists of strings run from the
 * lowest to the highest, as shapes are written. Frets are counted from the capo.
 *
 * <h2>Ease</h2>
 *
 * <p>Ease is how hard a shape is to hold, from 100 down: fingers, barre, stretch, strings left out, height. How full it
 * sounds (thinness, open strings beside high frets, notes unlike the name) is a number of its own, from 100 down;
 * offers are chosen by both and stand in the order of ease. Sixty shapes in four groups are ordered as teachers would
 * in 95 % of the pairs at least ({@code EaseTest}). Each part is shown with what it takes off. The weights are ours,
 * from memory, held by tests to the order in which methods bring shapes. Shapes are found by search, so any tuning
 * works; a lower bound on the effort keeps the search short.
 *
 * <h2>The change time</h2>
 *
 * <p>The change time of a learner is an estimate from memory. The student's own count of changes in a minute replaces
 * it and is kept with the song until there is a logbook.
 */
package tactus.core.music.shape;
