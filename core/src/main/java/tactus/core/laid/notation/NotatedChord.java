package tactus.core.laid.notation;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.time.Length;

/**
 * Notes that sound together, or a rest, as one written sign.
 *
 * @param inBar from the start of the bar
 * @param notes empty for a rest
 * @param isTied whether the one before it goes on
 * @param goesOn whether the next one is tied to it
 * @param stroke what is struck; empty for a rest and for what is tied
 */
public record NotatedChord(
        Length inBar,
        NoteValue value,
        List<NotatedNote> notes,
        boolean isTied,
        boolean goesOn,
        Optional<TimelineStroke> stroke) {

    public NotatedChord {
        Objects.requireNonNull(inBar);
        Objects.requireNonNull(value);
        Objects.requireNonNull(stroke);
        notes = List.copyOf(notes);
    }

    /** Whether nothing sounds. */
    public boolean isRest() {
        return notes.isEmpty();
    }
}
