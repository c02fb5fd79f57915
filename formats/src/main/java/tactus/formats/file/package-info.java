/** Writing a file whole or not at all, and what is said when a file cannot be read. Null is always refused. */
package tactus.formats.file;
