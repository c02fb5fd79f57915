/** The main window: places, menus, notices and the song's file. Read {@link tactus.app.window.MainWindow} first. */
package tactus.app.window;
