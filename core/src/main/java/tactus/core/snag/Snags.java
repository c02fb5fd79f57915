package tactus.core.snag;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tactus.core.pattern.Pattern;
import tactus.core.snag.Snag.Kind;
import tactus.core.snag.Snag.Number;
import tactus.core.song.Section;
import tactus.core.song.Song;
import tactus.core.song.Span;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Slot;
import tactus.core.timeline.Fit;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineSpan;

/** Finds what does not fit in a song. */
public final class Snags {

    private final Song song;
    private final List<Snag> found = new ArrayList<>();

    private Snags(Song song) {
        this.song = song;
    }

    /** Finds every snag: those of the set-up, of sections in the order in which they were written, and of patterns. */
    public static List<Snag> of(Song song, Timeline timeline) {
        var snags = new Snags(song);
        snags.found.addAll(SetUpSnags.of(song));
        song.sections().forEach(snags::checkSum);
        snags.checkCuts(timeline);
        song.patterns().forEach(snags::checkHand);
        snags.found.addAll(PickingSnags.of(song, timeline));
        return List.copyOf(snags.found);
    }

    private void checkSum(Section section) {
        BarLines bars = section.barLines();
        Length end = Length.ZERO;
        for (Span span : section.spans()) end = span.length().end(bars, end);
        if (end.equals(bars.length())) return;
        Length chords = bars.beatsBefore(end);
        Length wanted = bars.beatsBefore(bars.length());
        boolean over = bars.length().isLessThan(end);
        Length difference = over ? chords.minus(wanted) : wanted.minus(chords);
        String held = bars.bars() == 1 ? " holds " : " hold ";
        String lost = difference.equals(Length.WHOLE) ? " has no chord." : " have no chord.";
        String sentence = "the chords last " + Words.beats(chords) + ", the " + Words.bars(bars.bars()) + held + wanted
                + ": " + Words.beats(difference) + (over ? " too many." : lost);
        int bar = bars.barAt(end);
        var place = new Place.InSection(
                section.id(), bar, Math.max(0, section.spans().size() - 1));
        add(
                Kind.SPANS_DO_NOT_FILL_BARS,
                place,
                section.name(),
                sentence,
                new Number("beats of the chords", chords.toString()),
                new Number("beats of the bars", wanted.toString()));
    }

    private record Cut(Section section, Pattern pattern, int span) {}

    private void checkCuts(Timeline timeline) {
        Map<Cut, List<TimelineSpan>> cuts = new LinkedHashMap<>();
        for (TimelineSpan span : timeline.spans()) {
            if (span.fit().filter(Fit::isCut).isEmpty()) continue;
            Section section = song.section(song.order().get(span.use())).orElseThrow();
            Pattern pattern = song.pattern(span.pattern().orElseThrow()).orElseThrow();
            cuts.computeIfAbsent(new Cut(section, pattern, span.inSection()), _ -> new ArrayList<>())
                    .add(span);
        }
        cuts.forEach(this::addCut);
    }

    private void addCut(Cut cut, List<TimelineSpan> played) {
        TimelineSpan first = played.getFirst();
        Fit fit = first.fit().orElseThrow();
        BarLines bars = cut.section().barLines();
        Length start = spanStart(cut.section(), bars, cut.span());
        int bar = bars.barAt(start);
        String sentence = "\"" + cut.pattern().name() + "\" is cut on " + first.chord() + ": the chord lasts "
                + beats(bars, start, fit.span()) + ", " + rounds(bars, start, fit) + " " + times(played.size());
        add(
                Kind.PATTERN_CUT,
                new Place.InSection(cut.section().id(), bar, cut.span()),
                cut.section().name() + ", bar " + (bar + 1),
                sentence,
                new Number("length of the chord", fit.span().toString()),
                new Number("length of a round", fit.round().toString()),
                new Number("whole rounds", Long.toString(fit.rounds())),
                new Number("not played", fit.missing().toString()),
                new Number("times in the song", Integer.toString(played.size())));
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

    private static Length spanStart(Section section, BarLines bars, int index) {
        Length at = Length.ZERO;
        for (Span span : section.spans().subList(0, index)) at = span.length().end(bars, at);
        return at;
    }

    private static String beats(BarLines bars, Length from, Length length) {
        return Words.beats(beatsOf(bars, from, length));
    }

    private static Length beatsOf(BarLines bars, Length from, Length length) {
        return bars.beatsBefore(from.plus(length)).minus(bars.beatsBefore(from));
    }

    private void checkHand(Pattern pattern) {
        for (Slot slot : pattern.grid().slots()) {
            if (!pattern.isAgainstHand(slot)) continue;
            String where = pattern.name() + ", " + (slot.bar() > 0 ? "bar " + (slot.bar() + 1) + ", " : "") + "count "
                    + slot.count();
            add(
                    Kind.AGAINST_THE_HAND,
                    new Place.InPattern(pattern.id(), slot.index()),
                    where,
                    AgainstTheHand.sentence(pattern, slot),
                    new Number("slot", Integer.toString(slot.index() + 1)),
                    new Number("hand rate", pattern.hand().rate().toString()));
        }
    }

    private void add(Kind kind, Place place, String where, String sentence, Number... numbers) {
        found.add(new Snag(kind, place, where, sentence, List.of(numbers)));
    }
}
