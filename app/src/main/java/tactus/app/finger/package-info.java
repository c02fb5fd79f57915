/**
 * The fingers of the picking hand, and the strings they take on every chord. Read {@link
 * tactus.app.finger.FingersModel} first.
 */
package tactus.app.finger;
