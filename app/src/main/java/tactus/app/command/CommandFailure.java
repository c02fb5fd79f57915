package tactus.app.command;

/** A command cannot be done; the message is what the user is told. */
final class CommandFailure extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final int status;

    /** @param status {@link TactusCommand#FOUND} or {@link TactusCommand#USAGE} */
    CommandFailure(int status, String message) {
        super(message);
        this.status = status;
    }

    int status() {
        return status;
    }
}
