/** What a place of the window is: its node, its commands and menus, its focus, what it can show, and its panels. */
package tactus.app.place;
