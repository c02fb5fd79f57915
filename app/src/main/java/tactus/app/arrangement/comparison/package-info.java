/**
 * The arrangement seen from outside: its sums, two uses side by side, and its versions. Read {@link
 * tactus.app.arrangement.comparison.VersionsModel} first.
 */
package tactus.app.arrangement.comparison;
