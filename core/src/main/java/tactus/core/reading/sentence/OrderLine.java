package tactus.core.reading.sentence;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.Meter;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;
import tactus.core.written.song.Song;

/**
 * A running order as a line: {@code Intro, (Verse, Chorus) x2, Bridge, Chorus x3}. {@code x2} plays a section, or a group
 * in brackets, twice; every time is an entry of its own. Names are those of the song's sections, whatever the case, or
 * those that an entry has of its own.
 */
public final class OrderLine {

    private static final Pattern TIMES = Pattern.compile("(?<!\\s)\\s*[x×X]\\s*(\\d{1,6})(?![\\w])");
    private static final Pattern SPACE = Pattern.compile("[\\s]+");
    /** The longest text that is read, in characters. */
    private static final int LONGEST = 20_000;

    private static final int DEEPEST = 20;
    private static final int MOST_MADE = 40;
    private static final int BARS_OF_A_NEW_ONE = 4;

    /** What one entry is called and plays. */
    private record Named(String text, SectionId section, Optional<String> own) {}

    private final Song song;
    private final List<Named> names;

    public OrderLine(Song song) {
        this.song = song;
        names = Stream.concat(
                        song.uses().stream()
                                .filter(use -> use.name().isPresent())
                                .map(use -> new Named(use.name().get(), use.section(), use.name())),
                        song.sections().stream().flatMap(OrderLine::named))
                .distinct()
                .sorted(Comparator.comparingInt((Named named) -> named.text().length())
                        .reversed())
                .toList();
    }

    private static Stream<Named> named(Section section) {
        return Stream.concat(Stream.of(section.name()), section.aliases().stream())
                .map(name -> new Named(name, section.id(), Optional.empty()));
    }

    /** The running order of the song as a line that can be read again. */
    public String text() {
        List<String> entries = song.uses().stream().map(song::nameOf).toList();
        return String.join(", ", folded(entries));
    }

    /** What comes several times in a row is written once, the longest stretch first. */
    private static List<String> folded(List<String> entries) {
        var parts = new ArrayList<String>();
        int at = 0;
        while (at < entries.size()) {
            int bestSize = 1;
            int bestTimes = 1;
            for (int size = 1; at + 2 * size <= entries.size(); size++) {
                int times = times(entries, at, size);
                if (times > 1 && times * size > bestTimes * bestSize) {
                    bestSize = size;
                    bestTimes = times;
                }
            }
            List<String> once = folded(entries.subList(at, at + bestSize), bestTimes);
            String text = String.join(", ", once);
            String grouped = bestSize > 1 && bestTimes > 1 ? "(" + text + ")" : text;
            parts.add(bestTimes > 1 ? grouped + " x" + bestTimes : grouped);
            at += bestSize * bestTimes;
        }
        return parts;
    }

    private static List<String> folded(List<String> entries, int times) {
        return times > 1 && entries.size() > 1 ? folded(entries) : entries;
    }

    private static int times(List<String> entries, int from, int size) {
        List<String> first = entries.subList(from, from + size);
        int times = 1;
        while (from + (times + 1) * size <= entries.size()
                && entries.subList(from + times * size, from + (times + 1) * size)
                        .equals(first)) times++;
        return times;
    }

    /**
     * The song with the running order that {@code text} says; where it has no section yet, the names become sections of
     * four bars.
     *
     * @throws NotationException as {@link #read}
     */
    public static Song of(Song song, String text) {
        if (text.length() > LONGEST) throw new NotationException("order-line.too-many-letters", text, LONGEST, LONGEST);
        return new OrderLine(song.sections().isEmpty() ? withSections(song, text) : song).read(text);
    }

    private static Song withSections(Song song, String text) {
        Song named = song;
        for (String part : text.split("[,;()\\n]")) {
            String name = TIMES.matcher(part).replaceFirst("").strip();
            boolean known = named.sections().stream().anyMatch(section -> section.isCalled(name));
            if (name.isEmpty() || known || named.sections().size() >= MOST_MADE) continue;
            List<Meter> bars =
                    Collections.nCopies(BARS_OF_A_NEW_ONE, song.facts().meter());
            named = named.withSection(new Section(named.freshSectionId(name), name, bars, List.of(), 1));
        }
        return named;
    }

    /**
     * The song with the running order that {@code text} says. Entries that are there already keep what is other in them,
     * wherever they stand now.
     *
     * @throws NotationException if a name is none of the song's sections, a bracket is missing, or it becomes too long
     */
    public Song read(String text) {
        return song.withUses(kept(new Reading(text).whole()));
    }

