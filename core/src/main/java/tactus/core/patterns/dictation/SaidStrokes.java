package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Role;

/** The strokes and counts that were said so far, in phrases that a comma ends; they can be taken back or said again. */
final class SaidStrokes {

    private final List<SpokenStroke> strokes = new ArrayList<>();
    private final List<SpokenCount> counts = new ArrayList<>();
    private int phraseStart;
    private int phraseBefore;
    private int next = 1;
    private boolean isSpread;
    /** Where the strokes begin that take the place of the last ones said again; empty if none do. */
    private Optional<Integer> instead = Optional.empty();

    List<SpokenStroke> strokes() {
        return strokes;
    }

    List<SpokenCount> counts() {
        return counts;
    }

    boolean isEmpty() {
        return strokes.isEmpty();
    }

    /** Whether every stroke is plucked. */
    boolean isPicked() {
        return strokes.stream().allMatch(stroke -> stroke.form() instanceof Pluck);
    }

    /** Whether the index, middle or ring finger was named. */
    boolean isByFingers() {
        return strokes.stream()
                .flatMap(stroke -> stroke.form() instanceof Pluck pluck ? pluck.picks().stream() : Stream.empty())
                .anyMatch(pick -> pick instanceof Pick.ByRole(Role role)
                        && role != Role.ROOT_BASS
                        && role != Role.ALTERNATE_BASS);
    }

    int size() {
        return strokes.size();
    }

    SpokenStroke last() {
        return strokes.getLast();
    }

    void add(SpokenStroke stroke) {
        strokes.add(stroke);
    }

    void replaceLast(SpokenStroke stroke) {
        strokes.set(strokes.size() - 1, stroke);
    }

    void count(String said, int index) {
        if (instead.isEmpty()) counts.add(new SpokenCount(said, index, strokes.size(), false));
    }

    /**
     * A count said behind {@code on}: each number of {@code mute on 2 and 4} has a stroke of its own, and an "and" between
     * two numbers joins them.
     */
    void countOn(String said, int index) {
        boolean more = Character.isDigit(said.charAt(0))
                && counts.stream().anyMatch(count -> count.stroke() == strokes.size() && count.isNumber());
        if (more) {
            if (counts.getLast().said().equals("&")) counts.removeLast();
            strokes.add(strokes.getLast());
            isSpread = true;
        }
        count(said, index);
    }

    /** Whether just one stroke was said since the comma or the count before. */
    boolean isOneAlone() {
        int counted = counts.isEmpty() ? 0 : counts.getLast().stroke();
        return strokes.size() - Math.max(phraseStart, Math.min(counted, strokes.size())) == 1;
    }

    /** Whether strokes came more than once since several counts were said for them, so that they may stand in any order. */
    boolean isSpread() {
        return isSpread;
    }

    /** Whether nothing was said since the comma. */
    boolean isAtPhrase() {
        return phraseStart == strokes.size();
    }

    /** What is said until the next comma comes {@code times} times in all. */
    void repeatNext(int times) {
        next = times;
    }

    /** Takes back the number right before {@code index}, which is that of a word that says nothing; where it stood. */
    Optional<Integer> takeNumberBefore(String text, int index, SpokenWords words) {
        int from = counts.isEmpty() ? -1 : counts.getLast().index();
        boolean isCount =
                from >= 0 && counts.getLast().stroke() == strokes.size() && isNumber(text, from, index, words);
        if (isCount) {
            counts.removeLast();
            return Optional.of(from);
        }
        boolean isStroke = !strokes.isEmpty() && isNumber(text, last().index(), index, words);
        return isStroke ? Optional.of(strokes.removeLast().index()) : Optional.empty();
    }

    private static boolean isNumber(String text, int from, int to, SpokenWords words) {
        if (from >= to || !Character.isWhitespace(text.charAt(to - 1))) return false;
        String word = text.substring(from, to).strip().toLowerCase(Locale.ROOT);
        return !word.isEmpty()
                && words.numbered(word).filter(each -> each.matches("\\d+")).isPresent();
    }

    void endPhrase() {
        if (next > 1 && phraseStart < strokes.size()) {
            int times = next;
            next = 1;
            repeat(times);
            return;
        }
        if (phraseStart == strokes.size()) return;
        phraseBefore = phraseStart;
        phraseStart = strokes.size();
    }

    /** What was said since the comma before is taken back: {@code down down, no, down up}. */
    void takeBack() {
        int from = phraseStart == strokes.size() ? phraseBefore : phraseStart;
        shorten(from);
        phraseStart = from;
        phraseBefore = from;
    }

    /** Says the phrase {@code times} times in all: that since the comma; behind a comma everything. */
    void repeat(int times) {
        int from = phraseStart == strokes.size() ? 0 : phraseStart;
        int whole = strokes.size();
        for (int more = 1; more < times && strokes.size() <= Dictation.MOST_STROKES; more++) copy(from, whole);
        endPhrase();
    }

    private void copy(int from, int to) {
        int moved = strokes.size() - from;
        counts.addAll(counts.stream()
                .filter(count -> count.stroke() >= from && count.stroke() <= to && (count.stroke() < to || from == 0))
                .map(count -> new SpokenCount(count.said(), count.index(), count.stroke() + moved, count.isBracketed()))
                .toList());
        strokes.addAll(List.copyOf(strokes.subList(from, to)));
    }

    /** Says everything again. */
    void again() {
        copy(0, strokes.size());
        phraseStart = strokes.size();
    }

    /** The strokes that follow take the place of the last ones. */
    void but() {
        instead = Optional.of(strokes.size());
    }

    /** Says everything again; the strokes that follow take the place of its last ones. */
    void againBut() {
        again();
        but();
    }

    void withoutLast() {
        shorten(strokes.size() - 1);
    }

    private void shorten(int size) {
        strokes.subList(size, strokes.size()).clear();
        counts.removeIf(count -> count.stroke() > size);
        phraseStart = Math.min(phraseStart, size);
        phraseBefore = Math.min(phraseBefore, phraseStart);
        instead = instead.map(from -> Math.min(from, size));
    }

    /** Puts what was said behind {@code same again but} where it belongs. */
    void settle() {
        instead.ifPresent(from -> {
            int others = Math.min(strokes.size() - from, from);
            for (int i = 0; i < others; i++) {
                SpokenStroke before = strokes.get(from - others + i);
                strokes.set(from + i, strokes.get(from + i).insteadOf(before));
            }
            if (others > 0) strokes.subList(from - others, from).clear();
        });
        instead = Optional.empty();
    }
}
