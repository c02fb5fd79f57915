/** Set-up: what is settled before any rhythm is written. Read {@link tactus.app.setup.SetUpView} first. */
package tactus.app.setup;
