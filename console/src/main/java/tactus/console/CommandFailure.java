package tactus.console;

import tactus.words.Words;

/** A command cannot be done; the message is what the user is told, behind the name of the command. */
final class CommandFailure extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final int status;

    private CommandFailure(int status, String sentence) {
        super(sentence);
        this.status = status;
    }

    /** It was understood and could not be done: the text {@code code} says why. */
    static CommandFailure found(String code, Object... values) {
        return saying(TactusCommand.FOUND, Words.of(code, values));
    }

    /** It was not understood: the text {@code code} says why. */
    static CommandFailure usage(String code, Object... values) {
        return saying(TactusCommand.USAGE, Words.of(code, values));
    }

    /** @param status {@link TactusCommand#FOUND} or {@link TactusCommand#USAGE} */
    static CommandFailure saying(int status, String sentence) {
        return new CommandFailure(status, sentence);
    }

    int status() {
        return status;
    }
}
