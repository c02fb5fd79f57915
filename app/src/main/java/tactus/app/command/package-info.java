/** The command line. Read {@link tactus.app.command.TactusCommand} first. */
package tactus.app.command;
