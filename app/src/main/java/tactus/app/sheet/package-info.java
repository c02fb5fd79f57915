/** The sheet as it prints, and everything that goes out as a file. */
package tactus.app.sheet;
