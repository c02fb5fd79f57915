package tactus.core.counsel.snag;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import tactus.core.counsel.capo.CapoPlan;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.StruckString;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.StringTension;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.pitch.TuningAdvice;
import tactus.core.music.search.ShapeCheck;
import tactus.core.music.search.ShapeFault;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.Quantity;
import tactus.core.written.harmony.Chord;

/** Finds what does not fit in the tuning, the capo and the shapes. */
final class SetUpSnags implements Finder {

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        Instrument instrument = laid.song().facts().instrument();
        checkStrings(instrument, found);
        if (instrument.capo() > CapoPlan.CRAMPED_ABOVE) found.accept(capoTooHigh(instrument.capo()));
        var check = new ShapeCheck(instrument.tuning());
        laid.song().chords().forEach(chord -> check(laid, chord, check, found));
    }

    private static void checkStrings(Instrument instrument, Consumer<Snag> found) {
        Optional<TuningAdvice> advice = Optional.empty();
        for (StringTension string : StringTension.of(instrument)) {
            if (!string.isTight()) continue;
            if (advice.isEmpty()) {
                advice = TuningAdvice.of(instrument, Instrument.HIGHEST_CAPO);
            }
            found.accept(tooTight(string, advice));
        }
    }

    private static Snag capoTooHigh(int capo) {
        return Snag.of(Kind.CAPO_TOO_HIGH, SnagPlace.InFacts.CAPO, "snag.capo-too-high", capo)
                .counted("capo", capo);
    }

    private static Snag tooTight(StringTension string, Optional<TuningAdvice> instead) {
        Statement tight = Statement.of(
                "snag.string-too-tight",
                string.string(),
                Quantity.of(Quantity.Unit.SEMITONE, string.semitones()),
                string.percent());
        Statement whole = instead.map(advice -> Statement.of(
                        "snag.both",
                        tight,
                        Statement.of("snag.tune-instead", advice.tuning().notes(), advice.capo())))
                .orElse(tight);
        return Snag.of(Kind.STRING_TOO_TIGHT, SnagPlace.InFacts.TUNING, whole)
                .about(string.string())
                .counted("semitones", string.semitones(), "tension", string.percent());
    }

    private static void check(LaidSong laid, Chord chord, ShapeCheck check, Consumer<Snag> found) {
        if (ChordName.isNoChord(chord.name())) return;
        Tuning tuning = laid.song().facts().tuning();
        int strings = tuning.strings();
        if (!chord.fits(tuning)) {
            Quantity held = Quantity.of(Quantity.Unit.STRING, chord.voicing().strings());
            Statement other = Statement.of("shape.other-strings", chord.voicing(), held, strings);
            found.accept(wrong(Kind.SHAPE_NOT_PLAYABLE, chord, other));
            return;
        }
        checkName(chord, check).ifPresent(found);
        check.grip(chord.voicing()).stream()
                .filter(fault -> fault.kind() != ShapeFault.Kind.RINGS_ON || isSweptOver(laid, chord, fault.strings()))
                .forEach(fault -> found.accept(wrong(Kind.SHAPE_NOT_PLAYABLE, chord, fault.sentence())));
        chord.fingering()
                .map(fingers -> ShapeCheck.fingers(chord.voicing(), fingers))
                .orElse(List.of())
                .forEach(fault -> found.accept(wrong(Kind.SHAPE_NOT_PLAYABLE, chord, fault.sentence())));
    }

    /** Whether the hand sweeps over one of {@code strings} while it strums {@code chord}; or nothing is played on it yet. */
    private static boolean isSweptOver(LaidSong laid, Chord chord, List<Integer> strings) {
        List<TimelineStroke> struck = laid.timeline().strokes().stream()
                .filter(stroke -> stroke.stroke().isStruck())
                .filter(stroke ->
                        laid.timeline().spans().get(stroke.span()).chord().equals(chord.name()))
                .toList();
        return struck.isEmpty()
                || struck.stream()
                        .filter(stroke -> stroke.stroke() instanceof Strum)
                        .map(stroke -> stroke.strings().stream()
                                .mapToInt(StruckString::string)
                                .summaryStatistics())
                        .anyMatch(swept -> strings.stream()
                                .anyMatch(string -> swept.getMin() < string && string < swept.getMax()));
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
        return Snag.of(kind, new SnagPlace.InChord(chord.name()), fault)
                .about(chord.name(), fault.code())
                .counted("shape", chord.voicing());
    }
}
