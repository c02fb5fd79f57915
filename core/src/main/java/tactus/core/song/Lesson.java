package tactus.core.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import tactus.core.refusal.Refusal;

/**
 * What a teacher has noted for the lesson.
 *
 * @param planned parts that shall be there, by name
 * @param accepted snags that are meant so, each once
 * @param hints in the order in which they were given
 */
public record Lesson(List<String> planned, List<Accepted> accepted, List<Hint> hints) {

    public static final Lesson EMPTY = new Lesson(List.of(), List.of(), List.of());

    private static final int MOST_PLANNED = 60;
    private static final int MOST_HINTS = 500;

    /** @throws Refusal if more than 60 parts are planned or more than 500 hints are given */
    public Lesson {
        planned = planned.stream()
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .distinct()
                .toList();
        accepted = List.copyOf(accepted);
        hints = List.copyOf(hints);
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
    public Lesson withPlanned(List<String> others) {
        return new Lesson(others, accepted, hints);
    }

    /** The same with a snag accepted; an older reason for it is dropped. */
    public Lesson with(Accepted added) {
        var more = new ArrayList<>(without(added.snag()).accepted);
        more.add(added);
        return new Lesson(planned, more, hints);
    }

    /** The same with {@code snag} accepted no longer. */
    public Lesson without(SnagId snag) {
        return new Lesson(
                planned,
                accepted.stream().filter(each -> !each.snag().equals(snag)).toList(),
                hints);
    }

    /** @throws Refusal if there are more than 500 */
    public Lesson withHints(List<Hint> others) {
        return new Lesson(planned, accepted, others);
    }

    /** The hints about what {@code about} wants. */
    public List<Hint> hints(Predicate<HintPlace> about) {
        return hints.stream().filter(hint -> about.test(hint.about())).toList();
    }
}
