package tactus.app.place;

import java.util.List;
import java.util.Objects;

/**
 * A column of the menu bar.
 *
 * @param id what it is called in the code and in the words: {@code pattern}
 * @param groups ids of commands, with a line between group and group
 */
public record MenuColumn(String id, List<List<String>> groups) {

    public MenuColumn {
        Objects.requireNonNull(id);
        groups = groups.stream().map(List::copyOf).toList();
    }
}
