package tactus.formats.song;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Loop;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Cue;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.Syllable;
import tactus.core.written.section.Use;
import tactus.core.written.section.WordLine;
import tactus.core.written.song.Song;

/**
 * Reads the sections and their order. A bar with an impossible meter gets the song's; what speaks of something missing
 * is left out. The first version of the format kept patterns with the sections; they become rules.
 */
final class SectionReader {

    private static final Set<String> FIELDS = Set.of(
            "id",
            "name",
            "aliases",
            "bars",
            "chords",
            "passes",
            "tag",
            "voice",
            "cues",
            "secondGuitar",
            "words",
            "key",
            "loops",
            "pattern",
            "lastPassPattern");

    private final Meter usual;
    private final Set<PatternId> patterns;
    private final List<Rule> rules = new ArrayList<>();
    private final Map<SectionId, Branch> tags = new LinkedHashMap<>();

    SectionReader(Meter usual, Set<PatternId> patterns) {
        this.usual = usual;
        this.patterns = patterns;
    }

    Map<SectionId, Section> read(Branch list) {
        Map<SectionId, Section> sections = new LinkedHashMap<>();
        for (Branch at : list.elements()) {
            at.optional("remedy.left-out", this::section).ifPresent(section -> {
                if (sections.putIfAbsent(section.id(), section) != null) {
                    at.report(Statement.of("file.section-twice", section.id()), "remedy.the-first-one-taken");
                    return;
                }
                addRule(at.field("pattern"), Where.in(section.id()));
                addRule(at.field("lastPassPattern"), Where.in(section.id()).withPass(PassChoice.LAST));
                if (at.field("tag").isThere()) tags.put(section.id(), at.field("tag"));
            });
        }
        tags.forEach((id, at) -> at.optional("remedy.no-tag-taken", tag -> tagged(sections, id, tag.text())));
        return sections;
    }

    /**
     * Reads sections that stand in for some of {@code written}; their tags lead to those. What is written for a section that is
     * not there is left out.
     */
    List<Section> readOthers(Branch list, Map<SectionId, Section> written) {
        var all = new LinkedHashMap<>(written);
        var others = new LinkedHashSet<SectionId>();
        for (Branch at : list.elements()) {
            at.optional("remedy.left-out", this::section)
                    .filter(section -> written.containsKey(section.id()))
                    .ifPresent(section -> {
                        all.put(section.id(), section);
                        others.add(section.id());
                        Branch tag = at.field("tag");
                        if (!tag.isThere()) return;
                        tag.optional("remedy.no-tag-taken", each -> tagged(all, section.id(), each.text()));
                    });
        }
        return others.stream().map(all::get).toList();
    }

    /** The rules that sections of the first version of the format stand for. */
    List<Rule> rules() {
        return rules;
    }

    private void addRule(Branch at, Where where) {
        pattern(at).ifPresent(id -> rules.add(new Rule(where, Play.pattern(id))));
    }

    private static Section tagged(Map<SectionId, Section> sections, SectionId id, String tag) {
        var other = new SectionId(tag);
        if (!sections.containsKey(other)) throw new Refusal("file.no-section", other);
        Section section = sections.get(id).withTag(Optional.of(other));
        Set<SectionId> seen = new HashSet<>(Set.of(id));
        for (Optional<SectionId> next = section.tag();
                next.isPresent();
                next = sections.get(next.get()).tag()) {
            if (!seen.add(next.get())) throw new Refusal("file.own-tag");
        }
        sections.put(id, section);
        return section;
    }

    private Section section(Branch at) {
        at.expectOnly(FIELDS);
        var section = new Section(
                new SectionId(at.field("id").text()),
                at.field("name").text(),
                bars(at.field("bars")),
                spans(at.field("chords")),
                at.field("passes").or(1, "remedy.once-taken", Branch::number));
        return section.withAliases(texts(at.field("aliases")))
                .withVoice(each(at.field("voice"), text -> Stretch.ofCode(text.text())))
                .withCues(each(at.field("cues"), SectionReader::cue))
                .withSecond(each(at.field("secondGuitar"), this::known))
                .withWords(words(at.field("words")))
                .withLoops(each(at.field("loops"), SectionReader::loop))
                .withKey(
                        at.field("key").isThere()
                                ? at.field("key").optional("remedy.left-out", text -> Key.parse(text.text()))
                                : Optional.empty());
    }

    private static Loop loop(Branch at) {
        at.expectOnly(Set.of("bar", "bars", "times"));
        return new Loop(
                at.field("bar").number() - 1,
                at.field("bars").number(),
                at.field("times").number());
    }

    private static List<String> texts(Branch list) {
        return each(list, Branch::text);
    }

    private static <T> List<T> each(Branch list, Function<Branch, T> reading) {
        var read = new ArrayList<T>();
        for (Branch at : list.elements())
            at.optional("remedy.left-out", reading).ifPresent(read::add);
        return read;
    }

