/** The commands of the program: one registry that menus, buttons, keys and the list of keys are built from. */
package tactus.app.action;
