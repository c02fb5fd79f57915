package tactus.core.refusal;

import java.util.Objects;
import tactus.core.statement.Statement;

/** A text a person typed cannot be read; says what is wrong and where, so that a field can mark the spot. */
public final class NotationException extends Refusal {

    private static final long serialVersionUID = 1;

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
}
