package tactus.core.written.song;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.rule.Situation;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.section.Except;
import tactus.core.written.section.Expansion;
import tactus.core.written.section.Numbered;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;

/** The running order of a song, pass by pass: which bars each has and how rules ask for it. Can be asked from
 * several threads. */
public final class Passes {

    private record Key(SectionId section, List<Except> excepts, boolean hasTag) {}

    private final Song song;
    private final Map<SectionId, Section> sections = new HashMap<>();
    private final Map<SectionId, Integer> lastUses = new HashMap<>();
    private final Map<SectionId, Optional<Length>> rounds = new ConcurrentHashMap<>();
    private final Map<Key, Numbered> expanded = new ConcurrentHashMap<>();

    /** The passes of {@code song}. */
    public Passes(Song song) {
        this.song = song;
        song.sections().forEach(section -> sections.put(section.id(), section));
        song.uses().forEach(use -> lastUses.put(use.section(), use.id()));
    }

    /** {@code song} with the entry with the index {@code use}, from 0, the same as its section. */
    public static Song withoutExceptions(Song song, int use) {
        Use entry = song.uses().get(use);
        return song.withUse(entry.withExcepts(List.of()))
                .withRules(song.rules().stream()
                        .filter(rule -> !rule.where().use().equals(UseChoice.entry(entry.id())))
                        .toList());
    }

    private Use use(int index) {
        return song.uses().get(index);
    }

    private Section written(int use) {
        return sections.get(use(use).section());
    }

    /** How often the section goes round in the entry with the index {@code use}, from 0. */
    public int count(int use) {
        return Expansion.passes(written(use), use(use));
    }

    /** The exceptions that change bars on {@code pass}, from 1. */
    public List<Except> excepts(int use, int pass) {
        return use(use).isTheSame() ? List.of() : Expansion.on(use(use), pass, count(use));
    }

    /** Whether the bars of another section follow those of {@code pass}. */
    public boolean hasTag(int use, int pass) {
        return written(use).tag().isPresent() && pass == count(use);
    }

    /** The section as it is on {@code pass}, from 1, with exceptions and tag. */
    public Section section(int use, int pass) {
        return numbered(use, pass).section();
    }

    /** The same with the numbers that its bars and chords have where the section is written. */
    public Numbered numbered(int use, int pass) {
        var key = new Key(use(use).section(), excepts(use, pass), hasTag(use, pass));
        return expanded.computeIfAbsent(key, this::expand);
    }

    private Numbered expand(Key key) {
        Section written = sections.get(key.section);
        Numbered changed = Expansion.of(written, key.excepts, round(written));
        return key.hasTag ? withTag(changed) : changed;
    }

    /** How long one round lasts; see {@link Assignment#round}. */
    public Length round(Section section) {
        return rounds.computeIfAbsent(
                        section.id(),
                        id -> Assignment.of(song, id).flatMap(song::pattern).map(Pattern::length))
                .orElseGet(() -> section.bars().getFirst().length());
    }

    private Numbered withTag(Numbered numbered) {
        return numbered.section()
                .tag()
                .map(sections::get)
                .map(tag -> Expansion.tagged(numbered, withTag(Numbered.of(tag)).section()))
                .orElse(numbered);
    }

    /** The pass as rules ask for it. */
    public Situation situation(int use, int pass) {
        Use entry = use(use);
        return new Situation(
                entry.section(),
                entry.id(),
                lastUses.get(entry.section()) == entry.id(),
                pass,
                count(use),
                song.versions().shown(),
                song.facts().company());
    }
}
