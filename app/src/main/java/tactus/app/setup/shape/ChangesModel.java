package tactus.app.setup.shape;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.capo.ChordUse;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.chord.ChordName;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.ShapeChange;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.ChangeCount;
import tactus.core.written.song.Song;

/** The changes between the song's chords, the hardest work first. */
public final class ChangesModel {

    /**
     * A change as it comes in the song.
     *
     * @param times how often it comes, either way
     * @param counted what the student has counted, which replaces the estimate
     */
    public record Change(Chord from, Chord to, int times, ShapeChange motion, Optional<ChangeCount> counted) {

        /** How long one takes, in seconds. */
        public double seconds() {
            return counted.map(ChangeCount::seconds).orElse(motion.seconds());
        }

        /** All the time it takes in the song, by which the changes are ordered. */
        public double work() {
            return seconds() * times;
        }
    }

    private final Work work;
    private final Settings settings;

    public ChangesModel(Work work, Settings settings) {
        this.work = work;
        this.settings = settings;
    }

    /** Every change that comes in the song. */
    public List<Change> changes() {
        Song song = work.song();
        ChordUse use = ChordUse.of(song, work.timeline());
        Neck neck = settings.neck(song.facts().capo());
        return use.changes().entrySet().stream()
                .flatMap(entry -> change(
                        song,
                        neck,
                        use.names().get(entry.getKey().first()),
                        use.names().get(entry.getKey().second()),
                        entry.getValue())
                        .stream())
                .sorted(Comparator.comparingDouble(Change::work).reversed())
                .toList();
    }

    private Optional<Change> change(Song song, Neck neck, ChordName from, ChordName to, int times) {
        Optional<Chord> one = chord(song, from);
        Optional<Chord> other = chord(song, to);
        if (one.isEmpty() || other.isEmpty()) return Optional.empty();
        Optional<Grip> before = grip(one.get(), neck);
        Optional<Grip> after = grip(other.get(), neck);
        if (before.isEmpty() || after.isEmpty()) return Optional.empty();
        return Optional.of(new Change(
                one.get(),
                other.get(),
                times,
                ShapeChange.between(before.get(), after.get(), neck),
                song.changeCount(one.get().name(), other.get().name())));
    }

    private static Optional<Chord> chord(Song song, ChordName name) {
        return song.chords().stream()
                .filter(chord -> chord.fits(song.facts().tuning()))
                .filter(chord -> chord.meaning().filter(name::equals).isPresent())
                .findFirst();
    }

    private Optional<Grip> grip(Chord chord, Neck neck) {
        return chord.gripOfAnyHand(neck, settings.handProperty().get());
    }

    /** Keeps what the student has counted; an empty text goes back to the estimate. */
    public Outcome count(Change change, String text) {
        String from = change.from().name();
        String to = change.to().name();
        return Outcome.of(() -> {
            if (text.isBlank()) work.change("edit.counted", song -> song.withoutChangeCount(from, to), from, to);
            else
                work.change(
                        "edit.counted", song -> song.withChangeCount(new ChangeCount(from, to, whole(text))), from, to);
        });
    }

    private static int whole(String text) {
        String plain = text.strip();
        if (!plain.matches("\\d{1,9}")) throw new Refusal("number-wanted.changes", text);
        return Integer.parseInt(plain);
    }
}
