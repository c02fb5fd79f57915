package tactus.sound.transport;

import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.LockSupport;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import tactus.core.laid.performance.Mix;
import tactus.core.music.time.SongSeconds;
import tactus.sound.device.AudioOut;
import tactus.sound.score.Score;
import tactus.sound.synth.Band;
import tactus.sound.synth.Pcm;

/**
 * Plays a score on a thread of its own. The thread reads one immutable order at a time and places events by frame
 * number; it allocates, locks and logs nothing while it plays.
 */
public final class Transport implements AutoCloseable {

    /**
     * Where in what goes round one is.
     *
     * @param round from 0; the bar to breathe belongs to the round behind it
     */
    public record Place(int round, SongSeconds at) {

        public Place {
            Objects.requireNonNull(at);
        }
    }

    /** What the thread is to do; a new one replaces the last. */
    private record Order(Score score, boolean continues) {}

    private static final int BLOCK = 512;
    private static final float QUIET_START = 0.5f;
    private static final long TAIL = 2L * Score.RATE;
    /** From so many frames on that a device had nothing to play, what it missed is left out: a hundredth of a second. */
    private static final long MISSED = Score.RATE / 100;

    private static final long SECOND = 1_000_000_000L;
    /** Rounds and frames that were heard are one number, so that they are read together; a part has fewer frames than this. */
    private static final long FRAMES = 1L << 40;

    private final Supplier<AudioOut> device;
    private final LongSupplier nanos;
    private final Thread thread;
    private final Band band = new Band(Score.RATE);
    private final float[] samples = new float[BLOCK * Band.CHANNELS];
    private final byte[] bytes = new byte[BLOCK * AudioOut.FRAME_BYTES];

    private final AtomicReference<Order> order = new AtomicReference<>();
    private volatile boolean wanted;
    private volatile boolean closed;
    private volatile AudioOut out;
    private volatile float gain = QUIET_START;
    private volatile Score heardIn;
    private volatile long heard;
    private volatile long heardAt;
    private volatile long ahead;

    private long frame;
    private int event;
    /** The round in which the score began, as often as it began anew. */
    private long rounds;

    private boolean looped;
    private long wroteAt;
    private long left;
    private long missed;

    /** @param device opens the device, on the transport's own thread */
    public Transport(Supplier<AudioOut> device) {
        this(device, System::nanoTime);
    }

    Transport(Supplier<AudioOut> device, LongSupplier nanos) {
        this.device = device;
        this.nanos = nanos;
        thread = new Thread(this::run, "tactus transport");
        thread.setDaemon(true);
        thread.setPriority(Thread.MAX_PRIORITY);
        thread.start();
    }

    /** Plays {@code score} from its start. */
    public void play(Score score) {
        give(new Order(score, false));
    }

    /** Goes on with {@code score}, a changed form of what is playing, at the same place in the song. */
    public void replace(Score score) {
        if (isPlaying()) give(new Order(score, true));
    }

    /** Stops; strings are damped. */
    public void stop() {
        give(null);
    }

    /** Opens the device now rather than when something is first played, so that it is known whether one can hear. */
    public void prepare() {
        wanted = true;
        LockSupport.unpark(thread);
    }

    private void give(Order next) {
        order.set(next);
        LockSupport.unpark(thread);
    }

    /** Answers whether something is playing, what rings on after the end not counted. */
    public boolean isPlaying() {
        return order.get() != null;
    }

    /** Where one is; before the part's start while counting in. Empty if nothing is played. */
    public Optional<Place> place() {
        Order now = order.get();
        if (now == null) return Optional.empty();
        // A changed form is heard from its first block on; until then one is where the last form is.
        Score score = now.continues && heardIn != null ? heardIn : now.score;
        if (!now.continues && heardIn != score) return Optional.of(place(score, 0, 0));
        // The place is known once a block; in between the clock goes on, as far as the device has something to play.
        long since = (nanos.getAsLong() - heardAt) * Score.RATE / SECOND;
        long both = heard;
        return Optional.of(place(score, both / FRAMES, both % FRAMES + Math.clamp(since, 0, Math.max(BLOCK, ahead))));
    }

