package tactus.core.time;

/** A text a person typed cannot be read; says what is wrong and where, so that a field can mark the spot. */
public final class NotationException extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final String text;
    private final int index;

    /**
     * @param reason what is wrong, as the end of a sentence that starts with the text: {@code is not a meter}
     * @param text the whole text that was typed
     * @param index where in {@code text} the fault is, from 0 to its length
     */
    public NotationException(String reason, String text, int index) {
        super("\"" + shortened(text) + "\" " + reason);
        this.text = text;
        this.index = index;
    }

    public String text() {
        return text;
    }

    public int index() {
        return index;
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 39) + "…";
    }
}
