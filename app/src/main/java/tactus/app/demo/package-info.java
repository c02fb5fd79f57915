/** The songs that ship with the program. */
package tactus.app.demo;
