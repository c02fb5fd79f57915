/**
 * The whole song laid out: every bar, chord and stroke with its place and time. Read {@link
 * tactus.core.laid.timeline.Timeline} first. Screens, sound, sheets and files read it; none computes its own.
 *
 * <p>All types are immutable; null is always refused. Positions are counted from the start of the song.
 *
 * <h2>Fit</h2>
 *
 * <p>A pattern starts with its chord, goes round as often as it fits, and the rest is cut; the cut is shown at the bar
 * and is a snag, unless a rule says that it is meant. A pattern longer than its chord takes its short form if one is
 * kept in the song, or if a rule says so; it can carry on through the change, or go round whole only and let the rest
 * ring. It is whole, and no cut, where it ends at the end of one of its cells or where nothing is struck any more. A
 * pattern of two bars or more goes on over chords that change at bar lines, unless a rule says otherwise. It goes on
 * over a change of section or pass as well, where that begins with the same pattern; otherwise it is cut there.
 *
 * <h2>A pass is laid out in pieces</h2>
 *
 * <p>A pass is laid out in pieces, cut where a rule begins or ends; a pattern goes on over a cut that does not change
 * it, and over one at which only its form changes (the hand does not begin anew because nobody sings any more). Passes
 * with the same bars and the same rules are laid out once.
 *
 * <h2>A pause</h2>
 *
 * <p>A pause holds the last felt beat of its place longer; positions stay metrical, and only the tempo map knows. In
 * MIDI it is a beat with a slower tempo.
 *
 * <h2>Key change</h2>
 *
 * <p>With the capo the shapes stay; with other shapes every shape moves up the neck with a barre for its open strings,
 * unless the song has a shape of that name; downwards only such a shape helps.
 *
 * <h2>Tempo</h2>
 *
 * <p>Tempo is what a rule says of a place, steady or coming to it beat by beat; a pause there lasts as many beats of
 * that tempo. Behind the place the song's tempo is back. The tempo map holds both as stretches that last longer or
 * shorter.
 *
 * <h2>A second guitar</h2>
 *
 * <p>A second guitar plays the figures of the section, or what a rule says; a figure begins anew where a rule lets it
 * in.
 *
 * <h2>A pick-up</h2>
 *
 * <p>A pick-up of a pattern, from its first stroke on, takes the place of what is played in front of its section, on
 * the chord that sounds there; it is not repeated between rounds. In front of the first bar it needs the song's own
 * pick-up, an incomplete bar without a number on the song's first chord; a count-in in front of it counts a bar and
 * what it lacks.
 *
 * <h2>Several threads</h2>
 *
 * <p>Several threads: {@code Layout} plans, lays and places passes that differ side by side, and finders of snags look
 * side by side; what they share ({@code Forms}, {@code Strings}, {@code Passes}) remembers what it found in maps that
 * are safe for that. Passes are laid ahead as if no round went on from the one before; where one does, that pass is
 * laid again.
 *
 * <h2>An excerpt</h2>
 *
 * <p>An excerpt ({@code --bars}) is a timeline of its own whose bars keep their numbers; a chord that goes on begins
 * anew in it.
 */
package tactus.core.laid.timeline;
