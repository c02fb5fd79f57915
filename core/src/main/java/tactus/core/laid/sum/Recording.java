package tactus.core.laid.sum;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.time.Tempo;

/**
 * A song against the length of a recording of it.
 *
 * @param seconds of the recording
 * @param ours how long the song is at its tempo
 * @param bars how many bars it has
 * @param tempo the tempo, in the song's beats a minute, at which it would be as long as the recording
 */
public record Recording(double seconds, double ours, int bars, double tempo) {

    private static final Pattern CLOCK = Pattern.compile("(?:(\\d{1,3}):)?(\\d{1,4})(?:[.,](\\d{1,3}))?");

    /** Compares; empty for a song without bars. */
    public static Optional<Recording> of(Timeline timeline, double seconds) {
        if (timeline.bars().isEmpty()) return Optional.empty();
        double ours = timeline.seconds();
        return Optional.of(new Recording(
                seconds, ours, timeline.bars().size(), timeline.tempo().perMinute() * ours / seconds));
    }

    /** By how many seconds the song is longer than the recording; negative if it is shorter. */
    public double difference() {
        return ours - seconds;
    }

    /** The difference for one bar, in seconds. */
    public double perBar() {
        return difference() / bars;
    }

    /** Whether a tempo can be that. */
    public boolean isPossible() {
        return tempo >= Tempo.SLOWEST && tempo <= Tempo.FASTEST;
    }

    /**
     * Reads {@code 3:24}, {@code 3:24.5} or {@code 204} as seconds.
     *
     * @throws NotationException if it is no time
     */
    public static double parse(String text) {
        Matcher clock = CLOCK.matcher(text.strip());
        if (!clock.matches()) {
            throw new NotationException("recording.unread", text, NotationException.stop(clock.pattern(), text));
        }
        int minutes = clock.group(1) == null ? 0 : Integer.parseInt(clock.group(1));
        int seconds = Integer.parseInt(clock.group(2));
        if (clock.group(1) != null && seconds > 59)
            throw new NotationException("recording.more-seconds", text, text.indexOf(':') + 1);
        double part = clock.group(3) == null ? 0 : Double.parseDouble("0." + clock.group(3));
        return 60 * minutes + seconds + part;
    }

    /** Writes seconds as {@code 3:24}, rounded to the nearest. */
    public static String clock(double seconds) {
        long whole = Math.round(seconds);
        return whole / 60 + ":" + String.format("%02d", whole % 60);
    }
}
