package tactus.console.export;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.performance.CountVoice;
import tactus.core.laid.performance.Layer;
import tactus.core.laid.performance.Mix;
import tactus.core.laid.performance.MixVoice;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.written.song.Song;
import tactus.formats.file.FileName;
import tactus.formats.midi.MidiLook;
import tactus.sound.score.Playback;

/**
 * Which bars of songs are written, and how they sound, as it was chosen for any song.
 *
 * @param bars {@code 9-24}; empty for all of them
 * @param mix which voices, and how loud; of them a MIDI file has the guitars, the click and the drums
 * @param eachString whether each string has a MIDI channel of its own
 * @param speed 1 at the song's tempo
 * @param rounds how often the sound goes round, 1 to 100
 * @param bySection whether each entry of the running order is a sound file of its own
 */
public record MusicChoice(
        String bars,
        Mix mix,
        boolean countsIn,
        boolean eachString,
        double speed,
        int rounds,
        Layer layer,
        CountVoice voice,
        boolean bySection) {

    public static final int MOST_ROUNDS = 100;

    /** The guitars once, all of it, as it is. */
    public static final MusicChoice PLAIN =
            new MusicChoice("", Mix.USUAL, false, false, 1, 1, Layer.WHOLE, CountVoice.USUAL, false);

    /** @throws Refusal if the rounds or the speed are out of their range */
    public MusicChoice {
        Objects.requireNonNull(bars);
        Objects.requireNonNull(layer);
        Objects.requireNonNull(voice);
        Objects.requireNonNull(mix);
        if (rounds < 1 || rounds > MOST_ROUNDS) throw new Refusal("export.rounds", rounds, MOST_ROUNDS);
        if (!(speed >= Playback.SLOWEST && speed <= Playback.FASTEST))
            throw new Refusal("export.tempo", Math.round(speed * 100) + " %");
    }

    /**
     * A file to be written.
     *
     * @param suffix what stands behind the song's name
     */
    public record Part(String suffix, Export.MusicLook look) {}

    /**
     * The files that {@code export} makes of {@code song}.
     *
     * @throws Refusal if the bars are none of the song's
     */
    public List<Part> parts(Song song, Timeline timeline, Export export) {
        int last = timeline.bars().isEmpty() ? 0 : timeline.bars().getLast().number();
        Optional<BarRange> range = bars.isBlank() ? Optional.empty() : Optional.of(BarRange.parse(bars, last));
        if (!bySection || export != Export.WAV) return List.of(new Part("", look(range)));
        var parts = new ArrayList<Part>();
        for (int use = 0; use < song.uses().size(); use++) {
            int entry = use;
            List<Integer> numbers = timeline.bars().stream()
                    .filter(bar -> bar.use() == entry)
                    .map(TimelineBar::number)
                    .filter(number -> number > 0)
                    .filter(number -> range.isEmpty() || range.get().has(number))
                    .toList();
            if (numbers.isEmpty()) continue;
            String name = FileName.of(song.nameOf(song.uses().get(use)), "section");
            parts.add(new Part(
                    String.format(Locale.ROOT, "-%02d-%s", use + 1, name),
                    look(Optional.of(new BarRange(numbers.getFirst(), numbers.getLast())))));
        }
        return parts;
    }

    private Export.MusicLook look(Optional<BarRange> range) {
        return new Export.MusicLook(
                range,
                new MidiLook(countsIn, mix.isHeard(MixVoice.CLICK), mix.isHeard(MixVoice.DRUMS), eachString),
                new SoundLook(mix, voice, layer, countsIn, speed, rounds));
    }
}
