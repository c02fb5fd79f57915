package tactus.core.section;

import java.util.List;
import tactus.core.pattern.PatternId;

/**
 * What goes along with the bars of a section.
 *
 * @param voice where somebody sings
 * @param cues words at a beat
 * @param second figures of a second guitar, one after another from the first bar on, going round
 * @param words what is sung, a line after the other; where there are any, they say where somebody sings
 */
public record Marks(List<Stretch> voice, List<Cue> cues, List<PatternId> second, List<WordLine> words) {

    static final Marks NONE = new Marks(List.of(), List.of(), List.of(), List.of());

    public Marks {
        voice = List.copyOf(voice);
        cues = List.copyOf(cues);
        second = List.copyOf(second);
        words = List.copyOf(words);
    }
}
