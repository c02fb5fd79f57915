package tactus.app.setup;

import java.util.Optional;
import java.util.function.UnaryOperator;
import tactus.app.work.Work;
import tactus.core.pitch.Key;
import tactus.core.pitch.Tuning;
import tactus.core.shape.Voicing;
import tactus.core.song.Chord;
import tactus.core.song.Facts;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;

/** Changes of the song's facts and chords. Each returns what is wrong with it, if anything. */
final class SetUpModel {

    private final Work work;

    SetUpModel(Work work) {
        this.work = work;
    }

    Optional<String> setTitle(String title) {
        return type("title", facts -> facts.withTitle(title));
    }

    Optional<String> setNote(String note) {
        return type("note", facts -> facts.withNote(note));
    }

    Optional<String> setKey(String key) {
        return type("key", facts -> facts.withKey(Key.parse(key)));
    }

    Optional<String> setTuning(String tuning) {
        return type("tuning", facts -> facts.withInstrument(facts.instrument().withTuning(Tuning.parse(tuning))));
    }

    /** Moves the capo under the same shapes, so that the song sounds in another key. */
    Optional<String> setCapo(int capo) {
        return type(
                "capo",
                facts -> facts.withKey(facts.key().plus(capo - facts.capo()))
                        .withInstrument(facts.instrument().withCapo(capo)));
    }

    Optional<String> setMeter(String meter) {
        return type("meter", facts -> facts.withMeter(Meter.parse(meter)));
    }

    Optional<String> setTempo(String perMinute) {
        return type(
                "tempo",
                facts -> facts.withTempo(
                        new Tempo(number(perMinute), facts.tempo().beat())));
    }

    private static double number(String text) {
        try {
            return Double.parseDouble(text.strip().replace(',', '.'));
        } catch (NumberFormatException noNumber) {
            throw new IllegalArgumentException("the tempo must be a number of beats a minute, was \"" + text + "\"");
        }
    }

    Optional<String> setChord(String name, String shape) {
        return attempt(() -> {
            var chord = new Chord(name, Voicing.parse(shape));
            int strings = work.song().facts().tuning().strings();
            if (chord.voicing().strings() != strings) {
                throw new IllegalArgumentException("the shape \"" + shape + "\" has "
                        + chord.voicing().strings() + " strings, the tuning " + strings);
            }
            work.type("chord " + name, song -> song.withChord(chord));
        });
    }

    void removeChord(String name) {
        work.change(song -> song.withoutChord(name));
    }

    private Optional<String> type(String field, UnaryOperator<Facts> change) {
        return attempt(() -> work.type(field, song -> song.withFacts(change.apply(song.facts()))));
    }

    private static Optional<String> attempt(Runnable change) {
        try {
            change.run();
            return Optional.empty();
        } catch (IllegalArgumentException wrong) {
            return Optional.of(wrong.getMessage());
        }
    }
}
