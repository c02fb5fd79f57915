package tactus.core.counsel.snag;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.Consumer;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.Fit;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.variation.Variation;
import tactus.core.written.rule.FitChoice;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Passes;

/** Finds patterns that are cut though nobody has said that they shall be. */
final class FitSnags implements Finder {

    /** What is cut alike has one cause and is one snag, wherever in the song. */
    private record Cut(Pattern pattern, FormChoice form, Fit fit) {}

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        var passes = new Passes(laid.song());
        cuts(laid).forEach((cut, spans) -> found.accept(snag(laid, cut, spans, fix(laid, cut, spans, passes))));
    }

    private static Map<Cut, List<TimelineSpan>> cuts(LaidSong laid) {
        Map<Cut, List<TimelineSpan>> cuts = new LinkedHashMap<>();
        for (TimelineSpan span : laid.timeline().spans()) {
            if (span.fit().filter(Fit::isCutUnasked).isEmpty()) continue;
            Pattern pattern = laid.pattern(span.pattern().orElseThrow());
            var cut = new Cut(pattern, span.played().form(), span.fit().get());
            cuts.computeIfAbsent(cut, _ -> new ArrayList<>()).add(span);
        }
        return cuts;
    }

    private static Snag snag(LaidSong laid, Cut cut, List<TimelineSpan> played, Fix mend) {
        TimelineSpan first = played.getFirst();
        List<TimelineBar> pass = laid.timeline().barsOf(first.use(), first.pass()).stream()
                .filter(bar -> bar.number() > 0)
                .toList();
        var bars = new BarLines(pass.stream().map(TimelineBar::meter).toList());
        Length start = first.start().minus(pass.getFirst().start());
        SectionId section = laid.section(first).id();
        Snag snag = Snag.of(
                        Kind.PATTERN_CUT,
                        laid.place(first),
                        "snag.cut",
                        cut.pattern.id(),
                        played.stream().map(TimelineSpan::chord).distinct().toList(),
                        Quantity.beats(beats(bars, start, cut.fit.span())),
                        rounds(bars, start, cut.fit),
                        Statement.of("snag.times", played.size()))
                .about(section, cut.pattern.id(), laid.place(first).span())
                .counted(numbers(cut.fit, played.size()))
                .mendedBy(mend);
        int bar = bars.barAt(start);
        Length beat = beats(bars, bars.start(bar), start.minus(bars.start(bar))).plus(Length.WHOLE);
        int number = pass.get(bar).numberInSection();
        return beat.equals(Length.WHOLE)
                ? snag.at("where.bar", section, number)
                : snag.at("where.beat", section, number, beat.toString());
    }

    private static Object[] numbers(Fit fit, int times) {
        return new Object[] {
            "length-of-chord", fit.span(),
            "length-of-round", fit.round(),
            "whole-rounds", fit.rounds(),
            "not-played", fit.missing(),
            "times", times
        };
    }

    /** How often the pattern goes round, and what is not played of it, in felt beats. */
    private static Statement rounds(BarLines bars, Length start, Fit fit) {
        Length missing = beats(bars, start, fit.missing());
        Statement lost = Statement.of("snag.last-beats", missing.toDouble(), missing);
        if (fit.rounds() == 0)
            return Statement.of("snag.cut-round", Quantity.beats(beats(bars, start, fit.round())), lost);
        return Statement.of(
                "snag.cut-rounds",
                Quantity.of(Quantity.Unit.ROUND, fit.rounds()),
                Quantity.beats(beats(bars, start, fit.rest())),
                lost);
    }

    private static Length beats(BarLines bars, Length from, Length length) {
        return bars.beatsBefore(from.plus(length)).minus(bars.beatsBefore(from));
    }

    /** The short form where it comes out even; going on through the changes where the section does; else the cut is meant. */
    private static Fix fix(LaidSong laid, Cut cut, List<TimelineSpan> played, Passes passes) {
        Fit fit = cut.fit;
        Map<Section, TreeSet<Integer>> chords = new LinkedHashMap<>();
        for (TimelineSpan span : played)
            chords.computeIfAbsent(laid.section(span), _ -> new TreeSet<>())
                    .add(passes.numbered(span.use(), span.pass())
                            .chords()
                            .get(span.inSection().orElseThrow()));
        boolean shortFits = fit.rounds() == 0
                && Variation.of(cut.pattern, Form.Derivation.SHORT_FIRST_HALF)
                        .map(Pattern::length)
                        .filter(length -> fit.span().remainderOver(length).isZero())
                        .isPresent();
        boolean carries = chords.entrySet().stream()
                .allMatch(each -> each.getValue().size() > 1
                        && each.getKey()
                                .barLines()
                                .length()
                                .remainderOver(fit.round())
                                .isZero());
        FitChoice choice = shortFits ? FitChoice.SHORT : carries ? FitChoice.CARRY : FitChoice.CUT;
        return new RuleFix.SayFit(
                chords.entrySet().stream()
                        .map(each -> new RuleFix.SayFit.On(each.getKey().id(), List.copyOf(each.getValue())))
                        .toList(),
                choice);
    }
}
