package tactus.core.snag;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.pattern.Form;
import tactus.core.pattern.Pattern;
import tactus.core.rule.FitChoice;
import tactus.core.rule.FormChoice;
import tactus.core.rule.Part;
import tactus.core.rule.Play;
import tactus.core.rule.Rule;
import tactus.core.rule.Where;
import tactus.core.section.Section;
import tactus.core.snag.Snag.Fix;
import tactus.core.snag.Snag.Kind;
import tactus.core.snag.Snag.Number;
import tactus.core.song.Song;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.timeline.Fit;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineSpan;
import tactus.core.variation.Variation;

/** Finds patterns that are cut though nobody has said that they shall be. */
final class FitSnags {

    private record Cut(Section section, Pattern pattern, int span, FormChoice form) {}

    private final Song song;
    private final Timeline timeline;
    private final Finds found = new Finds();

    private FitSnags(Song song, Timeline timeline) {
        this.song = song;
        this.timeline = timeline;
    }

    static List<Snag> of(Song song, Timeline timeline) {
        var snags = new FitSnags(song, timeline);
        snags.cuts().forEach(snags::add);
        return snags.found.all();
    }

    private Map<Cut, List<TimelineSpan>> cuts() {
        Map<Cut, List<TimelineSpan>> cuts = new LinkedHashMap<>();
        for (TimelineSpan span : timeline.spans()) {
            if (span.fit().filter(Fit::isCutUnasked).isEmpty()) continue;
            Section section =
                    song.section(song.uses().get(span.use()).section()).orElseThrow();
            Pattern pattern = song.pattern(span.pattern().orElseThrow()).orElseThrow();
            cuts.computeIfAbsent(
                            new Cut(
                                    section,
                                    pattern,
                                    span.inSection(),
                                    span.played().form()),
                            _ -> new ArrayList<>())
                    .add(span);
        }
        return cuts;
    }

    private void add(Cut cut, List<TimelineSpan> played) {
        TimelineSpan first = played.getFirst();
        Fit fit = first.fit().orElseThrow();
        BarLines bars = new BarLines(timeline.barsOf(first.use(), first.pass()).stream()
                .map(bar -> bar.meter())
                .toList());
        Length start = first.start()
                .minus(timeline.barsOf(first.use(), first.pass()).stream()
                        .filter(bar -> bar.number() > 0)
                        .findFirst()
                        .orElseThrow()
                        .start());
        int bar = bars.barAt(start);
        String sentence = "\"" + cut.pattern.name() + "\" is cut on " + first.chord() + ": the chord lasts "
                + beats(bars, start, fit.span()) + ", " + rounds(bars, start, fit) + " " + times(played.size());
        found.add(
                Kind.PATTERN_CUT,
                new Place.InUse(first.use(), first.pass(), cut.span),
                cut.section.name() + ", bar " + (bar + 1) + beat(bars, bar, start),
                sentence,
                Optional.of(fix(cut, fit)),
                new Number("length of the chord", fit.span().toString()),
                new Number("length of a round", fit.round().toString()),
                new Number("whole rounds", Long.toString(fit.rounds())),
                new Number("not played", fit.missing().toString()),
                new Number("times in the song", Integer.toString(played.size())));
    }

    /** The short form where it comes out even; otherwise the cut is called meant. */
    private Fix fix(Cut cut, Fit fit) {
        Where where = Where.in(cut.section.id()).withPart(new Part.OnChord(cut.span + 1));
        boolean shortFits = fit.rounds() == 0
                && Variation.of(cut.pattern, Form.Rule.SHORT_FIRST_HALF)
                        .map(Pattern::length)
                        .filter(length -> fit.span().remainderOver(length).isZero())
                        .isPresent();
        FitChoice choice = shortFits ? FitChoice.SHORT : FitChoice.CUT;
        String label = shortFits ? "Play its short form there" : "Cut it there, as meant";
        return new Fix(label, edited -> edited.withRule(new Rule(where, Play.OPEN.with(choice))));
    }

    /** The beat of a chord that does not start its bar. */
    private static String beat(BarLines bars, int bar, Length start) {
        Length before = bars.beatsBefore(start).minus(bars.beatsBefore(bars.start(bar)));
        return before.isZero() ? "" : ", beat " + before.plus(Length.WHOLE);
    }

    private static String rounds(BarLines bars, Length start, Fit fit) {
        Length missing = beatsOf(bars, start, fit.missing());
        String lost = missing.equals(Length.WHOLE) ? "last beat is" : "last " + missing + " beats are";
        return fit.rounds() == 0
                ? "a round " + beats(bars, start, fit.round()) + ", so its " + lost + " not played."
                : "which is " + Words.count(fit.rounds(), "round") + " and " + beats(bars, start, fit.rest())
                        + "; of the next round the " + lost + " not played.";
    }

    private static String times(int count) {
        return count == 1 ? "(Once in the song.)" : "(" + count + " times in the song.)";
    }

    private static String beats(BarLines bars, Length from, Length length) {
        return Words.beats(beatsOf(bars, from, length));
    }

    private static Length beatsOf(BarLines bars, Length from, Length length) {
        return bars.beatsBefore(from.plus(length)).minus(bars.beatsBefore(from));
    }
}
