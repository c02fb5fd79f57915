package tactus.core.music.time;

import tactus.core.ground.refusal.Refusal;

/**
 * How fast the song goes: 92 quarters a minute.
 *
 * @param perMinute how many of {@code beat} pass in a minute, from 20 to 400
 * @param beat the note value that is counted, longer than nothing
 */
public record Tempo(double perMinute, Length beat) {

    public static final double SLOWEST = 20;
    public static final double FASTEST = 400;

    /** @throws Refusal if {@code perMinute} is outside its range or not a number */
    public Tempo {
        if (!(perMinute >= SLOWEST && perMinute <= FASTEST)) {
            throw new Refusal("tempo.beats-minute", plain(perMinute));
        }
        if (!beat.isPositive()) throw new Refusal("tempo.beat-positive", beat);
    }

    /** Returns {@code perMinute} felt beats of {@code meter} a minute. */
    public static Tempo of(double perMinute, Meter meter) {
        return new Tempo(perMinute, meter.shortestBeat());
    }

    /** How many seconds {@code length} lasts. */
    public double seconds(Length length) {
        return length.toDouble() * secondsInWhole();
    }

    /** How many seconds a whole note lasts. */
    public double secondsInWhole() {
        return 60 / (perMinute * beat.toDouble());
    }

    /** Returns {@code 92} or {@code 92.5}. */
    public String perMinuteText() {
        return plain(perMinute);
    }

    private static String plain(double number) {
        return number == Math.rint(number) && Math.abs(number) < 1e9
                ? Long.toString((long) number)
                : Double.toString(number);
    }
}
