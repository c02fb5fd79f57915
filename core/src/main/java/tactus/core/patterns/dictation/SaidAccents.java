package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.List;

/** Counts that are said to be accented, apart from the strokes: {@code accent on 2 and 4}, {@code accent on the and of 3}. */
final class SaidAccents {

    private static final String AND = "&";

    private final List<String> settled = new ArrayList<>();
    private final List<SpokenCount> open = new ArrayList<>();
    private final List<String> counts = new ArrayList<>();
    private boolean isAndOpen;

    /** An "and" between two numbers joins them, behind the last one it is its count. */
    void count(SpokenCount count) {
        open.add(count);
        String said = count.said().replace(" ", "");
        boolean isAnd = said.equals(AND);
        if (isAnd && isAndOpen) join(AND);
        else if (isAnd && !counts.isEmpty()) isAndOpen = true;
        else if (count.isNumber() || counts.isEmpty()) {
            isAndOpen = false;
            counts.add(said);
        } else {
            join(said);
        }
    }

    private void join(String syllable) {
        String last = counts.removeLast();
        counts.add(last.matches("\\d+") ? last + syllable : last);
    }

    /** What was said so far is meant. */
    void settle() {
        if (isAndOpen) join(AND);
        settled.addAll(counts);
        clear();
    }

    /** What was said since, as counts of strokes after all: {@code accent 1 down}. */
    List<SpokenCount> taken() {
        var taken = List.copyOf(open);
        clear();
        return taken;
    }

    private void clear() {
        open.clear();
        counts.clear();
        isAndOpen = false;
    }

    boolean isOpen() {
        return !open.isEmpty();
    }

    /** The counts as {@code 2}, {@code 3&}, or {@code &} for every one of them. */
    List<String> settled() {
        return settled;
    }
}
