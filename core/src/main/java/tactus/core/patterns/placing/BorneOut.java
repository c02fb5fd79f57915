package tactus.core.patterns.placing;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Stroke;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.Filling;
import tactus.core.patterns.dictation.SpokenStroke;
import tactus.core.patterns.pattern.Pattern;

/** Whether the strokes of a pattern are still those that were said for it; who changes a stroke by hand means to. */
public final class BorneOut {

    private BorneOut() {}

    /** Whether {@code pattern} has as many strokes as {@code words} say, and those go the ways that were said; so too if nobody can tell. */
    public static boolean by(Pattern pattern, String words, Lexicon lexicon) {
        List<Stroke> written =
                pattern.played().stream().filter(Stroke::isStruck).toList();
        try {
            Dictation said = Dictation.parse(words, lexicon);
            return written.isEmpty() || said.readings().stream().anyMatch(each -> isSaid(each, written));
        } catch (NotationException unreadable) {
            // What was said in another language, or a mend of what was said before, cannot be compared.
            return true;
        }
    }

    private static boolean isSaid(Dictation dictation, List<Stroke> written) {
        SpokenStroke every = dictation.strokes().getFirst();
        // "All downs" says one stroke for every slot.
        if (dictation.notes().filling().filter(Filling::isAlone).isPresent())
            return written.stream().allMatch(stroke -> isSaid(every, stroke));
        List<SpokenStroke> said = dictation.strokes().stream()
                .filter(each -> each.form().isStruck())
                .toList();
        return said.size() == written.size()
                && IntStream.range(0, said.size()).allMatch(i -> isSaid(said.get(i), written.get(i)));
    }

    private static boolean isSaid(SpokenStroke said, Stroke written) {
        Optional<Direction> way = written.way();
        return said.isCounted()
                || said.direction().isEmpty()
                || way.isEmpty()
                // Which way a mute goes is seldom said.
                || written instanceof Mute
                || said.direction().equals(way);
    }
}
