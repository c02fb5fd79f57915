package tactus.core.written.song;

import java.util.Optional;
import tactus.core.ground.name.Slug;
import tactus.core.ground.refusal.Refusal;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;

/** Takes patterns and shapes of one song over into another, where nothing of that one changes. */
public final class Fetch {

    private static final int LONGEST_BASE = 54;
    private static final int LONGEST_LABEL = 16;

    private Fetch() {}

    /**
     * {@code into} with {@code pattern} at the end, under a name that is free; a form of another pattern stands for itself.
     *
     * @throws Refusal if a pattern of {@code into} has the same strokes on the same beats
     */
    public static Song pattern(Song into, Pattern pattern) {
        Optional<Pattern> same = into.patterns().stream()
                .filter(each ->
                        each.frame().equals(pattern.frame()) && each.line().equals(pattern.line()))
                .findFirst();
        if (same.isPresent())
            throw new Refusal("fetch.pattern-there", pattern.name(), same.get().name());
        String base =
                pattern.name().length() > LONGEST_BASE ? pattern.name().substring(0, LONGEST_BASE) : pattern.name();
        String name = Slug.freshName(
                base,
                taken -> into.patterns().stream().anyMatch(each -> each.name().equals(taken)));
        return into.withPattern(pattern.copiedAs(into.freshPatternId(name), name));
    }

    /**
     * {@code into} with the shape of {@code chord}. Where the chord has another shape there, the new one gets a label: its
     * own, or one made of {@code from}.
     *
     * @param from what the song is called that it comes from
     * @throws Refusal if the shape is there already, or is one for another number of strings
     */
    public static Song shape(Song into, Chord chord, String from) {
        String plain = Chord.plainName(chord.name());
        if (!chord.fits(into.facts().tuning())) throw new Refusal("fetch.strings", plain);
        Optional<Chord> same = into.chords().stream()
                .filter(each -> Chord.plainName(each.name()).equals(plain))
                .filter(each -> each.voicing().equals(chord.voicing()))
                .findFirst();
        if (same.isPresent()) throw new Refusal("fetch.shape-there", same.get().name());
        if (into.chord(plain).isEmpty()) return into.withChord(chord.withName(plain));
        String label = Chord.label(chord.name()).orElseGet(() -> label(from));
        String free = Slug.fresh(
                label, taken -> into.chord(plain + Chord.LABELLED + taken).isPresent());
        return into.withChord(chord.withName(plain + Chord.LABELLED + free));
    }

    private static String label(String from) {
        String slug = Slug.fresh(from, _ -> false);
        return slug.length() > LONGEST_LABEL ? slug.substring(0, LONGEST_LABEL).replaceAll("-$", "") : slug;
    }
}
