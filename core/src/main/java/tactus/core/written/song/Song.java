package tactus.core.written.song;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tactus.core.ground.name.Slug;
import tactus.core.ground.refusal.Refusal;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.variation.Variation;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;

/**
 * A song's rhythm part, whole. Editing makes a new song that shares whatever did not change.
 *
 * @param changeCounts what a student has counted, each pair of chords once
 */
public record Song(
        Facts facts,
        Materials materials,
        Arrangement arrangement,
        Versions versions,
        List<ChangeCount> changeCounts,
        LessonNotes lesson) {

    public static final int LONGEST_ORDER = 1_000;

    /**
     * @throws Refusal if a name or id stands twice or refers to nothing, or a section refers to itself
     */
    public Song {
        Objects.requireNonNull(facts);
        Objects.requireNonNull(versions);
        Objects.requireNonNull(lesson);
        changeCounts = List.copyOf(changeCounts);
        References.check(
                materials.chords(),
                materials.patterns(),
                arrangement.sections(),
                arrangement.uses(),
                arrangement.rules(),
                versions);
    }

    /** A song without versions or anything noted. */
    public Song(Facts facts, Materials materials, Arrangement arrangement) {
        this(facts, materials, arrangement, Versions.NONE, List.of(), LessonNotes.EMPTY);
    }

    /** A song without rules, versions or anything noted. */
    public Song(
            Facts facts, List<Chord> chords, List<Pattern> patterns, List<Section> sections, List<SectionId> order) {
        this(facts, new Materials(chords, patterns), new Arrangement(sections, Arrangement.entries(order), List.of()));
    }

    /** See {@link Materials#chords}. */
    public List<Chord> chords() {
        return materials.chords();
    }

    /** See {@link Materials#patterns}. */
    public List<Pattern> patterns() {
        return materials.patterns();
    }

    /** See {@link Arrangement#sections}. */
    public List<Section> sections() {
        return arrangement.sections();
    }

    /** See {@link Arrangement#uses}. */
    public List<Use> uses() {
        return arrangement.uses();
    }

    /** See {@link Arrangement#rules}. */
    public List<Rule> rules() {
        return arrangement.rules();
    }

    /** Returns a song with nothing in it but its facts: C, standard tuning, 4/4 at 90. */
    public static Song empty(String title) {
        return new Song(Facts.usual(title), Materials.NONE, Arrangement.NONE);
    }

    /** The pattern with {@code id}. */
    public Optional<Pattern> pattern(PatternId id) {
        return patterns().stream().filter(pattern -> pattern.id().equals(id)).findFirst();
    }

    /** The section with {@code id}. */
    public Optional<Section> section(SectionId id) {
        return sections().stream().filter(section -> section.id().equals(id)).findFirst();
    }

    /** The shape that is called {@code name}. */
    public Optional<Chord> chord(String name) {
        return chords().stream().filter(chord -> chord.name().equals(name)).findFirst();
    }

    /** The entry of the running order with {@code id}. */
    public Optional<Use> use(int id) {
        return uses().stream().filter(use -> use.id() == id).findFirst();
    }

    /** What {@code use} is called: its own name, or that of its section. */
    public String nameOf(Use use) {
        return use.name().orElseGet(() -> section(use.section()).orElseThrow().name());
    }

    /** The sections as they are played. */
    public List<SectionId> order() {
        return uses().stream().map(Use::section).toList();
    }

    /** The entries of a section, as indices of the running order, from 0. */
    public List<Integer> indicesOf(SectionId id) {
        return IntStream.range(0, uses().size())
                .filter(use -> uses().get(use).section().equals(id))
                .boxed()
                .toList();
    }

    /** The sections that a rule assigns {@code id} in, in the order in which they were written. */
    public List<Section> usesOf(PatternId id) {
        return Assignment.sectionsOf(this, id);
    }

    /** An id for a new pattern called {@code name}. */
    public PatternId freshPatternId(String name) {
        return new PatternId(
                Slug.fresh(name, slug -> pattern(new PatternId(slug)).isPresent()));
    }

    /** An id for a new section called {@code name}. */
    public SectionId freshSectionId(String name) {
        return new SectionId(
                Slug.fresh(name, slug -> section(new SectionId(slug)).isPresent()));
    }

    /** An id for a new entry of the running order. */
    public int freshUseId() {
        var others = versions.all().stream().flatMap(version -> version.overlay().uses().stream());
        return Stream.concat(uses().stream(), others).mapToInt(Use::id).max().orElse(0) + 1;
    }

    /** The song as its shown version has it: easier shapes, another capo, no embellishments. */
    public Song asShown() {
        return Shown.of(this);
    }

    /** The same with other facts. */
    public Song withFacts(Facts other) {
        return new Song(other, materials, arrangement, versions, changeCounts, lesson);
    }

    private Song with(Materials other) {
        return new Song(facts, other, arrangement, versions, changeCounts, lesson);
    }

    private Song with(Arrangement other) {
        return new Song(facts, materials, other, versions, changeCounts, lesson);
    }

    /** @throws Refusal if an id stands twice, or something else speaks of a pattern that is gone */
    public Song withPatterns(List<Pattern> others) {
        return with(new Materials(chords(), others));
    }

    /** Puts {@code pattern} in place of the one with its id, or at the end. */
    public Song withPattern(Pattern pattern) {
        Pattern kept = Variation.settled(patterns(), pattern);
        return withPatterns(Variation.following(Put.into(patterns(), kept, Pattern::id), kept));
    }

    /** Takes a pattern away; rules no longer say it, and its forms stand for themselves. */
    public Song withoutPattern(PatternId id) {
        return Removal.of(this, id);
    }

    /** @throws Refusal if an id stands twice, or something else speaks of a section that is gone */
    public Song withSections(List<Section> others) {
        return with(new Arrangement(others, uses(), rules()));
    }

    /** Puts {@code section} in place of the one with its id, or at the end. */
    public Song withSection(Section section) {
        return withSections(Put.into(sections(), section, Section::id));
    }

    /** Changes the section with {@code id}, if there is one. */
    public Song withSection(SectionId id, UnaryOperator<Section> change) {
        return section(id).map(section -> withSection(change.apply(section))).orElse(this);
    }

    /** Takes a section away, from the running order, the rules and other sections too. */
    public Song withoutSection(SectionId id) {
        return Removal.of(this, id);
    }

    /** Puts {@code chord} in place of the one with its name, or at the end. */
    public Song withChord(Chord chord) {
        return withChords(Put.into(chords(), chord, Chord::name));
    }

    /** Takes the shape of a chord away; spans that name it are silent. */
    public Song withoutChord(String name) {
        return withChords(
                chords().stream().filter(chord -> !chord.name().equals(name)).toList());
    }

    /** Replaces the running order by uses that are the same as their sections. */
    public Song withOrder(List<SectionId> other) {
        return withUses(Arrangement.entries(other));
    }

    /** Replaces the running order; rules that speak of an entry which is gone go with it. */
    public Song withUses(List<Use> others) {
        Set<Integer> ids = new HashSet<>(others.stream().map(Use::id).toList());
        versions.all().forEach(version -> version.overlay().uses().forEach(use -> ids.add(use.id())));
        var rest = rules().stream()
                .filter(rule -> holdsFor(rule.where().use(), ids))
                .toList();
        return with(new Arrangement(sections(), others, rest));
    }

    private static boolean holdsFor(UseChoice use, Set<Integer> ids) {
        return use.entry().map(ids::contains).orElse(true);
    }

    /** Puts {@code use} in place of the one with its id. */
    public Song withUse(Use use) {
        return withUses(Put.into(uses(), use, Use::id));
    }

    /** @throws Refusal if a rule speaks of what is not there */
    public Song withRules(List<Rule> others) {
        return with(new Arrangement(sections(), uses(), others));
    }

    /**
     * Puts a rule in place of those that speak of the very same place about the same things, or at the end; those that the
     * shown version has for the place go as well.
     */
    public Song withRule(Rule rule) {
        return withRules(Assignment.with(Assignment.withoutOwn(rules(), rule, versions.shown()), rule));
    }

    /** The same with other versions; rules about entries that only a version had go with them. */
    public Song withVersions(Versions other) {
        Set<Integer> ids = new HashSet<>(uses().stream().map(Use::id).toList());
        other.all().forEach(version -> version.overlay().uses().forEach(use -> ids.add(use.id())));
        List<Rule> rest = rules().stream()
                .filter(rule -> holdsFor(rule.where().use(), ids))
                .toList();
        return new Song(facts, materials, new Arrangement(sections(), uses(), rest), other, changeCounts, lesson);
    }

    /** The same with other notes for the lesson. */
    public Song withLesson(LessonNotes other) {
        return new Song(facts, materials, arrangement, versions, changeCounts, other);
    }

    /** @throws Refusal if a name stands twice */
    public Song withChords(List<Chord> others) {
        return with(new Materials(others, patterns()));
    }

    /** Renames chords everywhere at once: the shapes, the sections, exceptions, stand-ins, and what was counted. */
    public Song withChordsRenamed(UnaryOperator<String> name) {
        return new Renaming(name).of(this);
    }

    /** What the student has counted between two chords. */
    public Optional<ChangeCount> changeCount(String one, String other) {
        return changeCounts.stream()
                .filter(count -> count.isBetween(one, other))
                .findFirst();
    }

    /** The same with other counted changes. */
    public Song withChangeCounts(List<ChangeCount> others) {
        return new Song(facts, materials, arrangement, versions, others, lesson);
    }

    /** Puts {@code count} in place of the one for its chords. */
    public Song withChangeCount(ChangeCount count) {
        var counts = new ArrayList<>(withoutChangeCount(count.from(), count.to()).changeCounts);
        counts.add(count);
        return withChangeCounts(counts);
    }

    /** The same without what was counted between two chords. */
    public Song withoutChangeCount(String one, String other) {
        return withChangeCounts(changeCounts.stream()
                .filter(count -> !count.isBetween(one, other))
                .toList());
    }
}
