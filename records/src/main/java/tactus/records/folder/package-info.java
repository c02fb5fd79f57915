/**
 * The folder in which everything is kept that belongs to a teacher and to no song: where it is, the settings in it, and what is said
 * when a file cannot be read or written. Read {@link tactus.records.folder.DataFolder} first. It knows no window.
 */
package tactus.records.folder;
