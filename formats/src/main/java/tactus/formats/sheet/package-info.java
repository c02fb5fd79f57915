/**
 * The page a student plays from. Read {@link tactus.formats.sheet.Sheet} first. Lengths are points, 72 an inch.
 *
 * <p>Null is always refused.
 *
 * <h2>Every single fact of a song is kept, and seen or heard outside of it</h2>
 *
 * <p>Every single fact of a song is kept, and seen or heard outside of it ({@code EveryFactTest}): facts are found by
 * walking the types of {@code Song}, so that a new one is tested by itself; what is for the writer or for practice
 * alone is listed there with its reason.
 *
 * <h2>The sheet is laid out once for every way out</h2>
 *
 * <p>Layouts draw on a {@code Surface}; a PDF page, a picture and an SVG page are surfaces, and so is a blank one, on
 * which the room is measured. "One page" is the largest print, 70 to 160 %, that needs no more pages; letters smaller
 * than 6.5 points are not taken, and it says so. Whom a sheet is for belongs to the song, how it is composed to the
 * song or to a named layout for all ({@code layouts.json} in the data folder). Letters are drawn from the outlines that
 * the PDF embeds, so that no font of the machine matters.
 */
package tactus.formats.sheet;
