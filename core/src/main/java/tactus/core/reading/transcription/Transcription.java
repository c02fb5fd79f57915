package tactus.core.reading.transcription;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.FitChoice;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.Use;
import tactus.core.written.song.Arrangement;
import tactus.core.written.song.Materials;
import tactus.core.written.song.Song;

/**
 * Finds the rounds in music that was read: parts with the same chords are one section, bars with the same strokes one pattern,
 * what most bars of a section play is its rule, and what is other in all entries or in one is a rule for these bars.
 *
 * @param song with what was found
 * @param left what could not be taken, or was put on the nearest slot
 */
public record Transcription(Song song, List<Statement> left) {

    public Transcription {
        Objects.requireNonNull(song);
        left = List.copyOf(left);
    }

    /**
     * The song that {@code music} is.
     *
     * @param naming what is called how where the music says nothing
     */
    public static Transcription of(ReadMusic music, Naming naming) {
        return new Finding(music, naming).found();
    }

    /** Names for what has none. */
    public interface Naming {

        /** A section with a number, from 1. */
        String section(int number);

        /** A pattern with a number, from 1. */
        String pattern(int number);
    }

    /** What a bar plays: a pattern, or nothing. */
    private record Played(Optional<PatternId> pattern) {

        Play play(boolean carries) {
            if (pattern.isEmpty()) return Play.of(What.Event.SILENCE);
            Play play = Play.pattern(pattern.get());
            return carries ? play.with(FitChoice.CARRY) : play;
        }
    }

    private static final class Finding {

        private static final String NO_CHORD = "N.C.";

        private final ReadMusic music;
        private final Naming naming;
        private final Rhythms rhythms;
        private final Map<SectionId, Section> sections = new LinkedHashMap<>();
        private final Map<SectionId, List<List<Played>>> played = new LinkedHashMap<>();
        private final Map<List<Object>, SectionId> known = new HashMap<>();
        private final List<Use> uses = new ArrayList<>();
        private final List<Integer> rounds = new ArrayList<>();
        private final List<Rule> rules = new ArrayList<>();
        private String sounding = NO_CHORD;

        Finding(ReadMusic read, Naming naming) {
            this.naming = naming;
            Fingered fingered = Fingered.of(read);
            music = fingered.music();
            rhythms = new Rhythms(naming::pattern, music.feel(), fingered.hand());
        }

        Transcription found() {
            music.parts().forEach(this::addPart);
            sections.keySet().forEach(this::addRules);
            var left = new ArrayList<>(music.left());
            if (rhythms.hasRounded()) left.add(Statement.of("import.rounded"));
            var shapes = new LinkedHashMap<String, Chord>();
            music.shapes().forEach(chord -> shapes.putIfAbsent(chord.name(), chord));
            var song = new Song(
                    music.facts(),
                    new Materials(List.copyOf(shapes.values()), rhythms.all()),
                    new Arrangement(List.copyOf(sections.values()), uses, rules));
            return new Transcription(song, left);
        }

        private void addPart(ReadMusic.Part part) {
            List<Span> spans = spans(part.bars());
            List<Meter> meters = part.bars().stream().map(ReadBar::meter).toList();
            List<Object> key = List.of(plain(part.name()), meters, spans);
            SectionId id = known.computeIfAbsent(key, _ -> make(part.name(), meters, spans));
            played.computeIfAbsent(id, _ -> new ArrayList<>())
                    .add(part.bars().stream()
                            .map(bar -> new Played(rhythms.of(bar)))
                            .toList());
            uses.add(Use.of(uses.size() + 1, id));
        }

        /** {@code Verse} for {@code Verse 2}. */
        private static String plain(String name) {
            String plain = name.strip().replaceFirst("\\s*\\d+$", "");
            return plain.isEmpty() ? name.strip() : plain;
        }