    /** Entries that stay in their order are known first, then those that were moved. */
    private List<Use> kept(List<Named> wanted) {
        List<Use> old = song.uses();
        var taken = new Use[wanted.size()];
        var free = new ArrayList<>(old);
        int[][] common = common(old, wanted);
        int i = 0;
        int j = 0;
        while (i < old.size() && j < wanted.size()) {
            if (isSame(old.get(i), wanted.get(j))) {
                taken[j] = old.get(i);
                free.remove(old.get(i));
                i++;
                j++;
            } else if (common[i + 1][j] >= common[i][j + 1]) i++;
            else j++;
        }
        int fresh = song.freshUseId();
        var uses = new ArrayList<Use>();
        for (int each = 0; each < taken.length; each++) {
            Named named = wanted.get(each);
            if (taken[each] == null) {
                Optional<Use> moved =
                        free.stream().filter(use -> isSame(use, named)).findFirst();
                moved.ifPresent(free::remove);
                taken[each] = moved.isPresent()
                        ? moved.get()
                        : Use.of(fresh++, named.section()).withName(named.own());
            }
            uses.add(taken[each]);
        }
        return uses;
    }

    private static boolean isSame(Use use, Named named) {
        return use.section().equals(named.section()) && use.name().equals(named.own());
    }

    /** How many entries two ends of the orders have in common, in order. */
    private static int[][] common(List<Use> old, List<Named> wanted) {
        int[][] common = new int[old.size() + 1][wanted.size() + 1];
        for (int i = old.size() - 1; i >= 0; i--) {
            for (int j = wanted.size() - 1; j >= 0; j--) {
                common[i][j] = isSame(old.get(i), wanted.get(j))
                        ? common[i + 1][j + 1] + 1
                        : Math.max(common[i + 1][j], common[i][j + 1]);
            }
        }
        return common;
    }

    /** One reading of a line, from left to right. */
    private final class Reading {

        private final String text;
        private int at;

        Reading(String text) {
            this.text = Objects.requireNonNull(text);
        }

        List<Named> whole() {
            List<Named> all = list(0);
            if (at < text.length()) throw wrong("order-line.closes-bracket", at);
            return all;
        }

        private List<Named> list(int depth) {
            var all = new ArrayList<Named>();
            skip();
            while (at < text.length() && text.charAt(at) != ')') {
                int from = at;
                List<Named> item = times(item(depth));
                if (all.size() + item.size() > Song.LONGEST_ORDER)
                    throw wrong("order-line.too-long", from, Song.LONGEST_ORDER);
                all.addAll(item);
                skip();
            }
            return all;
        }

        private List<Named> item(int depth) {
            if (text.charAt(at) != '(') return List.of(name());
            int open = at++;
            if (depth == DEEPEST) throw wrong("order-line.too-deep", open);
            List<Named> inside = list(depth + 1);
            if (at == text.length()) throw wrong("order-line.bracket-open", open);
            at++;
            return inside;
        }

        private Named name() {
            String rest = text.substring(at);
            for (Named named : names) {
                boolean begins = rest.regionMatches(
                        true, 0, named.text(), 0, named.text().length());
                if (!begins || !ends(at + named.text().length())) continue;
                at += named.text().length();
                return named;
            }
            throw unknown(rest);
        }

        /** Whether a name may end there, so that {@code Verse} is not found in {@code Verses}. */
        private boolean ends(int index) {
            return index == text.length()
                    || ",;)\n".indexOf(text.charAt(index)) >= 0
                    || SPACE.matcher(text).region(index, text.length()).lookingAt() && (isEnd(index) || isTimes(index));
        }

        private boolean isEnd(int index) {
            String rest = text.substring(index).strip();
            return rest.isEmpty() || ",;)".indexOf(rest.charAt(0)) >= 0 || startsLine(index);
        }

        private boolean startsLine(int index) {
            Matcher space = SPACE.matcher(text).region(index, text.length());
            return space.lookingAt() && space.group().indexOf('\n') >= 0;
        }

        private boolean isTimes(int index) {
            return TIMES.matcher(text).region(index, text.length()).lookingAt();
        }

        private NotationException unknown(String rest) {
            String word = rest.split("[,;)\\n]", 2)[0].strip();
            String shown = word.length() <= 40 ? word : word.substring(0, 39) + "…";
            List<String> known =
                    song.sections().stream().limit(8).map(Section::name).toList();
            return known.isEmpty()
                    ? wrong("order-line.no-sections", at, shown)
                    : wrong("order-line.unknown", at, shown, known);
        }

        private List<Named> times(List<Named> item) {
            Matcher times = TIMES.matcher(text).region(at, text.length());
            if (!times.lookingAt()) return item;
            long count = Long.parseLong(times.group(1));
            if (count < 1 || count * Math.max(1, item.size()) > Song.LONGEST_ORDER)
                throw wrong(
                        "order-line.too-often",
                        times.start(1),
                        times.group(1).toLowerCase(Locale.ROOT),
                        Song.LONGEST_ORDER);
            at = times.end();
            var all = new ArrayList<Named>();
            for (int i = 0; i < count; i++) all.addAll(item);
            return all;
        }

        private void skip() {
            while (at < text.length()
                    && (Character.isWhitespace(text.charAt(at)) || ",;".indexOf(text.charAt(at)) >= 0)) at++;
        }

        private NotationException wrong(String code, int index, Object... values) {
            return new NotationException(code, text, index, values);
        }
    }
}
