package tactus.core.snag;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.chord.ChordName;
import tactus.core.harmony.Chord;
import tactus.core.harmony.Span;
import tactus.core.harmony.SpanLength;
import tactus.core.rule.Where;
import tactus.core.section.Expansion;
import tactus.core.section.Section;
import tactus.core.section.Use;
import tactus.core.sentence.ExceptSentence;
import tactus.core.shape.FrettingHand;
import tactus.core.shape.Neck;
import tactus.core.shape.ShapeSearch;
import tactus.core.snag.Snag.Fix;
import tactus.core.snag.Snag.Kind;
import tactus.core.snag.Snag.Number;
import tactus.core.song.Assignment;
import tactus.core.song.Song;
import tactus.core.song.UseNames;
import tactus.core.time.BarLines;
import tactus.core.time.Length;

/** Finds chords that do not add up to their bars or have no length or shape, and exceptions that find no bars. */
final class SectionSnags {

    private final Song song;
    private final Finds found = new Finds();

    private SectionSnags(Song song) {
        this.song = song;
    }

    static List<Snag> of(Song song) {
        var snags = new SectionSnags(song);
        for (Section section : song.sections()) {
            snags.checkSum(section);
            snags.checkRounds(section);
            snags.checkShapes(section);
        }
        for (int use = 0; use < song.uses().size(); use++) snags.checkExcepts(use);
        return snags.found.all();
    }

    private void checkSum(Section section) {
        BarLines bars = section.barLines();
        Length end = section.edges(Assignment.round(song, section)).getLast();
        if (end.equals(bars.length())) return;
        Length chords = bars.beatsBefore(end);
        Length wanted = bars.beatsBefore(bars.length());
        boolean over = bars.length().isLessThan(end);
        Length difference = over ? chords.minus(wanted) : wanted.minus(chords);
        String held = bars.bars() == 1 ? " holds " : " hold ";
        String lost = difference.equals(Length.WHOLE) ? " has no chord." : " have no chord.";
        String sentence = "the chords last " + Words.beats(chords) + ", the " + Words.bars(bars.bars()) + held + wanted
                + ": " + Words.beats(difference) + (over ? " too many." : lost);
        found.add(
                Kind.SPANS_DO_NOT_FILL_BARS,
                new Place.InSection(
                        section.id(),
                        bars.barAt(end),
                        Math.max(0, section.spans().size() - 1)),
                section.name(),
                sentence,
                lastChordFix(section, bars),
                new Number("beats of the chords", chords.toString()),
                new Number("beats of the bars", wanted.toString()));
    }

    /** The last chord is held to the end of the bars. */
    private Optional<Fix> lastChordFix(Section section, BarLines bars) {
        if (section.spans().isEmpty()) return Optional.empty();
        int last = section.spans().size() - 1;
        Length start = section.edges(Assignment.round(song, section)).get(last);
        if (!start.isLessThan(bars.length())) return Optional.empty();
        Span span = section.spans().get(last);
        SpanLength length = SpanLength.between(bars, start, bars.length());
        return Optional.of(new Fix(
                "Hold " + span.chord() + " for " + length,
                edited ->
                        edited.withSection(section.id(), each -> each.withSpan(last, new Span(span.chord(), length)))));
    }

    private void checkRounds(Section section) {
        boolean counted = section.spans().stream().anyMatch(span -> span.length() instanceof SpanLength.Rounds);
        if (!counted || Assignment.of(song, section.id()).isPresent()) return;
        found.add(
                Kind.CHORD_WITHOUT_LENGTH,
                section,
                "chords are counted in rounds, but no pattern is assigned to the section, so a round has no length;"
                        + " a bar is taken.",
                RuleSnags.commonPattern(song).map(pattern -> RuleSnags.assign(song, Where.in(section.id()), pattern)));
    }

    private void checkShapes(Section section) {
        var silent = new ArrayList<String>();
        for (Span span : section.spans()) {
            boolean has = song.chord(span.chord()).isPresent() || ChordName.isNoChord(span.chord());
            if (has || silent.contains(span.chord())) continue;
            silent.add(span.chord());
            found.add(
                    Kind.CHORD_WITHOUT_SHAPE,
                    new Place.InSection(section.id(), 0, section.spans().indexOf(span)),
                    section.name(),
                    span.chord() + " has no shape in this song, so strums on it are silent.",
                    shapeFix(span.chord()));
        }
    }

    private Optional<Fix> shapeFix(String name) {
        return Chord.meaning(name)
                .map(meaning -> new Fix("Take the easiest shape of " + name, edited -> {
                    var tuning = edited.facts().tuning();
                    var neck = new Neck(Neck.USUAL.scaleLength(), edited.facts().capo());
                    return new ShapeSearch(tuning, neck, FrettingHand.USUAL)
                            .easiest(meaning)
                            .map(shape -> edited.withChord(new Chord(name, shape.voicing())))
                            .orElse(edited);
                }));
    }

    private void checkExcepts(int index) {
        Use use = song.uses().get(index);
        Section section = song.section(use.section()).orElseThrow();
        for (int i = 0; i < use.excepts().size(); i++) {
            if (Expansion.finds(section, use.excepts().get(i))) continue;
            int except = i;
            found.add(
                    Kind.EXCEPTION_WITHOUT_BARS,
                    new Place.InUse(index, 1, 0),
                    UseNames.of(song, index),
                    "the exception \"" + ExceptSentence.of(song, use.excepts().get(i)) + "\" speaks of bars that "
                            + section.name() + " does not have, or would leave none.",
                    Optional.of(new Fix(
                            "Take the exception back",
                            edited -> edited.use(use.id())
                                    .filter(each -> each.excepts().size() > except)
                                    .map(each -> edited.withUse(each.minus(except)))
                                    .orElse(edited))),
                    new Number("bars", Integer.toString(section.bars().size())));
        }
    }
}
