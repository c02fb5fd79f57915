/** The logbook: students, lessons, takes and counted changes in a database of the data folder. Read {@link tactus.records.logbook.Logbook} first. */
package tactus.records.logbook;
