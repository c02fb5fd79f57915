package tactus.core.snag;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tactus.core.comparison.SideBySide;
import tactus.core.comparison.SideBySide.Kind;
import tactus.core.comparison.SideBySide.Line;
import tactus.core.harmony.Span;
import tactus.core.name.Slug;
import tactus.core.section.Section;
import tactus.core.section.SectionId;
import tactus.core.snag.Snag.Fix;
import tactus.core.snag.Snag.Number;
import tactus.core.song.Assignment;
import tactus.core.song.Song;
import tactus.core.time.Meter;

/**
 * Finds sections whose length is odd for the song or unlike a sibling's, those that are called the same and differ, and
 * planned parts that are missing. Most songs are built of phrases of four bars (common practice).
 */
final class LengthSnags {

    private static final int PHRASE = 4;
    /** Sections with more chords are not compared, which would take longer than an edit may. */
    private static final int LONGEST_COMPARED = 400;

    private final Song song;
    private final Finds found = new Finds();
    /** Sections whose length is explained by a slip already. */
    private final Set<SectionId> slips = new HashSet<>();

    private LengthSnags(Song song) {
        this.song = song;
    }

    static List<Snag> of(Song song) {
        var snags = new LengthSnags(song);
        snags.checkSiblings();
        snags.checkOdd();
        snags.checkPlan();
        return snags.found.all();
    }

    private SideBySide compared(Section one, Section other) {
        return SideBySide.of(one, Assignment.round(song, one), other, Assignment.round(song, other));
    }

    private void checkSiblings() {
        List<Section> sections = song.sections();
        for (int i = 0; i < sections.size(); i++) {
            for (int j = 0; j < i; j++) {
                Section earlier = sections.get(j);
                Section later = sections.get(i);
                boolean sameName = earlier.isCalled(later.name());
                boolean large = Math.max(earlier.spans().size(), later.spans().size()) > LONGEST_COMPARED;
                if (large || !sameName && !areRelated(earlier, later)) continue;
                SideBySide sides = compared(earlier, later);
                if (sameName && !sides.isSame()) addSameName(earlier, later, sides);
                else if (earlier.bars().size() != later.bars().size()) checkSlip(earlier, later, sides);
            }
        }
    }

    /** Sections whose lengths differ a little and that have about as many chords. */
    private static boolean areRelated(Section one, Section other) {
        int bars = Math.abs(one.bars().size() - other.bars().size());
        int chords = Math.abs(one.spans().size() - other.spans().size());
        return bars > 0 && bars <= 2 && chords <= 1 && one.spans().size() >= 3;
    }

    private void addSameName(Section earlier, Section later, SideBySide sides) {
        String fresh = Slug.freshName(
                later.name(), name -> song.sections().stream().anyMatch(section -> section.isCalled(name)));
        found.add(
                Snag.Kind.SAME_NAME_OTHER_BARS,
                later,
                "two sections are called " + later.name() + " and differ in "
                        + Words.count(sides.differences().size(), "place") + ": "
                        + said(sides.differences().getFirst())
                        + ".",
                Optional.of(new Fix(
                        "Call this one " + fresh,
                        edited -> edited.withSection(later.id(), section -> section.withName(fresh)))),
                new Number("places", Integer.toString(sides.differences().size())));
    }

    private static String said(Line line) {
        String left = line.left().map(SideBySide.Held::toString).orElse("nothing");
        String right = line.right().map(SideBySide.Held::toString).orElse("nothing");
        return left + " against " + right;
    }

