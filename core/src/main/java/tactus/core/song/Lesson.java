package tactus.core.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.refusal.Refusal;

/**
 * What a teacher has noted for the lesson.
 *
 * @param planned parts that shall be there, by name
 * @param accepted snags that are meant so, each once
 */
public record Lesson(List<String> planned, List<Accepted> accepted) {

    public static final Lesson EMPTY = new Lesson(List.of(), List.of());

    private static final int MOST_PLANNED = 60;

    /** @throws Refusal if more than 60 parts are planned */
    public Lesson {
        planned = planned.stream()
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .distinct()
                .toList();
        accepted = List.copyOf(accepted);
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
        return new Lesson(others, accepted);
    }

    /** The same with a snag accepted; an older reason for it is dropped. */
    public Lesson with(Accepted added) {
        var more = new ArrayList<>(without(added.snag()).accepted);
        more.add(added);
        return new Lesson(planned, more);
    }

    /** The same with {@code snag} accepted no longer. */
    public Lesson without(SnagId snag) {
        return new Lesson(
                planned,
                accepted.stream().filter(each -> !each.snag().equals(snag)).toList());
    }
}
