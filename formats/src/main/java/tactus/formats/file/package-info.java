/**
 * Writing a file whole or not at all, and what is said when a file cannot be read. Null is always refused.
 *
 * <h2>Names of files</h2>
 *
 * <p>Names of files are made of titles, letters of any script; {@code export} writes over nothing without {@code
 * --force}.
 */
package tactus.formats.file;
