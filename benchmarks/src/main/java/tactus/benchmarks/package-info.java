/** Speed goals, measured with JMH; {@code docs/benchmarks.md} has the results and how to repeat them. */
package tactus.benchmarks;
