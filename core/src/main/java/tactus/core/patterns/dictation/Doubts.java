package tactus.core.patterns.dictation;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.ground.statement.Statement;

/** What is met in a text that can be meant in two ways; the first that was not settled is the one to ask about. */
final class Doubts {

    private final Manner manner;
    private final Map<Doubt, String> used = new EnumMap<>(Doubt.class);
    private Optional<Met> met = Optional.empty();

    Doubts(Manner manner) {
        this.manner = manner;
    }

    /**
     * What can be meant in two ways.
     *
     * @param asked the question
     */
    record Met(Doubt doubt, Statement asked) {}

    /** Whether the first meaning of {@code said} is taken. */
    boolean isFirst(Doubt doubt, String said) {
        used.putIfAbsent(doubt, said);
        if (manner.isFirst(doubt).isEmpty() && met.isEmpty())
            met = Optional.of(new Met(doubt, Statement.of("question." + doubt.code(), said)));
        return manner.isFirst(doubt).orElse(true);
    }

    /** How what was met is read where that was answered in {@code asked} before, as sentences. */
    List<Statement> answered(Manner asked) {
        return used.entrySet().stream()
                .filter(each -> asked.isFirst(each.getKey()).isPresent())
                .map(each -> Statement.of(
                        "manner.kept",
                        each.getValue(),
                        each.getKey().meaning(asked.isFirst(each.getKey()).get())))
                .toList();
    }

    Manner manner() {
        return manner;
    }

    Optional<Met> met() {
        return met;
    }
}
