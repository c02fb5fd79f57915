package tactus.core.patterns.dictation;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How one teacher speaks, as far as it was asked.
 *
 * @param settled for what was answered, whether the first meaning is the right one
 */
public record Manner(Map<Doubt, Boolean> settled) {

    /** Nothing was answered yet. */
    public static final Manner UNKNOWN = new Manner(Map.of());

    public Manner {
        settled = Map.copyOf(settled);
    }

    /** Whether the first meaning of {@code doubt} is the right one; empty if it was not asked. */
    public Optional<Boolean> isFirst(Doubt doubt) {
        return Optional.ofNullable(settled.get(doubt));
    }

    /** The same when {@code doubt} is answered. */
    public Manner with(Doubt doubt, boolean first) {
        var more = new EnumMap<Doubt, Boolean>(Doubt.class);
        more.putAll(settled);
        more.put(Objects.requireNonNull(doubt), first);
        return new Manner(more);
    }

    /** The same where {@code doubt} is asked again. */
    public Manner without(Doubt doubt) {
        return new Manner(settled.entrySet().stream()
                .filter(each -> each.getKey() != doubt)
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }

    /** As it is kept: {@code hyphen=first, end=second}. */
    @Override
    public String toString() {
        return settled.keySet().stream()
                .sorted()
                .map(doubt -> doubt.code() + "=" + (settled.get(doubt) ? "first" : "second"))
                .collect(Collectors.joining(", "));
    }

    /** Reads what {@link #toString} writes; what is not known there is left out. */
    public static Manner parse(String kept) {
        Manner manner = UNKNOWN;
        for (String each : kept.split(",")) {
            String[] parts = each.strip().split("=");
            Optional<Doubt> doubt = Stream.of(Doubt.values())
                    .filter(known -> known.isHabit() && known.code().equals(parts[0]))
                    .findFirst();
            boolean isAnswer = parts.length == 2 && (parts[1].equals("first") || parts[1].equals("second"));
            if (doubt.isPresent() && isAnswer) manner = manner.with(doubt.get(), parts[1].equals("first"));
        }
        return manner;
    }
}
