package tactus.core.snag;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import tactus.core.chord.ChordName;
import tactus.core.harmony.Chord;
import tactus.core.harmony.Span;
import tactus.core.harmony.SpanLength;
import tactus.core.section.Expansion;
import tactus.core.section.Section;
import tactus.core.section.Use;
import tactus.core.song.Assignment;
import tactus.core.song.Song;
import tactus.core.time.BarLines;
import tactus.core.time.Length;

/** Finds chords that do not add up to their bars or have no length or shape, and exceptions that find no bars. */
final class SectionSnags implements Finder {

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        for (Section section : laid.song().sections()) {
            checkSum(laid.song(), section).ifPresent(found);
            checkRounds(laid, section).ifPresent(found);
            checkOpen(laid, section).ifPresent(found);
            checkShapes(laid, section, found);
        }
        for (int use = 0; use < laid.song().uses().size(); use++) checkExcepts(laid, use, found);
    }

    private static Optional<Snag> checkSum(Song song, Section section) {
        // A section that has just been made is not a slip yet.
        if (section.spans().isEmpty()) return Optional.empty();
        BarLines bars = section.barLines();
        Length end = section.edges(Assignment.round(song, section)).getLast();
        if (end.equals(bars.length())) return Optional.empty();
        return Optional.of(new SectionSnag.Uneven(
                section.id(),
                bars.barAt(end),
                Math.max(0, section.spans().size() - 1),
                bars.beatsBefore(end),
                bars.bars(),
                bars.beatsBefore(bars.length()),
                lastChordFix(song, section, bars)));
    }

    /** The last chord is held to the end of the bars. */
    private static Optional<Fix> lastChordFix(Song song, Section section, BarLines bars) {
        if (section.spans().isEmpty()) return Optional.empty();
        int last = section.spans().size() - 1;
        Length start = section.edges(Assignment.round(song, section)).get(last);
        if (!start.isLessThan(bars.length())) return Optional.empty();
        Span span = section.spans().get(last);
        SpanLength length = SpanLength.between(bars, start, bars.length());
        return Optional.of(new SectionFix.Hold(section.id(), last, new Span(span.chord(), length)));
    }

    private static Optional<Snag> checkOpen(LaidSong laid, Section section) {
        List<Span> spans = section.spans();
        int[] open = IntStream.range(0, spans.size())
                .filter(span -> spans.get(span).length() instanceof SpanLength.Open)
                .toArray();
        return open.length == 0
                ? Optional.empty()
                : Optional.of(new SectionSnag.LengthsOpen(laid.ofChord(section, open[0]), open.length));
    }

    private static Optional<Snag> checkRounds(LaidSong laid, Section section) {
        boolean counted = section.spans().stream().anyMatch(span -> span.length() instanceof SpanLength.Rounds);
        if (!counted || Assignment.of(laid.song(), section.id()).isPresent()) return Optional.empty();
        return Optional.of(new SectionSnag.RoundsOfNothing(section.id(), laid.assignCommon(section.id())));
    }

    private static void checkShapes(LaidSong laid, Section section, Consumer<Snag> found) {
        Set<String> silent = new HashSet<>();
        for (int i = 0; i < section.spans().size(); i++) {
            String name = section.spans().get(i).chord();
            boolean has = laid.song().chord(name).isPresent() || ChordName.isNoChord(name);
            if (has || !silent.add(name)) continue;
            Optional<Fix> fix = Chord.meaning(name).map(_ -> new SetUpFix.TakeShape(name));
            found.accept(new SectionSnag.NoShape(laid.ofChord(section, i), name, fix));
        }
    }

    private static void checkExcepts(LaidSong laid, int index, Consumer<Snag> found) {
        Use use = laid.song().uses().get(index);
        Section section = laid.section(use.section());
        int bars = section.bars().size();
        for (int i = 0; i < use.excepts().size(); i++) {
            if (Expansion.finds(section, use.excepts().get(i))) continue;
            found.accept(new SectionSnag.NoBarsLeft(
                    index, use.id(), section.id(), i, use.excepts().get(i), bars));
        }
    }
}
