/** The bench, where patterns are written. Read {@link tactus.app.bench.BenchModel} first. */
package tactus.app.bench;
