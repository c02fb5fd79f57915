/**
 * Fields that several places share.
 *
 * <h2>A row keeps its nodes</h2>
 *
 * <p>A row keeps its nodes ({@code KeptRow}) while its facts are the same: the press of a mouse can end an edit
 * elsewhere, and a button made anew in between would lose the click.
 */
package tactus.app.field;
