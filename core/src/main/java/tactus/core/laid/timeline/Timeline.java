package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.music.pitch.ConcertPitch;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.music.time.TempoMap;
import tactus.core.written.song.Song;

/**
 * The whole song laid out as it is played, in the version that is shown.
 *
 * @param tempoMap when its positions are reached
 * @param concert what the guitar is tuned to
 * @param bars in order, without gaps
 * @param spans in order; bars that no chord fills have none
 * @param parts what the guitars play
 * @param length the length of all bars
 * @param margin what goes along with the strokes
 */
public record Timeline(
        TempoMap tempoMap,
        ConcertPitch concert,
        List<TimelineBar> bars,
        List<TimelineSpan> spans,
        Parts parts,
        Length length,
        Margin margin) {

    public Timeline {
        Objects.requireNonNull(concert);
        Objects.requireNonNull(length);
        Objects.requireNonNull(margin);
        Objects.requireNonNull(tempoMap);
        bars = Collections.unmodifiableList(bars);
        spans = Collections.unmodifiableList(spans);
        Objects.requireNonNull(parts);
    }

    /** Lays {@code song} out: each entry of the running order, pass by pass. */
    public static Timeline of(Song song) {
        Layout laid = Layout.of(song);
        return new Timeline(
                laid.tempoMap(), laid.concert(), laid.bars(), laid.spans(), laid.parts(), laid.length(), laid.margin());
    }

    /** The strokes of the first guitar, in order of their start. */
    public List<TimelineStroke> strokes() {
        return parts.first();
    }

    /** The same with other strokes of the first guitar, in order of their start. */
    public Timeline withStrokes(List<TimelineStroke> others) {
        return new Timeline(tempoMap, concert, bars, spans, new Parts(others, parts.second()), length, margin);
    }

    /** The song's tempo. */
    public Tempo tempo() {
        return tempoMap.tempo();
    }

    /** When {@code position} is reached, in seconds at the song's tempo, pauses included. */
    public double seconds(Length position) {
        return tempoMap.seconds(position);
    }

    /** How long the song is, in seconds at its tempo. */
    public double seconds() {
        return seconds(length);
    }

    /** The bar that {@code position} lies in. */
    public Optional<TimelineBar> barAt(Length position) {
        if (position.isLessThan(Length.ZERO) || !position.isLessThan(length)) return Optional.empty();
        int low = 0;
        int high = bars.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (position.isLessThan(bars.get(middle).start())) high = middle - 1;
            else low = middle;
        }
        return Optional.of(bars.get(low));
    }

    /** The bar with {@code number}, if there is one; 0 is the pick-up. */
    public Optional<TimelineBar> bar(int number) {
        if (bars.isEmpty()) return Optional.empty();
        int index = number - bars.getFirst().number();
        return index >= 0 && index < bars.size() ? Optional.of(bars.get(index)) : Optional.empty();
    }

    /** Whether a meter begins with {@code bar} that has to be written there: an unusual one, or the usual one again. */
    public boolean startsMeter(TimelineBar bar, Meter usual) {
        if (bar.number() < 1) return false;
        Meter before = bar(bar.number() - 1)
                .filter(other -> other.number() > 0)
                .map(TimelineBar::meter)
                .orElse(usual);
        return !bar.meter().equals(before) || bar.isFirst() && !bar.meter().equals(usual);
    }

    /** The bars of one pass of an entry of the running order, from 0; {@code pass} from 1. */
    public List<TimelineBar> barsOf(int use, int pass) {
        return bars.stream()
                .filter(bar -> bar.use() == use && bar.pass() == pass)
                .toList();
    }

    /** The strokes of the bar with {@code number}. */
    public List<TimelineStroke> strokesIn(int number) {
        int from = firstStrokeOf(number);
        int to = firstStrokeOf(number + 1);
        return strokes().subList(from, to);
    }

    /** The chords that sound in {@code bar}, those that began before it included. */
    public List<TimelineSpan> spansIn(TimelineBar bar) {
        int from = firstSpanAfter(bar.start());
        int to = from;
        while (to < spans.size() && spans.get(to).start().isLessThan(bar.end())) to++;
        return spans.subList(from, to);
    }

    /** What is played in front of {@code span}. */
    public Optional<TimelineSpan> before(TimelineSpan span) {
        int index = firstSpanAfter(span.start());
        return index > 0 ? Optional.of(spans.get(index - 1)) : Optional.empty();
    }

    /** What is sung on a pass, words in front of it included. */
    public List<Margin.SungAt> wordsOf(List<TimelineBar> pass) {
        int first = pass.getFirst().number();
        List<Margin.SungAt> all = margin.words();
        int from = firstWordOf(first);
        int to = from;
        while (to < all.size() && all.get(to).bar() == first) to++;
        return all.subList(from, to);
    }

    /** What is sung in {@code bar}, words that lead to the next pass included. */
    public List<Margin.SungAt> wordsIn(TimelineBar bar) {
        List<Margin.SungAt> all = margin.words();
        int pass = bar.number() - bar.inSection().orElse(0);
        var sung = new ArrayList<Margin.SungAt>();
        for (int i = firstWordOf(pass); i < all.size(); i++) {
            Margin.SungAt word = all.get(i);
            boolean isBefore = word.at().isLessThan(bar.end());
            if (!isBefore && word.bar() > pass) break;
            if (isBefore && !word.at().isLessThan(bar.start())) sung.add(word);
        }
        return sung;
    }

    private int firstWordOf(int bar) {
        int low = 0;
        int high = margin.words().size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (margin.words().get(middle).bar() < bar) low = middle + 1;
            else high = middle;
        }
        return low;
    }

    /** The first span that ends after {@code position}. */
    private int firstSpanAfter(Length position) {
        int low = 0;
        int high = spans.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (position.isLessThan(spans.get(middle).end())) high = middle;
            else low = middle + 1;
        }
        return low;
    }

    private int firstStrokeOf(int bar) {
        int low = 0;
        int high = strokes().size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (strokes().get(middle).bar() < bar) low = middle + 1;
            else high = middle;
        }
        return low;
    }
}
