/** Fetching patterns and shapes of other songs into the one that is open. */
package tactus.app.fetch;
