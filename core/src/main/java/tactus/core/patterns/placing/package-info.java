/**
 * Where the strokes of a dictation can fall under the moving hand. Read {@link tactus.core.patterns.placing.Placing} first,
 * then {@link tactus.core.patterns.placing.Question}. It must not know words: what was said comes as a dictation.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Placements</h2>
 *
 * <p>Placements put downs on slots where the hand goes down and ups where it goes up, the first stroke on count 1
 * unless a late start is allowed. They are counted exactly, stroke by stroke from both ends, and never listed; the
 * likeliest are found along the best ways to each slot. What makes one likely, with weights of ours: strokes on felt
 * beats, little syncopation (Longuet-Higgins and Lee 1984, going round), halves that are alike, the snare if a groove
 * is set. A stroke whose count was said may go against the hand. The question is the one whose worse answer leaves the
 * fewest.
 *
 * <h2>Two readings</h2>
 *
 * <p>Where two things can be meant both are placed. The one that needs the slower hand comes first, of two such the one
 * with a single placement, otherwise the first; one question settles it. Nine strokes or more that fit into their bar only
 * with a quicker hand are asked about as well: one bar or two? So are strokes that all go down: does the hand go up between
 * them, or down only?
 *
 * <h2>The hand rate</h2>
 *
 * <p>The hand rate is tried as eighths, sixteenths, triplets, quarters; the first that places the strokes wins, but
 * triplets win where they fill every slot. Where a pattern is there, its own slots come first if all counts were said or
 * its hand goes down only; the window and {@code tactus place} share that policy ({@code Placing.likeliest}).
 *
 * <h2>What was said and what is written</h2>
 *
 * <p>What was said and what is written ({@code BorneOut}): the latest saying of a pattern is compared stroke by stroke
 * (number and direction; which way a mute goes is seldom said); a saying that cannot be read any more is left alone.
 * Who changes a stroke by hand means to: that it was said otherwise is told beside the pattern and is no snag.
 */
package tactus.core.patterns.placing;
