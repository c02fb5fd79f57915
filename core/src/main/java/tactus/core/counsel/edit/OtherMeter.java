package tactus.core.counsel.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Cue;
import tactus.core.written.section.Except;
import tactus.core.written.section.Section;
import tactus.core.written.section.Syllable;
import tactus.core.written.section.Use;
import tactus.core.written.section.WordLine;

/**
 * Bars that follow the song's meter in another one: chords keep their bars and their share of a bar, words and cues their place in it. Bars
 * that have a meter of their own keep that.
 *
 * @param from the meter that was the song's
 * @param to the one that is
 */
record OtherMeter(Meter from, Meter to) {

    /** Whether any of {@code bars} follows. */
    boolean isFollowedBy(List<Meter> bars) {
        return bars.contains(from);
    }

    private List<Meter> bars(List<Meter> bars) {
        return bars.stream().map(each -> each.equals(from) ? to : each).toList();
    }

    /** @param round how long one round of what is played is, for chords whose length is told in rounds */
    Section section(Section section, Length round) {
        if (!isFollowedBy(section.bars())) return section;
        var lines = new Lines(section.bars());
        return section.withBars(bars(section.bars()))
                .withSpans(lines.spans(section.spans(), round))
                .withWords(words(section.words(), section.bars()))
                .withCues(section.cues().stream()
                        .map(cue -> cue(cue, section.bars()))
                        .toList());
    }

    Use use(Use use, Length round) {
        return use.withExcepts(use.excepts().stream()
                .map(except -> new Except(except.on(), change(except.change(), round)))
                .toList());
    }

    private Except.Change change(Except.Change change, Length round) {
        return switch (change) {
            case Except.OtherBars(var where, var instead) -> new Except.OtherBars(where, bars(instead, round));
            case Except.ExtraBars(var added) -> new Except.ExtraBars(bars(added, round));
            case Except.Runs _, Except.LeftOut _, Except.OtherWords _, Except.OtherVoice _ -> change;
        };
    }

    private Except.Bars bars(Except.Bars bars, Length round) {
        return new Except.Bars(bars(bars.bars()), new Lines(bars.bars()).spans(bars.spans(), round), bars.loops());
    }

    private List<WordLine> words(List<WordLine> words, List<Meter> bars) {
        return words.stream()
                .map(line -> new WordLine(line.syllables().stream()
                        .map(syllable -> syllable(syllable, bars))
                        .toList()))
                .toList();
    }

    private Syllable syllable(Syllable syllable, List<Meter> bars) {
        Meter meter = bars.get(Math.clamp(syllable.bar() - 1L, 0, bars.size() - 1));
        if (!meter.equals(from)) return syllable;
        Length share = syllable.inBar().dividedBy(from.length());
        return new Syllable(syllable.bar(), to.length().times(share), syllable.text(), syllable.goesOn());
    }

    private Cue cue(Cue cue, List<Meter> bars) {
        Meter meter = bars.get(Math.clamp(cue.bar() - 1L, 0, bars.size() - 1));
        if (!meter.equals(from)) return cue;
        int beat = 1 + (cue.beat() - 1) * to.beats().size() / from.beats().size();
        return new Cue(cue.bar(), beat, cue.passes(), cue.text());
    }

    /** The bar lines before and after. */
    private final class Lines {

        private final BarLines before;
        private final BarLines after;

        Lines(List<Meter> bars) {
            before = new BarLines(bars);
            after = new BarLines(bars(bars));
        }

        private Length moved(Length at) {
            return after.afterBars(Length.ZERO, before.barsBefore(at));
        }

        List<Span> spans(List<Span> spans, Length round) {
            var all = new ArrayList<Span>();
            Length at = Length.ZERO;
            for (Span span : spans) {
                Length end = span.length().end(before, at, round);
                boolean isInBeats = span.length().unit() == SpanLength.Unit.BEAT;
                Length beats = after.beatsBefore(moved(end)).minus(after.beatsBefore(moved(at)));
                UnaryOperator<SpanLength> told = length -> isInBeats ? SpanLength.Unit.BEAT.of(beats) : length;
                all.add(new Span(span.chord(), told.apply(span.length())));
                at = end;
            }
            return all;
        }
    }
}
