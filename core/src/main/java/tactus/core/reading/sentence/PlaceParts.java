package tactus.core.reading.sentence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.language.Lexicon;

/**
 * A text between two commas divided into the parts of a place: {@code last bar of the Verse} is two, {@code in the Verse} one with
 * words in front of it. Parts are looked for only where one ended and have a bounded number of words, so that it takes as long as
 * there are words.
 */
final class PlaceParts {

    /** What is longer is not said in one breath, and is taken as one part. */
    static final int LONGEST_TALK = 400;

    private static final Pattern WORD = Pattern.compile("\\S+");

    /**
     * A part and where it stands in the sentence.
     *
     * @param at the index of its first letter
     */
    record Said(String text, int at) {}

    private final Said whole;
    private final Lexicon lexicon;
    private final WhereReader where;
    private final List<Said> words = new ArrayList<>();
    /** By the index of its first word, how what is left is divided. */
    private final Map<Integer, Optional<List<Said>>> rests = new HashMap<>();

    PlaceParts(Said whole, Lexicon lexicon, WhereReader where) {
        this.whole = whole;
        this.lexicon = lexicon;
        this.where = where;
        Matcher found = WORD.matcher(whole.text);
        while (whole.text.length() <= LONGEST_TALK && found.find())
            words.add(new Said(found.group(), whole.at + found.start()));
    }

    /** The parts; the whole text where it cannot be divided. */
    List<Said> parts() {
        return (words.isEmpty() ? Optional.<List<Said>>empty() : rest(0)).orElse(List.of(whole));
    }

    /** Behind which words of it a place could end, as indices in the sentence, in order. */
    Set<Integer> ends() {
        var ends = new TreeSet<Integer>();
        var starts = new TreeSet<>(List.of(0));
        while (!starts.isEmpty()) {
            int start = starts.pollFirst();
            for (int first : List.of(start, bare(start)))
                for (int next : nexts(first)) {
                    if (ends.add(end(next)) && next < words.size()) starts.add(next);
                }
        }
        return ends;
    }

    private int end(int next) {
        Said last = words.get(next - 1);
        return last.at + last.text.length();
    }

    /** The first words behind each part that begins with the word {@code first}, the shortest first. */
    private List<Integer> nexts(int first) {
        var nexts = new ArrayList<Integer>();
        int most = Math.min(words.size(), first + where.longest());
        for (int next = first + 1; next <= most; next++) if (where.isRead(said(first, next).text)) nexts.add(next);
        return nexts;
    }

    private Said said(int first, int next) {
        int from = words.get(first).at - whole.at;
        return new Said(whole.text.substring(from, end(next) - whole.at), words.get(first).at);
    }

    /** The word behind those at {@code first} that only join it to others. */
    private int bare(int first) {
        if (first >= words.size()) return first;
        String rest = said(first, Math.min(words.size(), first + where.longest())).text;
        int left = lexicon.read("rule.in", rest)
                .map(holes -> rest.length() - holes.getFirst().length())
                .orElse(0);
        int bare = first;
        while (bare < words.size() && words.get(bare).at < words.get(first).at + left) bare++;
        return bare;
    }

    private Optional<List<Said>> rest(int first) {
        Optional<List<Said>> known = rests.get(first);
        if (known != null) return known;
        int bare = bare(first);
        Optional<List<Said>> divided = whole(first)
                .or(() -> whole(bare))
                .or(() -> inTwo(first))
                .or(() -> bare == first ? Optional.empty() : inTwo(bare));
        rests.put(first, divided);
        return divided;
    }

    private Optional<List<Said>> whole(int first) {
        boolean isShort = first < words.size() && words.size() - first <= where.longest();
        return isShort && where.isRead(said(first, words.size()).text)
                ? Optional.of(List.of(said(first, words.size())))
                : Optional.empty();
    }

    private Optional<List<Said>> inTwo(int first) {
        for (int next : nexts(first)) {
            if (next == words.size()) continue;
            Optional<List<Said>> tail = rest(next);
            if (tail.isEmpty()) continue;
            var all = new ArrayList<>(List.of(said(first, next)));
            all.addAll(tail.get());
            return Optional.of(all);
        }
        return Optional.empty();
    }
}
