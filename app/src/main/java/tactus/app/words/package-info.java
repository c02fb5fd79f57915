/** Every text the user reads, from one resource bundle. */
package tactus.app.words;
