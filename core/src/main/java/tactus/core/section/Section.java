package tactus.core.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.harmony.Span;
import tactus.core.pattern.PatternId;
import tactus.core.refusal.Refusal;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Meter;

/**
 * A part of a song: bars and the chords over them. What is played there is said by the song's rules.
 *
 * @param name what a person reads, 1 to 60 characters
 * @param aliases what else it is called: an interlude may be the break, and is one thing
 * @param bars the meter of each bar, 1 to 10,000 of them
 * @param spans the chords in order, from the first bar on; they may leave bars empty or spill over, which is a snag
 * @param passes how often the section goes round each time it is used, 1 to 99
 * @param tag a section whose bars follow those of the last pass
 * @param voice where somebody sings
 * @param cues words at a beat
 * @param second figures of a second guitar, one after another from the first bar on, going round
 */
public record Section(
        SectionId id,
        String name,
        List<String> aliases,
        List<Meter> bars,
        List<Span> spans,
        int passes,
        Optional<SectionId> tag,
        List<Stretch> voice,
        List<Cue> cues,
        List<PatternId> second) {

    public static final int MOST_BARS = 10_000;
    public static final int MOST_PASSES = 99;

    /** @throws Refusal if a name, the bars or the passes are outside their range */
    public Section {
        Objects.requireNonNull(id);
        Objects.requireNonNull(tag);
        name = checkedName(name);
        aliases = aliases.stream().map(Section::checkedName).distinct().toList();
        bars = List.copyOf(bars);
        spans = List.copyOf(spans);
        voice = List.copyOf(voice);
        cues = List.copyOf(cues);
        second = List.copyOf(second);
        if (bars.isEmpty() || bars.size() > MOST_BARS) {
            throw new Refusal("section.bars", bars.size());
        }
        checkPasses(passes);
    }

    /** A section with nothing but its bars and chords. */
    public Section(SectionId id, String name, List<Meter> bars, List<Span> spans, int passes) {
        this(id, name, List.of(), bars, spans, passes, Optional.empty(), List.of(), List.of(), List.of());
    }

    private static String checkedName(String name) {
        String plain = name.strip();
        if (plain.isEmpty() || plain.length() > 60) {
            throw new Refusal("section.name-characters", plain.length());
        }
        return plain;
    }

    static void checkPasses(int passes) {
        if (passes < 1 || passes > MOST_PASSES) {
            throw new Refusal("section.goes-round", passes);
        }
    }

    public BarLines barLines() {
        return new BarLines(bars);
    }

    /**
     * Where each span starts, counted from the start of the section, and behind them where the last one ends.
     *
     * @param round how long one round is, for spans that are counted in rounds
     */
    public List<Length> edges(Length round) {
        BarLines lines = barLines();
        var edges = new ArrayList<Length>();
        edges.add(Length.ZERO);
        for (Span span : spans) edges.add(span.length().end(lines, edges.getLast(), round));
        return edges;
    }

    /** Whether it is called {@code wanted}, by its name or another one, whatever the case. */
    public boolean isCalled(String wanted) {
        return name.equalsIgnoreCase(wanted) || aliases.stream().anyMatch(wanted::equalsIgnoreCase);
    }

    public Section withName(String other) {
        return new Section(id, other, aliases, bars, spans, passes, tag, voice, cues, second);
    }

    public Section withAliases(List<String> others) {
        return new Section(id, name, others, bars, spans, passes, tag, voice, cues, second);
    }

    public Section withBars(List<Meter> others) {
        return new Section(id, name, aliases, others, spans, passes, tag, voice, cues, second);
    }

    public Section withSpans(List<Span> others) {
        return new Section(id, name, aliases, bars, others, passes, tag, voice, cues, second);
    }

    /** Puts {@code span} at {@code index} in place of the one that is there. */
    public Section withSpan(int index, Span span) {
        var others = new ArrayList<>(spans);
        others.set(index, span);
        return withSpans(others);
    }

    public Section withPasses(int other) {
        return new Section(id, name, aliases, bars, spans, other, tag, voice, cues, second);
    }

    public Section withTag(Optional<SectionId> other) {
        return new Section(id, name, aliases, bars, spans, passes, other, voice, cues, second);
    }

    public Section withVoice(List<Stretch> others) {
        return new Section(id, name, aliases, bars, spans, passes, tag, others, cues, second);
    }

    public Section withCues(List<Cue> others) {
        return new Section(id, name, aliases, bars, spans, passes, tag, voice, others, second);
    }

    public Section withSecond(List<PatternId> others) {
        return new Section(id, name, aliases, bars, spans, passes, tag, voice, cues, others);
    }

    /** Returns the same section under another id and name. */
    public Section copiedAs(SectionId otherId, String otherName) {
        return new Section(otherId, otherName, List.of(), bars, spans, passes, tag, voice, cues, second);
    }
}
