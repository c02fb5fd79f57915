package tactus.core.song;

/**
 * A snag that is meant so.
 *
 * @param snag what was found, with its place and numbers; when these change it is another snag
 * @param reason why it is meant, 1 to 200 characters
 */
public record Accepted(String snag, String reason) {

    /** @throws IllegalArgumentException if the reason is outside its range */
    public Accepted {
        reason = reason.strip();
        if (snag.isBlank()) throw new IllegalArgumentException("nothing is accepted");
        if (reason.isEmpty() || reason.length() > 200) {
            throw new IllegalArgumentException("a reason has 1 to 200 characters, this one " + reason.length());
        }
    }
}
