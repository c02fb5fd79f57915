/**
 * The pattern that is being written: its strokes, its frame, its forms, and where others can be had from. Read {@link
 * tactus.app.bench.pattern.BenchModel} first.
 */
package tactus.app.bench.pattern;
