package tactus.core.patterns.dictation;

import java.util.Optional;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;

/** The stroke that was said last, and whether what is said now is still about it. */
final class LastStroke {

    private final String text;
    private final SaidStrokes said;
    private final SpokenWords words;

    LastStroke(String text, SaidStrokes said, SpokenWords words) {
        this.text = text;
        this.said = said;
        this.words = words;
    }

    /** Whether a finger was said by its letter at {@code index}. */
    boolean isLetter(int index) {
        boolean ends = index + 1 == text.length() || !Character.isLetter(text.charAt(index + 1));
        return ends
                && said.last().form() instanceof Pluck
                && said.isByFingers()
                && Character.isLetter(text.charAt(index));
    }

    /** {@code thumb on the root}, {@code thumb on string 6}: one stroke, said by who plays it and where. */
    boolean isThumbOn(Stroke form) {
        return form instanceof Pluck
                && said.counts().stream().noneMatch(count -> count.stroke() == said.size())
                && isRoot(said.last().form());
    }

    static boolean isRoot(Stroke form) {
        return form.equals(Pluck.of(new Pick.ByRole(Role.ROOT_BASS)));
    }

    /** {@code strum} and a direction beside it are one stroke whichever comes first: {@code strum up}, {@code down strum}. */
    boolean isOneStroke(Optional<Direction> way, int index) {
        SpokenStroke last = said.last();
        return DictationReader.isPlainStrum(last)
                && last.direction().isEmpty() != way.isEmpty()
                && isRightBehindLast(index);
    }

    /** A direction right behind a word for bass, treble, strings or mute says which way that goes: {@code mute up}. */
    boolean isDirectionOfLast(int index) {
        SpokenStroke last = said.last();
        boolean open = last.form() instanceof Mute
                || last.form() instanceof Strum strum
                        && strum.reach() != Reach.ALL
                        && last.direction().isEmpty();
        return open && isRightBehindLast(index);
    }

    /** Whether nothing but a blank lies between the word of the last stroke, which has several letters, and this one. */
    private boolean isRightBehindLast(int index) {
        String between = text.substring(said.last().index(), index);
        return !between.matches("(?s).*[^\\p{L}0-9\\s-].*")
                && words.word().matcher(between).results().count() == 1
                && between.strip().length() > 1;
    }
}
