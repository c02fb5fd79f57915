package tactus.core.reading.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import tactus.core.music.chord.ChordName;
import tactus.core.reading.chart.ChartBar.Beats;
import tactus.core.written.harmony.Chord;

/** A line of chords: names alone, a bar each, or bars between lines with strokes for the beats. */
final class ChordRow {

    private static final Pattern TOKEN = Pattern.compile("\\|+:?|:\\|+|[^\\s|]+");
    private static final Pattern REPEAT = Pattern.compile("\\(?[x×](\\d{1,2})\\)?|(\\d{1,2})[x×]");
    /** What the signs of a chord's name can be; a quick look before it is read, since most words are none. */
    private static final Pattern NAME = Pattern.compile(
            "[A-H][#b\u266F\u266D]?(?:maj|Maj|min|mi|m|M|dim|aug|sus|add|alt|omit|no|\\d|[-+^()#b\u266F\u266D\u00B0\u00F8\u0394,/]|[A-G])*");

    private static final Pattern AROUND = Pattern.compile("^[(\\[]+|(?<![)\\],;*])[)\\],;*]+$");

    private static final String NO_CHORD = "N.C.";

    /**
     * @param column where in the line the first chord of each bar stands
     * @param times how often the line goes round
     */
    record Read(List<ChartBar> bars, List<Integer> columns, int times, boolean hasBarLines) {}

    private final int beats;
    private final Optional<ChartBar> before;
    private final List<ChartBar> bars = new ArrayList<>();
    private final List<Integer> columns = new ArrayList<>();
    private final List<String> inBar = new ArrayList<>();
    private int column;
    private int times = 1;

    private ChordRow(int beats, Optional<ChartBar> before) {
        this.beats = beats;
        this.before = before;
    }

    /**
     * Reads {@code line}; empty if anything in it is no chord and no sign of one.
     *
     * @param beats the felt beats of a bar
     * @param before the bar in front of it, for signs that repeat it
     */
    static Optional<Read> of(String line, int beats, Optional<ChartBar> before) {
        return new ChordRow(beats, before).read(line);
    }

    private Optional<Read> read(String line) {
        boolean lined = line.contains("|");
        Matcher tokens = TOKEN.matcher(line);
        while (tokens.find()) {
            boolean taken = lined ? lined(tokens.group(), tokens.start()) : alone(tokens.group(), tokens.start());
            if (!taken) return Optional.empty();
        }
        if (!inBar.isEmpty()) closeBar();
        boolean hasChord = bars.stream().anyMatch(bar -> !bar.chords().isEmpty());
        return hasChord ? Optional.of(new Read(bars, columns, times, lined)) : Optional.empty();
    }

    private boolean alone(String token, int at) {
        if (repeats(token)) return true;
        if (token.equals("%") || token.equals("-") || token.equals("–")) return addBefore(at);
        Optional<String> chord = chord(token);
        chord.ifPresent(name -> add(new ChartBar(List.of(new Beats(name, beats))), at));
        return chord.isPresent();
    }

    private boolean lined(String token, int at) {
        if (token.contains("|")) {
            if (!inBar.isEmpty()) closeBar();
            if (token.startsWith(":")) times = Math.max(times, 2);
            return true;
        }
        if (inBar.isEmpty() && repeats(token)) return true;
        if (inBar.isEmpty()) column = at;
        if (token.equals("%") || token.matches("[/.\\-–]+")) {
            token.chars().forEach(sign -> inBar.add(Character.toString(sign == '%' ? '%' : '/')));
            return true;
        }
        Optional<String> chord = chord(token);
        chord.ifPresent(inBar::add);
        return chord.isPresent();
    }

    private boolean repeats(String token) {
        Matcher repeat = REPEAT.matcher(token);
        if (!repeat.matches()) return false;
        OptionalInt count = IntStream.of(1, 2)
                .filter(group -> repeat.group(group) != null)
                .map(group -> Integer.parseInt(repeat.group(group)))
                .findFirst();
        times = Math.max(1, count.orElse(1));
        return true;
    }

    /** The name in the form that is kept; signs around it that say nothing of the chord are left. */
    private static Optional<String> chord(String token) {
        String plain = AROUND.matcher(token).replaceAll("");
        if (plain.endsWith(")") || plain.isEmpty()) plain = token;
        if (ChordName.isNoChord(plain)) return Optional.of(NO_CHORD);
        if (plain.length() > Chord.LONGEST_NAME || !NAME.matcher(plain).matches()) return Optional.empty();
        String name = plain;
        return Chord.meaning(name).map(_ -> name);
    }

    private boolean addBefore(int at) {
        Optional<ChartBar> last = bars.isEmpty() ? before : Optional.of(bars.getLast());
        last.ifPresent(bar -> add(new ChartBar(bar.chords()), at));
        return last.isPresent();
    }

    private void add(ChartBar bar, int at) {
        bars.add(bar);
        columns.add(at);
    }

    private void closeBar() {
        boolean repeated = inBar.contains("%") || inBar.stream().allMatch("/"::equals);
        if (!repeated) add(new ChartBar(shared()), column);
        else addBefore(column);
        inBar.clear();
    }

    /** Strokes are beats; without any the chords share the bar, the first ones taking what is left over. */
    private List<Beats> shared() {
        var chords = new ArrayList<Beats>();
        boolean stroked = inBar.contains("/");
        long names = inBar.stream().filter(token -> !token.equals("/")).count();
        for (String token : inBar) {
            if (!token.equals("/")) chords.add(new Beats(token, 1));
            else if (!chords.isEmpty()) {
                Beats last = chords.removeLast();
                chords.add(new Beats(last.chord(), last.beats() + 1));
            }
        }
        return stroked && total(chords) == beats ? chords : spread(chords, names);
    }

    private static int total(List<Beats> chords) {
        return chords.stream().mapToInt(Beats::beats).sum();
    }

    private List<Beats> spread(List<Beats> chords, long names) {
        var spread = new ArrayList<Beats>();
        int count = (int) Math.min(names, beats);
        for (int i = 0; i < count; i++) {
            int share = beats / count + (i < beats % count ? 1 : 0);
            spread.add(new Beats(chords.get(i).chord(), share));
        }
        return spread;
    }
}