    private static Place place(Score score, long rounds, long frame) {
        return new Place((int) rounds + score.round(frame), new SongSeconds(score.seconds(frame)));
    }

    /** How loud, from 0 to 1. Starts quiet, for the sake of ears on headphones. */
    public void setGain(double gain) {
        this.gain = (float) Math.clamp(gain, 0, 1);
    }

    /** Which voices are heard, from the next block on. */
    public void setMix(Mix mix) {
        band.setMix(mix);
    }

    /** Answers whether the device is the silent stand-in; empty until it has been opened. */
    public Optional<Boolean> isSilent() {
        return Optional.ofNullable(out).map(AudioOut::isSilent);
    }

    @Override
    public void close() {
        closed = true;
        LockSupport.unpark(thread);
    }

    private void run() {
        while (!wanted && order.get() == null && !closed) LockSupport.park(this);
        if (closed) return;
        out = device.get();
        Order current = null;
        long tail = 0;
        while (!closed) {
            Order next = order.get();
            if (next != current) {
                begin(current, next);
                current = next;
                tail = TAIL;
            }
            if (current != null) {
                playBlock(current.score);
                boolean isOver = frame >= current.score.end()
                        && !current.score.playback().loops();
                // What was asked for meanwhile stays.
                if (isOver) order.compareAndSet(current, null);
            } else if (tail > 0) {
                tail -= BLOCK;
                ringOut();
            } else {
                LockSupport.park(this);
            }
        }
        out.close();
    }

    private void begin(Order before, Order next) {
        if (next == null) {
            band.damp();
            return;
        }
        boolean goesOn = next.continues && before != null;
        if (goesOn) {
            rounds += before.score.round(frame);
            frame = Math.clamp(next.score.frameLike(before.score, frame), 0, next.score.end() - 1);
        } else {
            band.reset();
            frame = 0;
            rounds = 0;
            looped = false;
        }
        event = next.score.eventAt(frame);
        wroteAt = nanos.getAsLong();
        left = BLOCK;
        missed = 0;
    }

    /** Where the device had nothing to play, time went on all the same: what should have sounded meanwhile is left out. */
    private void catchUp(Score score) {
        if (out.pending() == 0) {
            long waited = (nanos.getAsLong() - wroteAt) * Score.RATE / SECOND;
            missed += Math.max(0, waited - left);
        }
        if (missed < MISSED) return;
        frame += missed;
        missed = 0;
        if (frame >= score.end()) {
            long laid = score.end() - score.start();
            boolean goesRound = score.playback().loops();
            if (goesRound) rounds += (frame - score.start()) / laid * score.rounds();
            frame = goesRound ? score.start() + (frame - score.start()) % laid : score.end() - 1;
            looped |= goesRound;
        }
        event = score.eventAt(frame);
    }

    private void playBlock(Score score) {
        catchUp(score);
        int count = (int) Math.min(BLOCK, score.end() - frame);
        event = band.render(score, frame, event, samples, count);
        write(count);
        frame += count;
        if (frame >= score.end() && score.playback().loops()) {
            frame = score.start();
            event = score.eventAt(frame);
            rounds += score.rounds();
            looped = true;
        }
        heard = heard(score);
        heardIn = score;
        ahead = left;
        heardAt = nanos.getAsLong();
    }

    /** What the device plays now of what was given to it. */
    private long heard(Score score) {
        long at = frame - out.pending();
        boolean isBefore = looped && at < score.start();
        if (isBefore) at += score.end() - score.start();
        return FRAMES * (isBefore ? rounds - score.rounds() : rounds) + Math.max(0, at);
    }

    private void ringOut() {
        band.ring(samples, BLOCK);
        write(BLOCK);
    }

    private void write(int count) {
        Pcm.encode(samples, gain, bytes, count * Band.CHANNELS);
        out.write(bytes, count);
        left = out.pending();
        wroteAt = nanos.getAsLong();
    }
}
