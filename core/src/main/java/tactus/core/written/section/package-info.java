/**
 * Parts of a song: their bars and chords, and how a later use of one differs from it. Read {@link
 * tactus.core.written.section.Section} and {@link tactus.core.written.section.Use} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Bars and chords are spoken of by the numbers they are written with</h2>
 *
 * <p>Bars and chords are spoken of by the numbers they are written with ({@code Numbered}): when bar 2 is left out this
 * time, a rule for bar 3 still holds on bar 3. What comes in place of a bar takes its number, what is added or tagged
 * on the next ones; from the end one counts what is played. The page numbers the bars of a section so too.
 *
 * <h2>Exceptions</h2>
 *
 * <p>Exceptions are done to the section's bars in the order in which they were made. One that finds no bars does
 * nothing and is a snag. The entries of the running order have ids, so that rules that speak of one stay with it when
 * it is moved.
 *
 * <h2>Words</h2>
 *
 * <p>Words are typed as a text: a line of bars a line, a hyphen between syllables, a full stop for a place without one.
 * They stand on the beats of their bar, or where they are more on half beats. An entry or a pass can have others, as an
 * exception. Where a section has words they say where somebody sings. A use with other words is not the same, and is
 * drawn.
 */
package tactus.core.written.section;
