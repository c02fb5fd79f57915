package tactus.core.patterns.groove;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Division;
import tactus.core.music.time.Grid;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;

/**
 * Which drums are hit where over some beats: {@code (kh)h(sh)h} is half a bar of the usual rock groove in eighths.
 *
 * @param hits for each slot the drums that are hit together; as many as the beats have slots
 */
public record Groove(Meter meter, int beats, Division division, List<Set<Drum>> hits) {

    /** The longest groove, in bars. */
    public static final int MOST_BARS = 4;

    /** @throws Refusal if the beats are outside their range or there are not as many hits as slots */
    public Groove {
        int most = MOST_BARS * meter.beats().size();
        if (beats < 1 || beats > most) {
            throw new Refusal("groove.beats", meter, most, beats);
        }
        int slots = Grid.of(meter, beats, division).size();
        if (hits.size() != slots) {
            throw new Refusal("groove.slots-hits", slots, hits.size());
        }
        hits = hits.stream().map(Set::copyOf).toList();
    }

    /**
     * Reads what is said of the drums: a letter or a word a slot ({@code k h s h}, {@code boom ts chick ts}), {@code -} for
     * none, several at once in brackets. The beats are divided so that all of it comes out even.
     *
     * @throws tactus.core.ground.refusal.NotationException if a word is not known or the hits do not come out even with the beats
     */
    public static Groove parse(String text, Meter meter, int beats, Lexicon lexicon) {
        return new GrooveReader(text, meter, beats, Optional.of(lexicon)).read();
    }

    /**
     * Reads hits as {@link #line} writes them.
     *
     * @throws tactus.core.ground.refusal.NotationException if a sign is not known or the hits do not come out even with the beats
     */
    public static Groove ofLine(String line, Meter meter, int beats) {
        return new GrooveReader(line, meter, beats, Optional.empty()).read();
    }

    /** The slots it is written on. */
    public Grid grid() {
        return Grid.of(meter, beats, division);
    }

    /** When {@code drum} is hit, from the start of the groove. */
    public List<Length> at(Drum drum) {
        var at = new ArrayList<Length>();
        for (Slot slot : grid().slots()) if (hits.get(slot.index()).contains(drum)) at.add(slot.at());
        return at;
    }

    /**
     * A drum that is hit.
     *
     * @param at from where the first round starts; negative in a round before it
     */
    public record Hit(Length at, Drum drum) {

        public Hit {
            Objects.requireNonNull(at);
            Objects.requireNonNull(drum);
        }
    }

    /** What is hit from {@code from} until {@code until} when the groove goes round and round, drum by drum in each round. */
    public List<Hit> hits(Length from, Length until) {
        var hits = new ArrayList<Hit>();
        Length round = grid().length();
        Length start = round.times(from.wholesOf(round));
        for (; start.isLessThan(until); start = start.plus(round)) {
            for (Drum drum : Drum.values()) {
                for (Length in : at(drum)) {
                    Length at = start.plus(in);
                    if (!at.isLessThan(from) && at.isLessThan(until)) hits.add(new Hit(at, drum));
                }
            }
        }
        return hits;
    }

    /** Whether {@code drum} is hit at {@code at} when the groove goes round and round. */
    public boolean isHit(Drum drum, Length at) {
        Length within = at.remainderOver(grid().length());
        return at(drum).contains(within);
    }

    /** The hits as {@link #ofLine} reads them: {@code (kh)h(sh)h}. */
    public String line() {
        return hits.stream().map(Groove::sign).collect(Collectors.joining());
    }

    private static String sign(Set<Drum> drums) {
        String letters = EnumSet.allOf(Drum.class).stream()
                .filter(drums::contains)
                .map(drum -> String.valueOf(drum.letter()))
                .collect(Collectors.joining());
        if (letters.isEmpty()) return "-";
        return letters.length() == 1 ? letters : "(" + letters + ")";
    }
}
