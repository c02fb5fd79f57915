/**
 * What one song can be written out as, from the window as from a command. Read {@link tactus.console.export.Export} first. It knows
 * neither of them.
 */
package tactus.console.export;
