package tactus.app.start;

import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.library.Level;
import tactus.core.reading.chart.Chart;
import tactus.core.reading.chart.ChartSong;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** The facts that a new song begins with, as they are typed; each may be left blank. */
public record NewSong(String title, String key, String tempo, String meter, Optional<Level> level) {

    public NewSong {
        Objects.requireNonNull(level);
    }

    /**
     * The song, without any section.
     *
     * @throws Refusal if one of the facts cannot be read
     */
    public Song song() {
        String called = title.isBlank() ? Words.of("song.untitled") : title.strip();
        Facts facts = Song.empty(called).facts().withLevel(level);
        if (!meter.isBlank()) {
            Meter said = Meter.parse(meter);
            facts = facts.withMeter(said).withTempo(Tempo.of(facts.tempo().perMinute(), said));
        }
        if (!key.isBlank()) facts = facts.withKey(Key.parse(key.strip()));
        if (!tempo.isBlank()) facts = facts.withTempo(Tempo.of(perMinute(), facts.meter()));
        return Song.empty(called).withFacts(facts);
    }

    private double perMinute() {
        try {
            return Double.parseDouble(tempo.strip().replace(',', '.'));
        } catch (NumberFormatException unread) {
            throw new NotationException("start.tempo-unread", tempo, 0);
        }
    }

    /**
     * What pasted chords are read as.
     *
     * @param chart empty if there is none
     * @param problem why there is none; empty where nothing was pasted
     */
    record Pasted(Optional<Chart> chart, String problem) {

        static final Pasted NOTHING = new Pasted(Optional.empty(), "");
    }

    /** Reads pasted chords with the meter that is set. */
    Pasted chart(String pasted) {
        try {
            if (pasted.isBlank()) return Pasted.NOTHING;
            Meter usual = meter.isBlank() ? Meter.of(4, 4) : Meter.parse(meter);
            return new Pasted(Optional.of(Chart.read(pasted, usual, Words.lexicon())), "");
        } catch (Refusal wrong) {
            return new Pasted(Optional.empty(), Words.why(wrong));
        }
    }

    /** {@code base} with what the chart says; what is typed here goes before what the text says. */
    public Song with(Chart chart, Song base) {
        Song made = ChartSong.of(chart, base, Words.of("start.unnamed"));
        Facts facts = made.facts();
        if (!title.isBlank()) facts = facts.withTitle(title.strip());
        if (!key.isBlank()) facts = facts.withKey(Key.parse(key.strip()));
        if (!tempo.isBlank()) facts = facts.withTempo(Tempo.of(perMinute(), facts.meter()));
        return made.withFacts(facts);
    }

    /** What is wrong with the facts, if anything. */
    public Outcome problem() {
        return Outcome.of(this::song);
    }
}
