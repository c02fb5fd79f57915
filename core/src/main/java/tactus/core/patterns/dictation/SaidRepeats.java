package tactus.core.patterns.dictation;

import java.util.Optional;
import tactus.core.ground.refusal.NotationException;

/** What makes strokes that were said come more than once, or last: {@code twice}, {@code hold for two}, {@code and again}. */
final class SaidRepeats {

    private final SayingText typed;
    private final SaidStrokes said;
    private final Brackets brackets;

    SaidRepeats(SayingText typed, SaidStrokes said, Brackets brackets) {
        this.typed = typed;
        this.said = said;
        this.brackets = brackets;
    }

    /** @throws NotationException if nothing was said before, or it is to come 0 times */
    void read(SpokenTimes times, String word, int index) {
        switch (times) {
            case SpokenTimes.Times all -> times(all.number(), word, index);
            case SpokenTimes.Held held -> held(held, word, index);
            case SpokenTimes.Again again -> again(again.how(), word, index);
            case SpokenTimes.Several _ -> throw new IllegalArgumentException("strokes are said by the reader");
        }
    }

    private void times(int number, String word, int index) {
        if (number > 0 && isBeforeStrokes(word, index)) said.repeatNext(number);
        else said.repeat(checked(number, word, index));
        brackets.leave();
    }

    /** {@code twice down, up}: behind a comma, or first of all, it says how often the strokes right behind it come. */
    private boolean isBeforeStrokes(String word, int index) {
        int end = typed.behindBlanks(index + word.length());
        int behind = end < typed.text().length() && typed.text().charAt(end) == ':' ? typed.behindBlanks(end + 1) : end;
        return said.isAtPhrase()
                && behind < typed.text().length()
                && Character.isLetterOrDigit(typed.text().charAt(behind));
    }

    private int checked(int times, String word, int index) {
        if (said.isEmpty()) throw new NotationException("dictation-reader.nothing-before", typed.text(), index, word);
        if (times == 0) throw new NotationException("dictation-reader.never", typed.text(), index);
        return times;
    }

    private void held(SpokenTimes.Held held, String word, int index) {
        held.stroke().ifPresent(stroke -> said.add(SpokenStroke.of(stroke, Optional.empty(), index)));
        checked(held.beats(), word, index);
        said.replaceLast(said.last().lasting(held.beats()));
    }

    private void again(SpokenTimes.How how, String word, int index) {
        if (said.isEmpty() && how == SpokenTimes.How.ALL && isBeforeStrokes(word, index)) return;
        checked(1, word, index);
        switch (how) {
            case ALL -> said.again();
            case BUT -> said.againBut();
            case WITHOUT_LAST -> said.withoutLast();
        }
    }
}
