/**
 * What the hands play, over and over: strokes on a grid, picking fingers, what can be said and reckoned of them, forms, drums,
 * and how a pattern that is spoken or tapped is placed on the beat. It knows no song. Read {@link tactus.core.patterns.pattern.Pattern} first.
 */
package tactus.core.patterns;