    /** One chord that is held longer or shorter, or is missing, is a likely slip of the tongue. */
    private void checkSlip(Section earlier, Section later, SideBySide sides) {
        if (sides.differences().size() != 1) return;
        Line line = sides.differences().getFirst();
        if (line.kind() == Kind.OTHER_CHORD) return;
        slips.add(later.id());
        int difference = later.bars().size() - earlier.bars().size();
        String more = Words.bars(Math.abs(difference)) + (difference > 0 ? " more" : " fewer");
        found.add(
                Snag.Kind.LENGTH_UNLIKE_SIBLING,
                new Place.InSection(later.id(), 0, Math.max(0, line.rightSpan())),
                later.name(),
                more + " than " + earlier.name() + ", with the same chords but for one place: " + said(line) + ".",
                sameAs(earlier, later, line),
                new Number(
                        "bars of " + earlier.name(),
                        Integer.toString(earlier.bars().size())),
                new Number(
                        "bars of " + later.name(), Integer.toString(later.bars().size())));
    }

    private static Optional<Fix> sameAs(Section earlier, Section later, Line line) {
        if (line.kind() != Kind.OTHER_LENGTH) return Optional.empty();
        Span wanted = earlier.spans().get(line.leftSpan());
        int count = earlier.bars().size();
        return Optional.of(new Fix(
                "Hold " + wanted.chord() + " for " + wanted.length() + " as in " + earlier.name(),
                edited -> edited.withSection(
                        later.id(),
                        section -> section.spans().size() <= line.rightSpan()
                                ? section
                                : section.withSpan(line.rightSpan(), wanted)
                                        .withBars(resized(section.bars(), count)))));
    }

    private static List<Meter> resized(List<Meter> bars, int count) {
        if (count <= bars.size()) return bars.subList(0, count);
        var longer = new ArrayList<>(bars);
        longer.addAll(Collections.nCopies(count - bars.size(), bars.getLast()));
        return longer;
    }

    /** A section with an odd number of bars in a song whose other sections come in fours. */
    private void checkOdd() {
        List<Section> even = song.sections().stream()
                .filter(section -> section.bars().size() % PHRASE == 0)
                .toList();
        if (even.size() < 2 || even.size() * 2 <= song.sections().size()) return;
        for (Section section : song.sections()) {
            int bars = section.bars().size();
            int over = bars % PHRASE;
            boolean odd = over == 1 || over == 3;
            if (bars <= 2 || !odd || slips.contains(section.id())) continue;
            int nearest = over == 1 ? bars - 1 : bars + 1;
            found.add(
                    Snag.Kind.LENGTH_ODD,
                    section,
                    Words.bars(bars) + "; " + Words.count(even.size(), "other section")
                            + " of this song come in fours. With " + nearest + " it would too; likeliest is "
                            + likeliest(section, over == 1) + ".",
                    Optional.empty(),
                    new Number("bars", Integer.toString(bars)));
        }
    }

    /** The chord whose length is unlike the others'. */
    private String likeliest(Section section, boolean tooLong) {
        Map<String, Integer> lengths = new HashMap<>();
        section.spans().forEach(span -> lengths.merge(span.length().toString(), 1, Integer::sum));
        Optional<Span> rare = section.spans().reversed().stream()
                .filter(span -> lengths.get(span.length().toString()) == 1)
                .findFirst();
        String what = tooLong ? "a bar counted twice" : "a bar forgotten";
        return rare.or(() -> section.spans().reversed().stream().findFirst())
                .map(span -> what + " at " + span.chord() + ", held " + span.length())
                .orElse(what);
    }

    private void checkPlan() {
        for (String part : song.lesson().planned()) {
            boolean there = song.sections().stream()
                    .anyMatch(section -> section.isCalled(part)
                            && song.uses().stream()
                                    .anyMatch(use -> use.section().equals(section.id())));
            if (there) continue;
            boolean written = song.sections().stream().anyMatch(section -> section.isCalled(part));
            found.add(
                    Snag.Kind.PLANNED_PART_MISSING,
                    new Place.InFacts(),
                    part,
                    "\"" + part + "\" was planned for the lesson and is "
                            + (written ? "written but not played." : "not there."),
                    Optional.of(new Fix(
                            "Take it off the plan",
                            edited -> edited.withLesson(edited.lesson()
                                    .withPlanned(edited.lesson().planned().stream()
                                            .filter(each -> !each.equals(part))
                                            .toList())))));
        }
    }
}
