/** Paints the hand over the strings, and shapes in the same manner. Read {@link tactus.app.hand.HandView} first. */
package tactus.app.hand;
