/**
 * Set-up as a place of the window: what is settled before any rhythm is written. Read {@link
 * tactus.app.setup.SetUpPlace} first.
 */
package tactus.app.setup;
