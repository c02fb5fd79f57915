/**
 * The fingers of the picking hand, and the strings they take on every chord. Read {@link
 * tactus.app.bench.finger.FingersModel} first.
 */
package tactus.app.bench.finger;
