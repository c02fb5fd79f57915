/**
 * Patterns that are said or tapped, and the places where their strokes may lie. Read {@link
 * tactus.app.bench.dictation.DictationModel} first.
 */
package tactus.app.bench.dictation;
