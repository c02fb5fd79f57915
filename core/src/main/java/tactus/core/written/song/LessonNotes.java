package tactus.core.written.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import tactus.core.ground.refusal.Refusal;
import tactus.core.patterns.rhythm.CellWords;

/**
 * What a teacher has noted for the lesson.
 *
 * @param planned parts that shall be there, by name
 * @param accepted snags that are meant so, each once
 * @param hints in the order in which they were given
 * @param mnemonics the teacher's own words for cells, one for each
 * @param handout how the sheet is composed
 */
public record LessonNotes(
        List<String> planned, List<Accepted> accepted, List<Hint> hints, List<CellWords> mnemonics, Handout handout) {

    public static final LessonNotes EMPTY = new LessonNotes(List.of(), List.of(), List.of(), List.of(), Handout.USUAL);

    private static final int MOST_PLANNED = 60;
    private static final int MOST_HINTS = 500;
    private static final int MOST_MNEMONICS = 200;

    /** @throws Refusal if more than 60 parts are planned more than 500 hints are given, or more than 200 cells have words */
    public LessonNotes {
        planned = planned.stream()
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .distinct()
                .toList();
        accepted = List.copyOf(accepted);
        hints = List.copyOf(hints);
        mnemonics = List.copyOf(mnemonics);
        Objects.requireNonNull(handout);
        if (mnemonics.size() > MOST_MNEMONICS) throw new Refusal("lesson.most-mnemonics");
        if (hints.size() > MOST_HINTS) throw new Refusal("lesson.most-hints");
        if (planned.size() > MOST_PLANNED) throw new Refusal("lesson.most-parts");
    }

    /** Why a snag with these numbers is meant so; empty if it is not accepted. */
    public Optional<String> reason(SnagId snag, List<String> numbers) {
        return accepted.stream()
                .filter(each -> each.isAbout(snag, numbers))
                .map(Accepted::reason)
                .findFirst();
    }

    /** @throws Refusal if more than 60 parts are planned */
    public LessonNotes withPlanned(List<String> others) {
        return new LessonNotes(others, accepted, hints, mnemonics, handout);
    }

    /** The same with a snag accepted; an older reason for it is dropped. */
    public LessonNotes with(Accepted added) {
        var more = new ArrayList<>(without(added.snag()).accepted);
        more.add(added);
        return new LessonNotes(planned, more, hints, mnemonics, handout);
    }

    /** The same with {@code snag} accepted no longer. */
    public LessonNotes without(SnagId snag) {
        return new LessonNotes(
                planned,
                accepted.stream().filter(each -> !each.snag().equals(snag)).toList(),
                hints,
                mnemonics,
                handout);
    }

    /** @throws Refusal if there are more than 500 */
    public LessonNotes withHints(List<Hint> others) {
        return new LessonNotes(planned, accepted, others, mnemonics, handout);
    }

    /** The same with words for a cell; other words for it are dropped. */
    public LessonNotes with(CellWords added) {
        var more = new ArrayList<>(withoutMnemonic(added.cell()).mnemonics);
        more.add(added);
        return new LessonNotes(planned, accepted, hints, more, handout);
    }

    /** The same without words for {@code cell}. */
    public LessonNotes withoutMnemonic(String cell) {
        return new LessonNotes(
                planned,
                accepted,
                hints,
                mnemonics.stream().filter(each -> !each.cell().equals(cell)).toList(),
                handout);
    }

    /** The same with a sheet that is composed otherwise. */
    public LessonNotes with(Handout other) {
        return new LessonNotes(planned, accepted, hints, mnemonics, other);
    }

    /** The hints about what {@code about} wants. */
    public List<Hint> hints(Predicate<HintPlace> about) {
        return hints.stream().filter(hint -> about.test(hint.about())).toList();
    }
}
