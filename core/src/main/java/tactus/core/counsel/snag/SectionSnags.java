package tactus.core.counsel.snag;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import tactus.core.music.chord.ChordName;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Expansion;
import tactus.core.written.section.Section;
import tactus.core.written.section.Use;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;

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
        var place = new SnagPlace.InSection(
                section.id(),
                new SnagPlace.Bar(bars.barAt(end)),
                new SnagPlace.Chord(section.spans().size() - 1));
        return Optional.of(uneven(place, bars.beatsBefore(end), bars).mendedBy(lastChordFix(song, section, bars)));
    }

    /** @param chords how many felt beats they last */
    private static Snag uneven(SnagPlace.InSection place, Length chords, BarLines lines) {
        Length bars = lines.beatsBefore(lines.length());
        boolean over = bars.isLessThan(chords);
        Length difference = over ? chords.minus(bars) : bars.minus(chords);
        return Snag.of(
                        Kind.SPANS_DO_NOT_FILL_BARS,
                        place,
                        over ? "snag.beats-too-many" : "snag.beats-missing",
                        Quantity.beats(chords),
                        Quantity.of(Quantity.Unit.BAR, lines.bars()),
                        lines.bars(),
                        bars,
                        Quantity.beats(difference),
                        Length.WHOLE.isLessThan(difference) ? 1 : 0)
                .called(place.section())
                .about(place.section())
                .counted("beats-of-chords", chords, "beats-of-bars", bars);
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
        if (open.length == 0) return Optional.empty();
        return Optional.of(
                Snag.of(Kind.CHORD_WITHOUT_LENGTH, laid.ofChord(section, open[0]), "snag.lengths-open", open.length)
                        .called(section.id())
                        .about(section.id(), "open")
                        .counted("chords", open.length)
                        .mendedBy(new SectionFix.LastABar(section.id())));
    }

    private static Optional<Snag> checkRounds(LaidSong laid, Section section) {
        boolean counted = section.spans().stream().anyMatch(span -> span.length() instanceof SpanLength.Rounds);
        if (!counted || Assignment.of(laid.song(), section.id()).isPresent()) return Optional.empty();
        return Optional.of(Snag.of(Kind.CHORD_WITHOUT_LENGTH, section.id(), "snag.rounds-of-nothing")
                .mendedBy(laid.assignCommon(section.id())));
    }

    private static void checkShapes(LaidSong laid, Section section, Consumer<Snag> found) {
        Set<String> silent = new HashSet<>();
        for (int i = 0; i < section.spans().size(); i++) {
            String name = section.spans().get(i).chord();
            boolean has = laid.song().chord(name).isPresent() || ChordName.isNoChord(name);
            if (has || !silent.add(name)) continue;
            Optional<Fix> fix = Chord.meaning(name).map(_ -> new SetUpFix.TakeShape(name));
            found.accept(Snag.of(Kind.CHORD_WITHOUT_SHAPE, laid.ofChord(section, i), "snag.no-shape", name)
                    .called(section.id())
                    .about(section.id(), name)
                    .mendedBy(fix));
        }
    }

    private static void checkExcepts(LaidSong laid, int index, Consumer<Snag> found) {
        Use use = laid.song().uses().get(index);
        Section section = laid.section(use.section());
        int bars = section.bars().size();
        for (int i = 0; i < use.excepts().size(); i++) {
            if (Expansion.finds(section, use.excepts().get(i))) continue;
            found.accept(Snag.of(
                            Kind.EXCEPTION_WITHOUT_BARS,
                            SnagPlace.InUse.at(index, 1, 0),
                            "snag.no-bars-left",
                            use.excepts().get(i),
                            section.id())
                    .about(use.id(), i)
                    .counted("bars", bars)
                    .mendedBy(new SectionFix.TakeBack(use.id(), i)));
        }
    }
}
