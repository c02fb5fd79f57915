package tactus.core.written.song;

import java.util.List;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;

/**
 * What a song is made of.
 *
 * @param chords the shapes, each name once
 * @param patterns each id once; names may be alike
 */
public record Materials(List<Chord> chords, List<Pattern> patterns) {

    static final Materials NONE = new Materials(List.of(), List.of());

    public Materials {
        chords = List.copyOf(chords);
        patterns = List.copyOf(patterns);
    }
}
