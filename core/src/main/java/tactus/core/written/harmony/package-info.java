/**
 * Chords over time: how a chord is held, for how long, and a section's harmony as a line of text. Read {@link
 * tactus.core.written.harmony.Span} and {@link tactus.core.written.harmony.HarmonyLine} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Several shapes of one name</h2>
 *
 * <p>Several shapes of one name are told apart by a label behind it: {@code D@up} in a line, {@code D (up)} where it is
 * read. A chord with a label is a chord of its own (shape, fingers, stand-in), means what its name means, and keeps its
 * label when it is transposed. A hyphen in a label is shown as a space. Which shape is meant is said at the chord or by
 * a rule ({@code on every D: shape up}); a chord that has no such shape keeps its own.
 *
 * <h2>Rounds</h2>
 *
 * <p>Rounds as a length are those of the pattern that is assigned to the section as a whole, whatever a pass plays, so
 * that a section has one length.
 *
 * <h2>Lengths that nobody has said</h2>
 *
 * <p>Lengths that nobody has said ({@code C F C/G G}, no bar line) are a bar each until they are: drawn with a question
 * mark, asked for once below the line, and a snag. A bar line in front ({@code | C F}) says that chords share the bar.
 *
 * <h2>Fingers that move on a chord</h2>
 *
 * <p>Fingers that move on a chord ({@code 1 1.0, 1& 1h2}) are counted from where the chord begins, and again in every
 * bar it lasts; the finger stays until it goes back or the chord changes. Where the pattern has no slot at that count
 * the timeline has a miss of its own there, so that a hammer-on sounds in its time. Held chords, stops and silence have
 * none; the teacher's figure goes on over them.
 *
 * <h2>Loops</h2>
 *
 * <p>Loops ({@code [C | D] x4}), in a section and in <i>This time</i>, are how bars are written, not what they are:
 * bars that no longer go round are written out.
 */
package tactus.core.written.harmony;
