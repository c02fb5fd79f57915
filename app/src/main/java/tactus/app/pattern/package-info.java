/**
 * The pattern that is being written: its strokes, its frame, its forms, and where others can be had from. Read {@link
 * tactus.app.pattern.BenchModel} first.
 */
package tactus.app.pattern;
