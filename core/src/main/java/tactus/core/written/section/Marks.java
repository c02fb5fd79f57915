package tactus.core.written.section;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.music.pitch.Key;
import tactus.core.patterns.pattern.PatternId;

/**
 * What goes along with the bars of a section.
 *
 * @param voice where somebody sings
 * @param cues words at a beat
 * @param second figures of a second guitar, one after another from the first bar on, going round
 * @param key the key that the section is in, where that is not the song's
 * @param words what is sung, a line after the other; where there are any, they say where somebody sings
 */
public record Marks(
        List<Stretch> voice, List<Cue> cues, List<PatternId> second, List<WordLine> words, Optional<Key> key) {

    static final Marks NONE = new Marks(List.of(), List.of(), List.of(), List.of(), Optional.empty());

    public Marks {
        voice = List.copyOf(voice);
        cues = List.copyOf(cues);
        second = List.copyOf(second);
        words = List.copyOf(words);
        Objects.requireNonNull(key);
    }
}
