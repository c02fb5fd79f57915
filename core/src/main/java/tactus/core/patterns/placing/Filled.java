package tactus.core.patterns.placing;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.Filling;
import tactus.core.patterns.pattern.PatternFrame;

/** Places what is said to go down only: on every slot where no stroke was said ({@code all downs}), otherwise where the strokes fit. */
final class Filled {

    private Filled() {}

    static Placing of(Dictation dictation, Meter meter, int beats, Given given) {
        Filling filling = dictation.notes().filling().orElseThrow();
        List<Hand> hands = hands(filling, meter);
        if (!filling.isAlone()) return Placing.quickest(dictation, hands, meter, beats, given);
        PatternFrame frame = PatternFrame.of(meter, beats, hands.getFirst());
        var all = Collections.nCopies(
                Math.min(frame.grid().size(), Dictation.MOST_STROKES),
                dictation.strokes().getFirst());
        return Placing.unmended(dictation.with(all), frame, given);
    }

    /** At the rate that was said; otherwise at the notes that are counted, where the beats are dotted at eighths (six downs). */
    private static List<Hand> hands(Filling filling, Meter meter) {
        return Stream.concat(filling.rate().stream(), Stream.of(usual(meter), Length.EIGHTH, Length.SIXTEENTH))
                .distinct()
                .filter(rate -> PatternFrame.isPossible(meter, rate))
                .map(Hand::allDown)
                .toList();
    }

    private static Length usual(Meter meter) {
        return Optional.of(meter.shortestBeat())
                .filter(_ -> meter.kind() != Meter.Kind.COMPOUND)
                .orElse(Length.EIGHTH);
    }
}
