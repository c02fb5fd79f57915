package tactus.core.reading.chart;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.name.Slug;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Cue;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.Use;
import tactus.core.written.section.WordLine;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;

/** A song made of a chord text. */
public final class ChartSong {

    private static final int LONGEST_CUE = 60;

    private final String unnamed;
    private final Meter meter;
    private final Map<String, Section> byName = new LinkedHashMap<>();
    private final List<Section> sections = new ArrayList<>();
    private final List<Use> uses = new ArrayList<>();
    private Song song;

    private ChartSong(Chart chart, Song base, String unnamed) {
        this.unnamed = unnamed;
        meter = chart.meter().orElse(base.facts().meter());
        song = base.withFacts(facts(chart, base.facts()));
    }

    /**
     * Puts what {@code chart} says into {@code base}: its facts where it names them, its parts in place of the sections. A
     * part that comes again with the same chords is the same section.
     *
     * @param unnamed what a part without a heading is called
     */
    public static Song of(Chart chart, Song base, String unnamed) {
        Objects.requireNonNull(unnamed);
        var made = new ChartSong(chart, base, unnamed);
        chart.parts().forEach(made::add);
        return made.song.withUses(List.of()).withSections(made.sections).withUses(made.uses);
    }

    private Facts facts(Chart chart, Facts facts) {
        Facts known = facts.withMeter(meter);
        if (chart.title().isPresent()) known = known.withTitle(chart.title().get());
        if (chart.capo().isPresent())
            known = known.withInstrument(
                    known.instrument().withCapo(chart.capo().getAsInt()));
        Optional<Key> key = chart.key().or(() -> sounding(chart));
        if (key.isPresent()) known = known.withKey(key.get());
        boolean other = !facts.meter().equals(meter);
        if (chart.perMinute().isPresent())
            return known.withTempo(Tempo.of(chart.perMinute().getAsInt(), meter));
        return other ? known.withTempo(Tempo.of(known.tempo().perMinute(), meter)) : known;
    }

    /** The key that the chords are in, as it sounds with the capo. */
    private static Optional<Key> sounding(Chart chart) {
        List<String> chords = chart.parts().stream()
                .flatMap(part -> part.bars().stream())
                .flatMap(bar -> bar.chords().stream())
                .map(ChartBar.Beats::chord)
                .toList();
        return KeyGuess.of(chords).map(key -> key.plus(chart.capo().orElse(0)));
    }

    private void add(ChartPart part) {
        if (uses.size() == Song.LONGEST_ORDER && part.bars().isEmpty()) return;
        String name = part.name().isEmpty() ? unnamed : part.name();
        Optional<Section> known = Optional.ofNullable(byName.get(name));
        if (part.bars().isEmpty()) {
            known.or(() -> Optional.ofNullable(byName.get(bare(name))))
                    .ifPresentOrElse(section -> use(section, part, name), () -> use(make(name, part), part, name));
            return;
        }
        Optional<Section> same = sections.stream()
                .filter(section -> bare(section.name()).equals(bare(name)) && isPlayedLike(section, part))
                .findFirst();
        use(same.orElseGet(() -> make(name, part)), part, name);
    }

    /** {@code Verse 2} is a {@code Verse}. */
    private static String bare(String name) {
        return name.replaceFirst("\\s*\\d{1,2}[a-z]?$", "");
    }

    private boolean isPlayedLike(Section section, ChartPart part) {
        return section.bars().size() == part.bars().size() && section.spans().equals(spans(part.bars()));
    }

    private Section make(String name, ChartPart part) {
        boolean isNumbered = !bare(name).equals(name)
                && !byName.containsKey(bare(name))
                && !bare(name).isBlank();
        String wanted = isNumbered ? bare(name) : name;
        String fresh = Slug.freshName(
                wanted,
                other -> sections.stream().anyMatch(section -> section.name().equals(other)));
        Song with = song.withSections(sections);
        int count = Math.max(1, Math.max(part.bars().size(), part.words().size()));
        var section = new Section(
                with.freshSectionId(fresh), fresh, Collections.nCopies(count, meter), spans(part.bars()), part.times());
        section =
                ChartWords.of(part, section.barLines()).map(section::withWords).orElse(section.withCues(cues(part)));
        sections.add(section);
        byName.put(name, section);
        byName.putIfAbsent(fresh, section);
        return section;
    }

    private void use(Section section, ChartPart part, String name) {
        byName.putIfAbsent(name, section);
        if (uses.size() == Song.LONGEST_ORDER) return;
        Use use = Use.of(uses.size() + 1, section.id());
        boolean again = section.passes() != part.times();
        if (again) use = use.plus(Except.runs(part.times()));
        List<WordLine> words = ChartWords.of(part, section.barLines()).orElse(List.of());
        boolean other = !words.isEmpty() && !words.equals(section.words());
        uses.add(other ? use.plus(Except.always(new Except.OtherWords(words))) : use);
    }

    /** Chords that go on are one span. */
    private List<Span> spans(List<ChartBar> bars) {
        var lines = new BarLines(Collections.nCopies(Math.max(1, bars.size()), meter));
        var spans = new ArrayList<Span>();
        for (int bar = 0; bar < bars.size(); bar++) {
            Length from = lines.start(bar);
            for (ChartBar.Beats chord : bars.get(bar).chords()) {
                Length to = lines.afterBeats(from, Length.of(chord.beats()));
                spans.add(new Span(chord.chord(), SpanLength.between(lines, from, to)));
                from = to;
            }
        }
        return spans;
    }

    /** Words that are too many to be sung in their bars. */
    private static List<Cue> cues(ChartPart part) {
        List<String> bars = part.bars().isEmpty()
                ? part.words()
                : part.bars().stream().map(ChartBar::words).toList();
        var cues = new ArrayList<Cue>();
        for (int bar = 0; bar < bars.size(); bar++) {
            String words = bars.get(bar);
            if (words.isEmpty()) continue;
            String shown = words.length() <= LONGEST_CUE ? words : words.substring(0, LONGEST_CUE - 1) + "…";
            cues.add(new Cue(bar + 1, 1, PassChoice.EVERY, shown));
        }
        return cues;
    }
}
