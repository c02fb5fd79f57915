package tactus.core.counsel.capo;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.Quantity;
import tactus.core.written.song.Song;

/**
 * The three answers to a key change within a song, compared.
 *
 * @param semitones how far the song goes up, or down if negative
 */
public record KeyChange(int semitones, List<Answer> answers) {

    /** What can be done. */
    public enum Kind {
        MOVE_CAPO,
        OTHER_SHAPES,
        LEAVE_OUT
    }

    /**
     * One of them.
     *
     * @param sentence what it means for this song, with its numbers
     * @param possible whether the neck allows it
     * @param ease how easy the part is then, from 100 to 0
     */
    public record Answer(Kind kind, Statement sentence, boolean possible, int ease) {

        public Answer {
            Objects.requireNonNull(kind);
            Objects.requireNonNull(sentence);
        }
    }

    public KeyChange {
        answers = List.copyOf(answers);
    }

    /**
     * Compares the answers for a part of {@code song} that lies {@code semitones} higher.
     *
     * @param plan the plan of the song
     * @throws Refusal if it is not a change by 1 to 11 semitones, up or down
     */
    public static KeyChange of(Song song, CapoPlan plan, int semitones) {
        if (semitones == 0 || Math.abs(semitones) > 11) {
            throw new Refusal("key-change.changes-semitones", semitones);
        }
        Instrument instrument = song.facts().instrument();
        Key after = song.facts().key().plus(semitones);
        var answers = new ArrayList<Answer>();
        answers.add(moveCapo(plan, instrument, after, semitones));
        answers.add(otherShapes(plan, instrument, after, semitones));
        answers.add(new Answer(
                Kind.LEAVE_OUT,
                Statement.of("key-change.leave-out", song.facts().key()),
                true,
                plan.current().map(CapoChoice::ease).orElse(0)));
        return new KeyChange(semitones, answers);
    }

    private static Answer moveCapo(CapoPlan plan, Instrument instrument, Key after, int semitones) {
        int capo = instrument.capo() + semitones;
        boolean possible = capo >= 0 && capo <= Instrument.HIGHEST_CAPO;
        int ease = plan.current().map(now -> moved(now, capo)).orElse(0);
        String move = capo > CapoPlan.CRAMPED_ABOVE ? "key-change.capo-cramped" : "key-change.capo";
        Statement sentence = possible ? Statement.of(move, capo, after) : Statement.of("key-change.no-capo", capo);
        return new Answer(Kind.MOVE_CAPO, sentence, possible, possible ? ease : 0);
    }

    private static int moved(CapoChoice now, int capo) {
        double cost = now.cost() - now.cramp() + CapoPlan.cramp(now.tunedDown(), capo);
        return (int) Math.max(0, Math.round(100 - 1.5 * cost));
    }

    /** Shapes n semitones higher at the same capo are those that another capo would need for the same sound. */
    private static Answer otherShapes(CapoPlan plan, Instrument instrument, Key after, int semitones) {
        int capo = Math.floorMod(instrument.capo() - semitones, 12);
        Optional<CapoChoice> shapes = plan.at(instrument.tunedDown(), capo);
        if (shapes.isEmpty()) {
            return new Answer(Kind.OTHER_SHAPES, Statement.of("key-change.no-shapes", after), false, 0);
        }
        CapoChoice choice = shapes.get();
        double cost =
                choice.shapeCost() + choice.changeCost() + CapoPlan.cramp(instrument.tunedDown(), instrument.capo());
        Statement sentence = Statement.of(
                "key-change.shapes", choice.shapesKey(), after, Quantity.of(Quantity.Unit.BARRE, choice.barres()));
        return new Answer(Kind.OTHER_SHAPES, sentence, true, (int) Math.max(0, Math.round(100 - 1.5 * cost)));
    }
}
