package tactus.formats.song;

/**
 * Something in a song file that could not be taken as it stands.
 *
 * @param place where in the file: {@code sections[2].bars[0].meter}
 * @param reason what is wrong
 * @param remedy what was done instead
 */
public record Problem(String place, String reason, String remedy) {

    @Override
    public String toString() {
        return place + ": " + reason + "; " + remedy;
    }
}
