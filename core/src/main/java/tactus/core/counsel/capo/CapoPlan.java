package tactus.core.counsel.capo;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Shape;
import tactus.core.music.shape.ShapeChange;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;

/**
 * Every place a capo can have in a song, compared. The song goes on sounding in its key whichever is taken.
 *
 * @param choices the easiest first; empty if the song has no chord that can be read
 * @param current the one the song has now
 */
public record CapoPlan(List<CapoChoice> choices, Optional<CapoChoice> current) {

    /** Above this fret the hand is cramped (common practice). */
    public static final int CRAMPED_ABOVE = 7;

    private static final double PUTTING_ON = 0.8;
    private static final int LOW_FRET = 3;
    private static final double HIGHER_A_FRET = 0.3;
    private static final double CRAMP_A_FRET = 3;
    private static final double RETUNING = 2;
    private static final double RETUNING_A_SEMITONE = 0.7;
    private static final double CHANGE_A_SECOND = 8;
    private static final int CONSIDERED = 3;

    public CapoPlan {
        Objects.requireNonNull(current);
        choices = List.copyOf(choices);
    }

    /** Compares every fret, with the strings as they are called and tuned down by up to four semitones. */
    public static CapoPlan of(Song song, Timeline timeline, double scaleLength, FrettingHand hand) {
        return of(song, timeline, scaleLength, hand, () -> false);
    }

    /** @param isCancelled asked before each choice; if so the plan is empty */
    public static CapoPlan of(
            Song song, Timeline timeline, double scaleLength, FrettingHand hand, BooleanSupplier isCancelled) {
        return new Planner(song, ChordUse.of(song, timeline), scaleLength, hand).plan(isCancelled);
    }

    /** The choice with the strings tuned down by {@code tunedDown} and the capo at {@code capo}. */
    public Optional<CapoChoice> at(int tunedDown, int capo) {
        return choices.stream()
                .filter(choice -> choice.tunedDown() == tunedDown && choice.capo() == capo)
                .findFirst();
    }

    static double cramp(int tunedDown, int capo) {
        double on = (capo == 0 ? 0 : PUTTING_ON) + HIGHER_A_FRET * Math.max(0, capo - LOW_FRET);
        double high = CRAMP_A_FRET * Math.max(0, capo - CRAMPED_ABOVE);
        double retuned = tunedDown == 0 ? 0 : RETUNING + RETUNING_A_SEMITONE * tunedDown;
        return on + high + retuned;
    }

    private static final class Planner {

        private final Facts facts;
        private final Map<ChordName, Chord> own = new HashMap<>();
        private final ChordUse use;
        private final double scaleLength;
        private final FrettingHand hand;
        private final ShapeSearch search;
        private final Map<ChordName, List<Shape>> found = new HashMap<>();
        private final Map<Behind, Optional<Shape>> behindCapo = new HashMap<>();

        private record Behind(ChordName name, int capo) {}

        Planner(Song song, ChordUse use, double scaleLength, FrettingHand hand) {
            facts = song.facts();
            this.use = use;
            this.scaleLength = scaleLength;
            this.hand = hand;
            search = new ShapeSearch(facts.tuning(), new Neck(scaleLength, 0), hand);
            for (Chord chord : song.chords()) {
                if (chord.fits(facts.tuning())) chord.meaning().ifPresent(name -> own.putIfAbsent(name, chord));
            }
        }

        CapoPlan plan(BooleanSupplier isCancelled) {
            var choices = new ArrayList<CapoChoice>();
            if (use.names().isEmpty()) return new CapoPlan(List.of(), Optional.empty());
            for (int tunedDown = 0; tunedDown <= Instrument.LOWEST_TUNED_DOWN; tunedDown++) {
                for (int capo = 0; capo <= Instrument.HIGHEST_CAPO; capo++) {
                    if (isCancelled.getAsBoolean()) return new CapoPlan(List.of(), Optional.empty());
                    choice(tunedDown, capo).ifPresent(choices::add);
                }
            }
            choices.sort(Comparator.comparingDouble(CapoChoice::cost));
            Optional<CapoChoice> current = choices.stream()
                    .filter(choice ->
                            choice.tunedDown() == facts.instrument().tunedDown() && choice.capo() == facts.capo())
                    .findFirst();
            return new CapoPlan(choices, current);
        }

        /** Empty if a chord cannot be played so. */
        private Optional<CapoChoice> choice(int tunedDown, int capo) {
            int up = facts.instrument().transposition() - (capo - tunedDown);
            Key key = facts.shapesKey().plus(up);
            Neck neck = new Neck(scaleLength, capo);
            var chords = new ArrayList<CapoChoice.ChordShape>();
            double shapes = 0;
            for (int i = 0; i < use.names().size(); i++) {
                ChordName name =
                        up == 0 ? use.names().get(i) : use.names().get(i).transposed(up, facts.spelling(), key);
                Optional<Shape> shape = behindCapo.computeIfAbsent(new Behind(name, capo), _ -> shape(name, neck));
                if (shape.isEmpty()) return Optional.empty();
                chords.add(new CapoChoice.ChordShape(name, shape.get()));
                shapes += use.shares().get(i) * shape.get().effort().cost();
            }
            return Optional.of(new CapoChoice(
                    tunedDown, capo, key, chords, shapes, changes(chords, neck), cramp(tunedDown, capo)));
        }

        /** The song's own shape for the name, or the easiest that is found. */
        private Optional<Shape> shape(ChordName name, Neck neck) {
            Optional<Shape> mine = Optional.ofNullable(own.get(name))
                    .flatMap(chord -> Grip.of(chord.voicing(), neck, hand)
                            .map(grip -> new Shape(grip, grip.effort(neck, hand), Set.of())));
            if (mine.isPresent()) return mine;
            return found.computeIfAbsent(name, each -> search.find(each, CONSIDERED)).stream()
                    .map(shape -> shape.at(neck, hand))
                    .min(Comparator.comparingDouble(shape -> shape.effort().cost()));
        }

        private double changes(List<CapoChoice.ChordShape> chords, Neck neck) {
            int all =
                    use.changes().values().stream().mapToInt(Integer::intValue).sum();
            double seconds = 0;
            for (var change : use.changes().entrySet()) {
                Grip one = chords.get(change.getKey().first()).shape().grip();
                Grip other = chords.get(change.getKey().second()).shape().grip();
                double there = ShapeChange.between(one, other, neck).seconds();
                double back = ShapeChange.between(other, one, neck).seconds();
                seconds += change.getValue() * (there + back) / 2;
            }
            return all == 0 ? 0 : CHANGE_A_SECOND * seconds / all;
        }
    }
}
