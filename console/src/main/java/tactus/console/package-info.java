/**
 * The command line. Read {@link tactus.console.TactusCommand} first. It knows no window: the window is handed in by whoever has one.
 */
package tactus.console;
