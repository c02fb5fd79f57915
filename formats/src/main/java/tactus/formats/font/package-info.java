/** The type that screen and sheet are set in; it ships with the program. Null is always refused. */
package tactus.formats.font;
