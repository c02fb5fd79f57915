package tactus.core.patterns.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * Where a pattern comes from.
 *
 * @param said what was said when it was dictated, the latest last; at most {@link #MOST_SAYINGS}
 */
public record Story(Origin origin, List<String> said) {

    /** Where a pattern can come from. */
    public enum Origin {
        HEARD,
        SIMPLIFIED,
        INVENTED,
        OPTIONAL
    }

    /** How many sayings are kept. */
    public static final int MOST_SAYINGS = 8;

    /** Made up, and never said. */
    public static final Story NEW = new Story(Origin.INVENTED, List.of());

    public Story {
        Objects.requireNonNull(origin);
        said = List.copyOf(said.subList(Math.max(0, said.size() - MOST_SAYINGS), said.size()));
    }

    /** The same with another origin. */
    public Story withOrigin(Origin other) {
        return new Story(other, said);
    }

    /** The same without {@code saying}. */
    public Story without(String saying) {
        return new Story(
                origin, said.stream().filter(each -> !each.equals(saying)).toList());
    }

    /** The same with {@code saying} as the latest; one that was said before moves to the end. */
    public Story withSaid(String saying) {
        var all = new ArrayList<>(said);
        all.remove(saying);
        all.add(saying);
        return new Story(origin, all);
    }
}
