package tactus.core.counsel.suggestion;

import java.util.LinkedHashSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import tactus.core.music.chord.ChordName;
import tactus.core.music.shape.Shape;
import tactus.core.music.shape.Voicing;
import tactus.core.patterns.library.Level;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.section.Except;
import tactus.core.written.song.Song;

/** Gives chords a shape when they are written, so that a song sounds at once. */
public final class UsualShapes {

    private UsualShapes() {}

    /**
     * The song {@code after} an edit, with an offered shape for every chord that the edit brought and that has none; what
     * was offered and is written nowhere any more goes.
     *
     * @param shape finds the usual shape of a name for the song's tuning and capo, and the hand that plays
     */
    public static Song given(Song before, Song after, Function<ChordName, Optional<Voicing>> shape) {
        Objects.requireNonNull(shape);
        if (before.sections().equals(after.sections()) && before.uses().equals(after.uses())) return after;
        Set<String> written = written(after);
        Set<String> old = written(before);
        Song next = after;
        for (Chord chord : after.chords()) {
            boolean isLeft = chord.isOffered() && old.contains(chord.name()) && !written.contains(chord.name());
            if (isLeft) next = next.withoutChord(chord.name());
        }
        for (String name : written) {
            if (old.contains(name) && before.chord(name).isEmpty()
                    || next.chord(name).isPresent()) continue;
            Optional<Voicing> found = ChordName.isNoChord(name)
                    ? Optional.empty()
                    : Chord.meaning(name).flatMap(shape);
            if (found.isPresent()) next = next.withChord(Chord.offered(name, found.get()));
        }
        return next;
    }

    /**
     * The one of {@code found} that a chord is given first: in a first lesson a barre waits, and its small form is given (common
     * practice).
     *
     * @param found the shape of a name that most teachers draw first
     * @param small finds the small form of it
     */
    public static Shape first(Shape found, Optional<Level> level, Function<Voicing, Optional<Shape>> small) {
        boolean waits =
                level.equals(Optional.of(Level.FIRST_LESSONS)) && found.grip().hasBarre();
        return waits ? small.apply(found.voicing()).orElse(found) : found;
    }

    private static Set<String> written(Song song) {
        var names = new LinkedHashSet<String>();
        song.sections().forEach(section -> section.spans().forEach(span -> names.add(span.chord())));
        song.uses().stream()
                .flatMap(use -> use.excepts().stream())
                .flatMap(UsualShapes::spans)
                .forEach(span -> names.add(span.chord()));
        return names;
    }

    private static Stream<Span> spans(Except except) {
        return switch (except.change()) {
            case Except.OtherBars other -> other.instead().spans().stream();
            case Except.ExtraBars extra -> extra.added().spans().stream();
            case Except.Runs _, Except.LeftOut _, Except.OtherWords _, Except.OtherVoice _ -> Stream.empty();
        };
    }
}
