package tactus.core.written.song;

import java.util.UUID;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.Refusal;

/**
 * What a song is known by wherever its file lies and whatever its title is: a UUID (RFC 9562), in small letters. It belongs
 * to the file, not to the music; a copy under another name is another song.
 */
public record SongId(String value) {

    private static final Pattern FORM = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    /** @throws Refusal if {@code value} is no UUID in small letters */
    public SongId {
        if (!FORM.matcher(value).matches()) throw new Refusal("song.id", value);
    }

    /** One that no other song has. */
    public static SongId fresh() {
        return new SongId(UUID.randomUUID().toString());
    }

    @Override
    public String toString() {
        return value;
    }
}
