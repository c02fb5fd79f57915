package tactus.console.export;

import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.performance.CountTrack;
import tactus.core.laid.performance.CountVoice;
import tactus.core.laid.performance.DrumTrack;
import tactus.core.laid.performance.Layer;
import tactus.core.laid.performance.Mix;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.sound.loudness.Trim;
import tactus.sound.score.Music;
import tactus.sound.score.Playback;
import tactus.sound.wave.WaveRendering;

/**
 * How a song sounds in a file.
 *
 * @param layer what the first guitar plays
 * @param countsIn whether a bar is counted in front
 * @param speed 1 at the song's tempo, see {@link Playback}
 * @param rounds how many times it is played
 */
public record SoundLook(Mix mix, CountVoice voice, Layer layer, boolean countsIn, double speed, int rounds) {

    /** The guitars once, as they are. */
    public static final SoundLook PLAIN = new SoundLook(Mix.USUAL, CountVoice.USUAL, Layer.WHOLE, false, 1, 1);

    public SoundLook {
        Objects.requireNonNull(mix);
        Objects.requireNonNull(voice);
        Objects.requireNonNull(layer);
    }

    /**
     * Prepares {@code part}.
     *
     * @param whole all of the song, which decides how loud its parts are
     * @throws tactus.core.ground.refusal.Refusal if there is nothing to be heard
     */
    WaveRendering rendering(Song song, Timeline whole, Timeline part) {
        if (part.bars().isEmpty()) return WaveRendering.of(part);
        var music = new Music(
                part,
                layer,
                Optional.of(DrumTrack.of(song, part)),
                Optional.of(CountTrack.of(part, voice)),
                Trim.of(whole));
        return WaveRendering.of(music, new Playback(0, part.seconds(), false, speed, countsIn), mix, rounds);
    }
}
