/**
 * The song that is being worked on: its history, its file, what follows from it, and how it is kept from being lost.
 * Read {@link tactus.app.work.Work} first.
 *
 * <h2>A chord that is written has a shape at once</h2>
 *
 * <p>A chord that is written has a shape at once, the usual one for this guitar and hand, as the program's offer: part
 * of the same edit, marked, and gone again when the name is written nowhere any more. Keeping or changing it makes it
 * one's own.
 *
 * <h2>Unsaved work</h2>
 *
 * <p>Unsaved work is kept after 1.5 s of quiet and at the latest 4 s after a change. What a crash left is known by the
 * number of its process and when that was started; what cannot be read is told of and kept. A recovered song knows its
 * file.
 *
 * <h2>A file that was changed elsewhere</h2>
 *
 * <p>A file that was changed elsewhere since it was read or written (its SHA-256 is another one) is not overwritten
 * without asking; when and what is other there is said, and both can be kept.
 *
 * <h2>A repaired song has no file</h2>
 *
 * <p>What could be read of a faulty file opens as unsaved work, so that saving cannot overwrite what could not be read.
 */
package tactus.app.work;
