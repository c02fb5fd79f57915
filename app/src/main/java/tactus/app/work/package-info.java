/**
 * The song that is being worked on: its history, its file, what follows from it, and how it is kept from being lost.
 * Read {@link tactus.app.work.Work} first.
 */
package tactus.app.work;
