/** The index of all songs in the folders of a teacher; it can be made anew at any time. Read {@link tactus.records.shelf.Shelf}. */
package tactus.records.shelf;
