package tactus.formats.sheet;

import java.util.ArrayList;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.laid.sum.Recording;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.pitch.ConcertPitch;
import tactus.core.music.pitch.Guitar;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.time.Quantity;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Facts;
import tactus.formats.font.MusicText;
import tactus.words.FactWords;
import tactus.words.Words;

/** The song's facts as one line, as they stand on the sheet and above the window. */
public final class FactsText {

    /** What has its own place in the line or elsewhere on the sheet, or is for the teacher alone. */
    private static final Set<Aspect<?>> APART = Set.of(
            Aspect.TITLE,
            Aspect.NOTE,
            Aspect.LEVEL,
            Aspect.TAGS,
            Aspect.KEY,
            Aspect.SPELLING,
            Aspect.TUNING,
            Aspect.TUNED_DOWN,
            Aspect.CAPO,
            Aspect.GUITAR,
            Aspect.CONCERT_PITCH,
            Aspect.METER,
            Aspect.TEMPO,
            Aspect.PICKUP,
            Aspect.COMPANY,
            Aspect.FINGERS,
            Aspect.STRIKE,
            Aspect.RECORDING,
            Aspect.GROOVE);

    private FactsText() {}

    /** {@code capo 2}, {@code no capo · strings 1 down}, {@code no capo · D A D G B E}. */
    public static String guitar(Instrument instrument) {
        String text = Words.of("facts.capo", instrument.capo());
        if (instrument.tunedDown() > 0) text += " · " + Words.of("facts.tuned-down", instrument.tunedDown());
        if (instrument.guitar() != Guitar.AS_TUNED && instrument.guitar() != Guitar.STEEL_STRINGS)
            text += " · " + Words.value(instrument.guitar());
        if (!instrument.concert().equals(ConcertPitch.ISO_16))
            text += " · " + Words.of("facts.concert-pitch", instrument.concert());
        Tuning tuning = instrument.tuning();
        return tuning.equals(tuning.usual()) ? text : text + " · " + MusicText.signs(tuning.notes());
    }

    /** What a teacher asks first: {@code D · capo 2 · 4/4}. */
    public static String brief(Facts facts) {
        return MusicText.signs(Words.of("shelf.facts", facts.key(), facts.capo(), facts.meter()));
    }

    /** The same with whatever else is said of the song, as it stands on paper. */
    public static String whole(Facts facts, Timeline timeline) {
        Stream<String> others = Aspect.all().stream()
                .filter(aspect -> !APART.contains(aspect))
                .flatMap(aspect -> FactWords.inLine(aspect, facts).stream());
        return Stream.concat(Stream.of(of(facts, timeline)), others).collect(Collectors.joining(" · "));
    }

    /** {@code sounds in D · shapes in C · capo 2 · 4/4 · ♩ = 92 · 64 bars · 2:47}. */
    public static String of(Facts facts, Timeline timeline) {
        var parts = new ArrayList<String>();
        FactWords.inLine(Aspect.LEVEL, facts).ifPresent(parts::add);
        parts.add(Words.of("facts.sounds-in", MusicText.signs(facts.key().toString())));
        parts.add(Words.of("facts.shapes-in", MusicText.signs(facts.shapesKey().toString())));
        parts.add(guitar(facts.instrument()));
        FactWords.inLine(Aspect.STRIKE, facts).ifPresent(parts::add);
        parts.add(facts.meter().toString());
        parts.add(MusicText.note(facts.tempo().beat()) + " = " + facts.tempo().perMinuteText());
        parts.add(bars(timeline));
        parts.add(Recording.clock(timeline.seconds()));
        return String.join(" · ", parts);
    }

    /** A pick-up is no bar. */
    private static String bars(Timeline timeline) {
        long count = timeline.bars().stream().filter(bar -> bar.number() > 0).count();
        return Words.count(Quantity.bars(count));
    }
}
