/**
 * Tables for spreadsheets: a song bar by bar. Read {@link tactus.formats.table.BarTable} first.
 */
package tactus.formats.table;
