package tactus.formats.song;

import tactus.core.ground.statement.Statement;
import tactus.words.Words;

/**
 * Something in a song file that could not be taken as it stands.
 *
 * @param place where in the file: {@code sections[2].bars[0].meter}
 * @param reason what is wrong
 * @param remedy what was done instead
 */
public record Problem(String place, Statement reason, Statement remedy) {

    /** Place, reason and remedy in words. */
    public String sentence() {
        return Words.of("file.problem", place, Words.say(reason), Words.say(remedy));
    }
}
