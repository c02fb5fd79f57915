package tactus.core.patterns.dictation;

import java.util.List;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.stroke.Miss;

/** What stands in brackets: counts alone in them are not struck, strums alone in them are misses. */
final class Brackets {

    private final String text;
    private final SaidStrokes said;
    private int open = -1;
    private int strokes;
    private int counts;

    Brackets(String text, SaidStrokes said) {
        this.text = text;
        this.said = said;
    }

    void open(int index) {
        if (open >= 0) throw new NotationException("dictation-reader.bracket-inside", text, index);
        open = index;
        strokes = said.size();
        counts = said.counts().size();
    }

    /** What was said until now stands in no bracket: {@code down up (twice)}. */
    void leave() {
        strokes = said.size();
    }

    void close(int index) {
        if (open < 0) throw new NotationException("dictation-reader.closes-bracket", text, index);
        open = -1;
        List<SpokenCount> all = said.counts();
        var inside = said.strokes().subList(Math.min(strokes, said.size()), said.size());
        if (inside.isEmpty()) {
            all.subList(Math.min(counts, all.size()), all.size())
                    .replaceAll(count -> new SpokenCount(count.said(), count.index(), count.stroke(), true));
        } else if (all.size() == counts && inside.stream().allMatch(DictationReader::isPlainStrum)) {
            inside.replaceAll(stroke -> stroke.withForm(Miss.MISS));
        }
    }

    void checkClosed() {
        if (open >= 0) throw new NotationException("dictation-reader.bracket-closed", text, open);
    }
}
