/**
 * The neck with a shape on it, small on a card and large where shapes are made; strings lie as in the picture of the hand.
 * Read {@link tactus.app.neck.NeckPlan} first.
 */
package tactus.app.neck;
