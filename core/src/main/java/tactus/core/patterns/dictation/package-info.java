/**
 * A pattern as it is spoken, and the places its strokes can have under the moving hand. Read {@link
 * tactus.core.patterns.dictation.Dictation} first, then {@link tactus.core.patterns.placing.Placing}.
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
 * <p>A stroke without a direction and one right behind it, said without a comma ({@code mute down}), are one stroke or
 * two; {@code top string} is string 6 or 1, since teachers call either end the top. Both are placed. The one that needs
 * the slower hand comes first, of two such the one with a single placement, otherwise the first; one question settles
 * it. Nine strokes or more that fit into their bar only with a quicker hand are asked about as well: one bar or two?
 * {@code E A D G B} as strings are those of the standard tuning, whatever the song's is. {@code rest} is a stop, {@code
 * pause} a miss. {@code twice} says the phrase since the comma again, behind a comma everything.
 *
 * <h2>The hand rate</h2>
 *
 * <p>The hand rate is tried as eighths, sixteenths, triplets, quarters; the first that places the strokes wins, but
 * triplets win where they fill every slot. Numbers that only rise from 1 are counts, other numbers are strings.
 *
 * <h2>What was said and what is written</h2>
 *
 * <p>What was said and what is written ({@code BorneOut}): the latest saying of a pattern is compared stroke by stroke
 * (number and direction; which way a mute goes is seldom said); a saying that cannot be read any more is left alone.
 * Who changes a stroke by hand means to: that it was said otherwise is told beside the pattern and is no snag.
 */
package tactus.core.patterns.dictation;
