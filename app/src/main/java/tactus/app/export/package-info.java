/** Writing one song or many out, as whatever was chosen, into a folder. */
package tactus.app.export;
