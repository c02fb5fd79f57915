package tactus.core.snag;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import tactus.core.capo.CapoPlan;
import tactus.core.chord.ChordName;
import tactus.core.harmony.Chord;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.StringTension;
import tactus.core.pitch.TuningAdvice;
import tactus.core.refusal.NotationException;
import tactus.core.search.ShapeCheck;
import tactus.core.search.ShapeFault;
import tactus.core.statement.Statement;
import tactus.core.time.Quantity;

/** Finds what does not fit in the tuning, the capo and the shapes. */
final class SetUpSnags implements Finder {

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        Instrument instrument = laid.song().facts().instrument();
        checkStrings(instrument, found);
        if (instrument.capo() > CapoPlan.CRAMPED_ABOVE) found.accept(new SetUpSnag.CapoTooHigh(instrument.capo()));
        var check = new ShapeCheck(instrument.tuning());
        laid.song().chords().forEach(chord -> check(chord, instrument, check, found));
    }

    private static void checkStrings(Instrument instrument, Consumer<Snag> found) {
        Optional<TuningAdvice> advice = Optional.empty();
        for (StringTension string : StringTension.of(instrument)) {
            if (!string.isTight()) continue;
            if (advice.isEmpty()) {
                advice = TuningAdvice.of(instrument, Instrument.HIGHEST_CAPO);
            }
            found.accept(new SetUpSnag.StringTooTight(string.string(), string.semitones(), string.percent(), advice));
        }
    }

    private static void check(Chord chord, Instrument instrument, ShapeCheck check, Consumer<Snag> found) {
        if (ChordName.isNoChord(chord.name())) return;
        int strings = instrument.tuning().strings();
        if (!chord.fits(instrument.tuning())) {
            Quantity held = Quantity.of(Quantity.Unit.STRING, chord.voicing().strings());
            Statement other = Statement.of("shape.other-strings", chord.voicing(), held, strings);
            found.accept(wrong(Kind.SHAPE_NOT_PLAYABLE, chord, other));
            return;
        }
        checkName(chord, check).ifPresent(found);
        check.grip(chord.voicing())
                .forEach(fault -> found.accept(wrong(Kind.SHAPE_NOT_PLAYABLE, chord, fault.sentence())));
        chord.fingering()
                .map(fingers -> ShapeCheck.fingers(chord.voicing(), fingers))
                .orElse(List.of())
                .forEach(fault -> found.accept(wrong(Kind.SHAPE_NOT_PLAYABLE, chord, fault.sentence())));
    }

    private static Optional<Snag> checkName(Chord chord, ShapeCheck check) {
        try {
            return check.name(ChordName.parse(Chord.plainName(chord.name())), chord.voicing())
                    .map(ShapeFault::sentence)
                    .map(fault -> wrong(Kind.SHAPE_NOT_ITS_NAME, chord, fault));
        } catch (NotationException unreadable) {
            Statement fault = Statement.of("shape.unreadable", chord.name(), unreadable.reason());
            return Optional.of(wrong(Kind.NAME_UNREADABLE, chord, fault));
        }
    }

    private static Snag wrong(Kind kind, Chord chord, Statement fault) {
        return new SetUpSnag.WrongShape(kind, chord.name(), chord.voicing(), fault);
    }
}