    private static List<WordLine> words(Branch lines) {
        return each(lines, line -> new WordLine(each(line, SectionReader::syllable)));
    }

    private static Syllable syllable(Branch at) {
        at.expectOnly(Set.of("bar", "at", "text"));
        String text = at.field("text").text();
        boolean goesOn = text.length() > 1 && text.endsWith("-");
        return new Syllable(
                at.field("bar").number(),
                Length.parse(at.field("at").text()),
                goesOn ? text.substring(0, text.length() - 1) : text,
                goesOn);
    }

    private static Cue cue(Branch at) {
        at.expectOnly(Set.of("bar", "beat", "text", "pass"));
        return new Cue(
                at.field("bar").number(),
                at.field("beat").number(),
                pass(at),
                at.field("text").text());
    }

    private static PassChoice pass(Branch at) {
        return at.field("pass").isThere() ? PassChoice.ofCode(at.field("pass").text()) : PassChoice.EVERY;
    }

    private List<Meter> bars(Branch runs) {
        var bars = new ArrayList<Meter>();
        for (Branch at : runs.elements()) {
            Meter meter = at.field("meter").or(usual, "remedy.usual-meter", text -> Meter.parse(text.text()));
            int count = at.field("count").or(1, "remedy.1-taken", Branch::number);
            if (count < 1 || count > Section.MOST_BARS) {
                throw new Refusal("section.bars", count);
            }
            bars.addAll(Collections.nCopies(count, meter));
        }
        return bars;
    }

    private static List<Span> spans(Branch list) {
        return each(list, SectionReader::span);
    }

    private static Span span(Branch at) {
        at.expectOnly(Set.of("chord", "beats", "bars", "rounds", "open"));
        return new Span(at.field("chord").text(), length(at));
    }

    /** How long a chord is held is written in the field of its unit. */
    private static SpanLength length(Branch at) {
        if (at.field("open").isThere()) return new SpanLength.Open();
        for (SpanLength.Unit unit : SpanLength.Unit.values()) {
            Branch count = at.field(Codes.plural(unit));
            if (count.isThere()) return unit.of(Length.parse(count.text()));
        }
        throw new Refusal("file.no-length");
    }

    private Optional<PatternId> pattern(Branch at) {
        return at.isThere() ? at.optional("remedy.no-pattern-assigned", this::known) : Optional.empty();
    }

    private PatternId known(Branch at) {
        var id = new PatternId(at.text());
        if (!patterns.contains(id)) throw new Refusal("file.no-pattern", id);
        return id;
    }

    /** Reads the running order; an entry is a section's id, or a section with its exceptions. */
    List<Use> order(Branch list, Set<SectionId> sections) {
        Map<Integer, Use> uses = new LinkedHashMap<>();
        int place = 0;
        for (Branch at : list.elements()) {
            int usualId = ++place;
            Optional<Use> use = at.optional("remedy.left-out", entry -> use(entry, usualId, sections));
            if (use.isEmpty()) continue;
            if (uses.size() == Song.LONGEST_ORDER) at.report(Statement.of("file.beyond"), "remedy.left-out");
            else if (uses.putIfAbsent(use.get().id(), use.get()) != null)
                at.report(Statement.of("file.id-twice"), "remedy.left-out");
        }
        return List.copyOf(uses.values());
    }

    private Use use(Branch at, int usualId, Set<SectionId> sections) {
        boolean same = at.isText();
        var id = new SectionId(same ? at.text() : at.field("section").text());
        if (!sections.contains(id)) throw new Refusal("file.no-section", id);
        if (same) return Use.of(usualId, id);
        at.expectOnly(Set.of("id", "section", "name", "except"));
        Branch named = at.field("name");
        Optional<String> name = named.isThere()
                ? named.or(Optional.empty(), "remedy.left-out", each -> Optional.of(each.text()))
                : Optional.empty();
        return new Use(at.field("id").number(), id, name, each(at.field("except"), this::except));
    }

    private Except except(Branch at) {
        at.expectOnly(
                Set.of("pass", "runs", "leftOut", "instead", "then", "bars", "chords", "loops", "words", "voice"));
        return new Except(pass(at), change(at));
    }

    private Except.Change change(Branch at) {
        if (at.field("runs").isThere()) return new Except.Runs(at.field("runs").number());
        if (at.field("leftOut").isThere())
            return new Except.LeftOut(Stretch.ofCode(at.field("leftOut").text()));
        if (at.field("words").isThere()) return new Except.OtherWords(words(at.field("words")));
        if (at.field("voice").isThere())
            return new Except.OtherVoice(each(at.field("voice"), text -> Stretch.ofCode(text.text())));
        var bars = new Except.Bars(
                bars(at.field("bars")), spans(at.field("chords")), each(at.field("loops"), SectionReader::loop));
        if (at.field("then").isThere()) return new Except.ExtraBars(bars);
        if (at.field("instead").isThere())
            return new Except.OtherBars(Stretch.ofCode(at.field("instead").text()), bars);
        throw new Refusal("file.nothing-other");
    }
}