        private SectionId make(String heading, List<Meter> meters, List<Span> spans) {
            int number = sections.size() + 1;
            String wanted = heading.isBlank() ? naming.section(number) : plain(heading);
            String name = wanted;
            for (int i = 2; isTaken(name); i++) name = wanted + " " + i;
            name = name.substring(0, Math.min(name.length(), 60));
            var id = new SectionId("part-" + number);
            sections.put(id, new Section(id, name, meters, spans, 1));
            return id;
        }

        private boolean isTaken(String name) {
            return sections.values().stream().anyMatch(section -> section.isCalled(name));
        }

        /** The chords over the bars; one that sounds on from the part before begins the next one. */
        private List<Span> spans(List<ReadBar> bars) {
            var lines = new BarLines(bars.stream().map(ReadBar::meter).toList());
            var starts = new ArrayList<Length>();
            var names = new ArrayList<String>();
            for (int bar = 0; bar < bars.size(); bar++) {
                for (ReadBar.ChordAt chord : bars.get(bar).chords()) {
                    Length at = lines.start(bar).plus(chord.at());
                    if (names.isEmpty() && at.isPositive()) {
                        starts.add(Length.ZERO);
                        names.add(sounding);
                    }
                    starts.add(at);
                    names.add(chord.name());
                }
            }
            if (names.isEmpty()) {
                starts.add(Length.ZERO);
                names.add(sounding);
            }
            sounding = names.getLast();
            starts.add(lines.length());
            return IntStream.range(0, names.size())
                    .filter(i -> starts.get(i).isLessThan(starts.get(i + 1)))
                    .mapToObj(i -> new Span(names.get(i), SpanLength.between(lines, starts.get(i), starts.get(i + 1))))
                    .toList();
        }

        private void addRules(SectionId id) {
            Section section = sections.get(id);
            List<List<Played>> entries = played.get(id);
            boolean carries = hasChangesInBars(section);
            Played common = entries.stream()
                    .flatMap(List::stream)
                    .collect(Collectors.groupingBy(each -> each, LinkedHashMap::new, Collectors.counting()))
                    .entrySet()
                    .stream()
                    .max(Map.Entry.comparingByValue())
                    .orElseThrow()
                    .getKey();
            rules.add(new Rule(Where.in(id), common.play(carries)));
            List<Played> usual = new ArrayList<>();
            for (int bar = 0; bar < section.bars().size(); bar++)
                usual.add(same(entries, bar).orElse(common));
            addStretches(Where.in(id), usual, Collections.nCopies(usual.size(), common), carries);
            int entry = 0;
            for (Use use : uses) {
                if (!use.section().equals(id)) continue;
                addStretches(Where.in(id).withUse(UseChoice.entry(use.id())), entries.get(entry++), usual, carries);
            }
        }

        /** What all entries play in a bar, if it is the same. */
        private static Optional<Played> same(List<List<Played>> entries, int bar) {
            List<Played> all =
                    entries.stream().map(each -> each.get(bar)).distinct().toList();
            return all.size() == 1 ? Optional.of(all.getFirst()) : Optional.empty();
        }

        /** Rules for the stretches of bars that play something else than {@code otherwise}. */
        private void addStretches(Where where, List<Played> bars, List<Played> otherwise, boolean carries) {
            int from = 0;
            while (from < bars.size()) {
                int to = from + 1;
                while (to < bars.size()
                        && bars.get(to).equals(bars.get(from))
                        && !bars.get(to).equals(otherwise.get(to))) to++;
                if (!bars.get(from).equals(otherwise.get(from)))
                    rules.add(new Rule(
                            where.withPart(new Part.InBars(Stretch.bars(from + 1, to))),
                            bars.get(from).play(carries)));
                from = to;
            }
        }

        private static boolean hasChangesInBars(Section section) {
            BarLines lines = section.barLines();
            return section.edges(Length.ZERO).stream()
                    .anyMatch(edge -> !edge.equals(lines.length())
                            && !lines.start(lines.barAt(edge)).equals(edge));
        }
    }
}
