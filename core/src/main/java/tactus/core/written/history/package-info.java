/** Undo: whole earlier values, kept in order. All types are immutable; null is always refused. */
package tactus.core.written.history;
