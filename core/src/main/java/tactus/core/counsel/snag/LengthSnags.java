package tactus.core.counsel.snag;

import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import tactus.core.counsel.comparison.SideBySide;
import tactus.core.counsel.comparison.SideBySide.Line;
import tactus.core.ground.name.Slug;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;

/**
 * Finds sections whose length is odd for the song or unlike a sibling's, those that are called the same and differ, and
 * planned parts that are missing. Most songs are built of phrases of four bars (common practice).
 */
final class LengthSnags implements Finder {

    private static final int PHRASE = 4;
    /** More places than these are as good as none. */
    private static final int MOST_PLACES = 4;
    /** Sections with more chords are not compared, which would take longer than an edit may. */
    private static final int LONGEST_COMPARED = 400;

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        Set<Object> explained = new HashSet<>();
        checkSiblings(laid, snag -> {
            // One slip is told once, though every sibling shows it.
            boolean isNew = snag.kind() != Kind.LENGTH_UNLIKE_SIBLING
                    || snag.about().stream().filter(explained::add).count() == 2;
            if (isNew) found.accept(snag);
        });
        checkOdd(laid, explained, found);
        checkPlan(laid.song(), found);
    }

    private static void checkSiblings(LaidSong laid, Consumer<Snag> found) {
        List<Section> sections = laid.song().sections();
        var names = new Namesakes(laid.lexicon());
        for (int i = 0; i < sections.size(); i++) {
            for (int j = 0; j < i; j++)
                compare(laid, sections.get(j), sections.get(i), names).ifPresent(found);
        }
    }

    private static Optional<Snag> compare(LaidSong laid, Section earlier, Section later, Namesakes names) {
        Song song = laid.song();
        boolean sameName = earlier.isCalled(later.name());
        boolean large = Math.max(earlier.spans().size(), later.spans().size()) > LONGEST_COMPARED;
        boolean related = names.are(earlier, later) && areRelated(earlier, later);
        if (large || !sameName && !related) return Optional.empty();
        SideBySide sides =
                SideBySide.of(earlier, Assignment.round(song, earlier), later, Assignment.round(song, later));
        if (sameName && !sides.isSame()) return Optional.of(sameName(song, earlier, later, sides));
        return earlier.bars().size() == later.bars().size() ? Optional.empty() : slip(laid, earlier, later, sides);
    }

    /** Namesakes whose lengths differ a little and that have about as many chords. */
    private static boolean areRelated(Section one, Section other) {
        int bars = Math.abs(one.bars().size() - other.bars().size());
        int chords = Math.abs(one.spans().size() - other.spans().size());
        return bars > 0 && bars <= 2 && chords <= 1 && one.spans().size() >= 3;
    }

    private static Snag sameName(Song song, Section earlier, Section later, SideBySide sides) {
        String fresh = Slug.freshName(
                later.name(), name -> song.sections().stream().anyMatch(section -> section.isCalled(name)));
        List<Line> differences = sides.differences();
        int places = differences.size();
        return Snag.of(
                        Kind.SAME_NAME_OTHER_BARS,
                        later.id(),
                        "snag.same-name",
                        later.id(),
                        Quantity.of(Quantity.Unit.PLACE, places),
                        sides(differences.getFirst()))
                .about(later.id(), earlier.id())
                .counted("places", places)
                .mendedBy(new SectionFix.Rename(later.id(), fresh));
    }

    private static Statement sides(Line line) {
        return Statement.of("snag.side", held(line.left()), held(line.right()));
    }

    private static Statement held(Optional<SideBySide.Held> held) {
        return held.map(SideBySide.Held::said).orElse(Statement.of("snag.held-nothing"));
    }

    /** One chord that is held longer or shorter, or is missing, is a likely slip of the tongue. */
    private static Optional<Snag> slip(LaidSong laid, Section earlier, Section later, SideBySide sides) {
        if (sides.differences().size() != 1) return Optional.empty();
        Line line = sides.differences().getFirst();
        if (line.kind() == SideBySide.Kind.OTHER_CHORD) return Optional.empty();
        int bars = later.bars().size();
        int siblings = earlier.bars().size();
        return Optional.of(Snag.of(
                        Kind.LENGTH_UNLIKE_SIBLING,
                        place(laid, later, line),
                        bars > siblings ? "snag.more-than" : "snag.fewer-than",
                        Quantity.of(Quantity.Unit.BAR, Math.abs(bars - siblings)),
                        earlier.id(),
                        sides(line))
                .called(later.id())
                .about(later.id(), earlier.id())
                .counted("bars-of-sibling", siblings, "bars", bars)
                .mendedBy(sameAs(earlier, later, line)));
    }

    /** Where the place is in {@code later}; where a chord is missing there, where it would be. */
    private static SnagPlace.InSection place(LaidSong laid, Section later, Line line) {
        return line.rightSpan().isPresent()
                ? laid.ofChord(later, line.rightSpan().getAsInt())
                : laid.ofBar(later, line.left().orElseThrow().bar());
    }

    private static Optional<Fix> sameAs(Section earlier, Section later, Line line) {
        if (line.kind() != SideBySide.Kind.OTHER_LENGTH) return Optional.empty();
        Span wanted = earlier.spans().get(line.leftSpan().getAsInt());
        return Optional.of(new SectionFix.HoldAsIn(
                later.id(), line.rightSpan().getAsInt(), wanted, earlier.bars().size(), earlier.name()));
    }

    /**
     * A section with an odd number of bars in a song whose other sections come in fours. What leads in, links or ends is often
     * odd and asked about in none (common practice).
     */
    private static void checkOdd(LaidSong laid, Set<Object> explained, Consumer<Snag> found) {
        Song song = laid.song();
        int even = (int) song.sections().stream()
                .filter(section -> section.bars().size() % PHRASE == 0)
                .count();
        boolean inFours = even >= 2 && even * 2 > song.sections().size();
        for (Section section : song.sections()) {
            if (!inFours && !hasOneUnlike(section)) continue;
            int bars = section.bars().size();
            int over = bars % PHRASE;
            boolean odd = over == 1 || over == 3;
            if (bars <= 2 || section.spans().isEmpty() || !odd || explained.contains(section.id())) continue;
            if (isApart(laid, section)) continue;
            int nearest = over == 1 ? bars - 1 : bars + 1;
            found.accept(odd(section.id(), bars, even, nearest, likeliest(song, section)));
        }
    }

    /**
     * @param even how many sections come in fours
     * @param nearest the nearest length that does
     * @param likeliest the chords whose length is likeliest wrong
     */
    private static Snag odd(SectionId section, int bars, int even, int nearest, List<SideBySide.Held> likeliest) {
        Statement slip = Statement.of(bars > nearest ? "snag.counted-twice" : "snag.forgotten");
        Optional<Statement> places = likeliest.stream()
                .filter(_ -> likeliest.size() <= MOST_PLACES)
                .map(SideBySide.Held::said)
                .reduce((before, next) -> Statement.of("snag.and-place", before, next));
        return Snag.of(
                        Kind.LENGTH_ODD,
                        section,
                        even < 2 ? "snag.odd-alone" : "snag.odd-length",
                        Quantity.of(Quantity.Unit.BAR, bars),
                        Quantity.of(Quantity.Unit.SECTION, even),
                        nearest,
                        places.map(all -> Statement.of("snag.at-places", slip, all))
                                .orElse(slip))
                .counted("bars", bars);
    }

    /** Whether it leads in, links or ends: by its name, as a tag, or played once, at the edge of a longer order. */
    private static boolean isApart(LaidSong laid, Section section) {
        List<SectionId> order = laid.song().order();
        boolean isTag =
                laid.song().sections().stream().anyMatch(each -> each.tag().equals(Optional.of(section.id())));
        boolean isAtEdge = order.size() > 2
                && Collections.frequency(order, section.id()) == 1
                && (order.getFirst().equals(section.id()) || order.getLast().equals(section.id()));
        return isTag
                || isAtEdge
                || Stream.concat(Stream.of(section.name()), section.aliases().stream())
                        .anyMatch(new Namesakes(laid.lexicon())::isLink);
    }

    /** Whether all chords but one are held for the same even number of bars: the one was counted wrong. */
    private static boolean hasOneUnlike(Section section) {
        List<Span> spans = section.spans();
        long even = spans.stream().filter(span -> isEven(span.length())).count();
        return spans.size() >= 4 && even == spans.size() - 1;
    }

    private static boolean isEven(SpanLength length) {
        return length instanceof SpanLength.Bars bars && bars.count().isMultipleOf(Length.of(2));
    }

    /** The chords whose length is unlike the others'; all where all are alike. */
    private static List<SideBySide.Held> likeliest(Song song, Section section) {
        List<SideBySide.Held> held = SideBySide.held(section, Assignment.round(song, section));
        Map<Object, Integer> lengths = new HashMap<>();
        held.forEach(each -> lengths.merge(each.length(), 1, Integer::sum));
        int rarest = lengths.values().stream().mapToInt(Integer::intValue).min().orElse(0);
        return held.stream()
                .filter(each -> lengths.get(each.length()) == rarest)
                .toList();
    }

    private static void checkPlan(Song song, Consumer<Snag> found) {
        for (String part : song.lesson().planned()) {
            List<SectionId> written = song.sections().stream()
                    .filter(section -> section.isCalled(part))
                    .map(Section::id)
                    .toList();
            boolean played = song.uses().stream().anyMatch(use -> written.contains(use.section()));
            String code = written.isEmpty() ? "snag.planned" : "snag.planned-written";
            if (!played)
                found.accept(Snag.of(Kind.PLANNED_PART_MISSING, SnagPlace.InFacts.PLAN, code, part)
                        .called(part)
                        .about(part)
                        .mendedBy(new SectionFix.TakeOffPlan(part)));
        }
    }
}
