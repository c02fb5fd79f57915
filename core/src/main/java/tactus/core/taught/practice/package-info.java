/**
 * What a student practises and why: changes and the time that a pattern leaves for them, and the ladder from a slow tempo to
 * the song's. Read {@link tactus.core.taught.practice.Ladder} first. All values are immutable, and null is refused.
 *
 * <h2>A take</h2>
 *
 * <p>A take is judged over all of it: taps are put on strokes so that the whole costs least (distance; 150 ms for a
 * stroke or a tap alone; 40 ms for the wrong way). Players who drift or are late as a whole are followed: from each
 * eight strokes to the next, and other tempos (±8 %) and shifts (±200 ms) are tried, and taken where they cost a fifth
 * less. The score is the share of strokes, each worth 1 less the square of its distance over 150 ms, less a quarter for
 * the wrong way; each extra tap takes half a stroke. Where a tempo surely drifts (least squares, twice the standard
 * error) over 16 strokes or more, strokes are also measured beside the player's own tempo, less 6 for each per cent of
 * drift, and the greater number counts: a long take that is steady in itself is not worth nothing, and 2 % cost the
 * same over 8 bars as over 100. What lies worst is looked for beside that tempo. All of these numbers are ours.
 *
 * <h2>While one plays</h2>
 *
 * <p>While one plays ({@code LiveTake}) only the last four seconds are judged again with each stroke, beside the click
 * alone; the whole round is judged in the end. A round that is broken off takes nothing away: the last whole one stays,
 * and how many were clean in a row.
 *
 * <h2>Days</h2>
 *
 * <p>Days: what was not reached comes first on the next day; there what is only kept alive is left out, then the last
 * things move on in turn. A plan that was changed is kept in the logbook, for a student (or nobody), a song and a
 * version, as the keys of its steps (kind and what is practised): bars and tempos are those of the song as it is when
 * the plan is taken up again, steps that it has no longer are left out and new ones come after the last day; both are
 * said. Nothing moves on by itself, since a teacher may tick a week at once: what is behind is counted, and one press
 * moves it to today.
 *
 * <h2>The delay</h2>
 *
 * <p>The delay of an input is the median of eight claps against the nearest clicks; claps more than 60 ms apart in the
 * median tell nothing; ours.
 *
 * <h2>Onsets</h2>
 *
 * <p>Onsets: the strength of the second difference in windows of 12 ms against median and mean of their neighbours.
 * Rendered demo songs (2,174 strokes) are heard without one missing or too many, within 4 ms. In recordings of 22 kHz
 * or less a chord that rings out can be taken for a stroke.
 *
 * <h2>The ladder</h2>
 *
 * <p>The ladder takes easy patterns first, then at most three changes with the most work (seconds times how often),
 * then sections, then the song. A change begins at the tempo at which it fits the gap the pattern leaves. A cell that
 * is no whole number of beats is looped in its bar.
 */
package tactus.core.taught.practice;
