/**
 * The index of all songs in the folders of a teacher; it can be made anew at any time. Read {@link tactus.records.shelf.Shelf}.
 *
 * <h2>The index of songs can always be made anew</h2>
 *
 * <p>The index of songs can always be made anew: everything in it stands in the songs. Files that have not changed
 * (time and size) are not read again; a damaged or older index is dropped. Queries run over the rows in memory.
 */
package tactus.records.shelf;
