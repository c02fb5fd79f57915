/**
 * Patterns that are said or tapped, and the places where their strokes may lie. Read {@link
 * tactus.app.dictation.DictationModel} first.
 */
package tactus.app.dictation;
