/**
 * The bench, where patterns are written, as a place of the window. Read {@link tactus.app.bench.BenchPlace} first.
 */
package tactus.app.bench;
