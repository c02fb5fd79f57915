package tactus.core.ground.refusal;

import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.statement.Statement;

/** A text a person typed cannot be read; says what is wrong and where, so that a field can mark the spot. */
public final class NotationException extends Refusal {

    private static final long serialVersionUID = 1;

    private static final int LONGEST = 200;

    private final String text;
    private final int index;

    /**
     * @param code the reason's code
     * @param text the whole text that was typed
     * @param index where in {@code text} the fault is, from 0 to its length
     * @param values what the reason's sentence speaks of
     */
    public NotationException(String code, String text, int index, Object... values) {
        this(Statement.of(code, values), text, index);
    }

    /** @param index where in {@code text} the fault is, from 0 to its length */
    public NotationException(Statement reason, String text, int index) {
        super(reason);
        this.text = Objects.requireNonNull(text);
        this.index = Objects.checkIndex(index, text.length() + 1);
    }

    /** The whole text that was typed. */
    public String text() {
        return text;
    }

    /** Where in the text the fault is, from 0 to its length. */
    public int index() {
        return index;
    }

    /** The same fault in a longer text, of which this one's begins at {@code from}. */
    public NotationException in(String whole, int from) {
        return new NotationException(reason(), whole, Math.min(from + index, whole.length()));
    }

    /**
     * Where {@code text} stops being what {@code notation} reads: the end of its longest beginning that could still
     * become whole; its own end if something is missing there.
     *
     * @return an index from 0 to the length of {@code text}
     */
    public static int stop(Pattern notation, String text) {
        // Nothing that is read whole by one pattern is that long; of a pasted text the beginning is enough.
        for (int end = Math.min(text.length(), LONGEST); end > 0; end--) {
            Matcher beginning = notation.matcher(text).region(0, end);
            if (beginning.matches() || beginning.hitEnd()) return end;
        }
        return 0;
    }
}
