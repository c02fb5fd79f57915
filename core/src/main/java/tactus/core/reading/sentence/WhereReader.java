package tactus.core.reading.sentence;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.language.Ordinals;
import tactus.core.ground.refusal.NotationException;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.rule.Company;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.Where;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.Stretch;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

/** Reads one part of where a rule holds: a section or a use of one, or what narrows it. */
final class WhereReader {

    private static final List<String> FORMS = List.of(
            "rule-place",
            "rule-use",
            "pass",
            "pass-number",
            "stretch",
            "stretch-bars",
            "stretch-range",
            "rule-part",
            "rule-chord",
            "rule-name",
            "rule-company",
            "rule-version");

    private final Lexicon lexicon;
    private final PlaceWords places;
    private final SongBars songBars;
    private final Song song;
    private final Slips slips;
    private final Map<String, Boolean> looked;
    private final int longest;

    WhereReader(Lexicon lexicon, Song song, Slips slips) {
        this(lexicon, song, slips, new HashMap<>(), lexicon.longest(FORMS) + longestName(song));
    }

    private WhereReader(Lexicon lexicon, Song song, Slips slips, Map<String, Boolean> looked, int longest) {
        this.lexicon = lexicon;
        this.song = song;
        this.slips = slips;
        this.looked = looked;
        this.longest = longest;
        places = new PlaceWords(lexicon);
        songBars = new SongBars(lexicon, () -> Timeline.of(song));
    }

    private static int longestName(Song song) {
        Stream<String> names = Stream.of(
                        song.sections().stream()
                                .flatMap(each -> Stream.concat(Stream.of(each.name()), each.aliases().stream())),
                        song.uses().stream().flatMap(use -> use.name().stream()),
                        song.versions().all().stream().map(Version::name))
                .flatMap(each -> each);
        return names.mapToInt(name -> name.split("\\s+").length).max().orElse(1);
    }

    /** The same for a sentence that says the same in another way, with all that was looked at. */
    WhereReader in(Slips other) {
        return new WhereReader(lexicon, song, other, looked, longest);
    }

    /** The most words that a part can have. */
    int longest() {
        return longest;
    }

    /** How many texts were looked at. */
    int looked() {
        return looked.size();
    }

    /** Whether {@code text} is a part of a place. */
    boolean isRead(String text) {
        // Reading on from here takes a while for each, and the same words are asked for again and again.
        Boolean known = looked.get(text);
        if (known != null) return known;
        boolean isRead = isPlace(text) || isCondition(text) || songBars.counts(text);
        looked.put(text, isRead);
        return isRead;
    }

    boolean isPlace(String text) {
        try {
            return found(text, 0).isPresent();
        } catch (NotationException none) {
            return false;
        }
    }

    boolean isCondition(String text) {
        try {
            return narrowed(Where.EVERYWHERE, text, 0).isPresent();
        } catch (NotationException none) {
            return false;
        }
    }

    /** @throws NotationException if it is none */
    Where place(String text, int at) {
        return found(text, at).orElseThrow(() -> noSection(text, at));
    }

    /** @throws NotationException if nothing is narrowed by it, or twice */
    Where condition(Where where, String text, int at) {
        return narrowed(where, text, at).orElseThrow(() -> slips.wrong("rule-reader.place-say", at, text));
    }

    private Optional<Where> found(String text, int at) {
        if (lexicon.is("rule-place.everywhere", text)) return Optional.of(Where.EVERYWHERE);
        return section(text)
                .map(section -> Where.in(section.id()))
                .or(() -> fullUse(text, at))
                .or(() -> ownUse(text))
                .or(() -> lastUse(text))
                .or(() -> nthUse(text, at));
    }

    private NotationException noSection(String text, int at) {
        List<String> names =
                song.sections().stream().limit(6).map(Section::name).toList();
        return names.isEmpty()
                ? slips.wrong("rule-reader.no-sections", at, text)
                : slips.wrong("rule-reader.begins-section", at, text, names);
    }

    private Optional<Where> fullUse(String text, int at) {
        Optional<Where> last = lexicon.read("rule-use.last-of", text)
                .flatMap(holes -> section(holes.getFirst()))
                .map(section -> Where.in(section.id()).withUse(UseChoice.LAST));
        return last.or(() -> lexicon.read("rule-use.number-of", text)
                .filter(holes -> holes.getFirst().matches("\\d{1,4}"))
                .flatMap(holes ->
                        section(holes.getLast()).map(section -> use(section, Integer.parseInt(holes.getFirst()), at))));
    }

    /** An entry that has a name of its own. */
    private Optional<Where> ownUse(String text) {
        return song.uses().stream()
                .filter(use -> use.name().filter(text::equalsIgnoreCase).isPresent())
                .findFirst()
                .map(use -> Where.in(use.section()).withUse(UseChoice.entry(use.id())));
    }

    private Optional<Where> lastUse(String text) {
        return lexicon.read("rule-use.last", text)
                .flatMap(holes -> section(holes.getFirst()))
                .map(section -> Where.in(section.id()).withUse(UseChoice.LAST));
    }

    /** {@code second Chorus}, as the language writes it, or the number right in front of the section. */
    private Optional<Where> nthUse(String text, int at) {
        var ordinals = new Ordinals(lexicon);
        Optional<Where> written = lexicon.read("rule-use.nth", text)
                .flatMap(holes -> section(holes.getLast())
                        .flatMap(section -> ordinals.number(holes.getFirst()).map(number -> use(section, number, at))));
        if (written.isPresent()) return written;
        for (int space = text.indexOf(' '); space >= 0; space = text.indexOf(' ', space + 1)) {
            String head = text.substring(0, space);
            String rest = text.substring(space + 1);
            Optional<Section> section = section(rest);
            Optional<Integer> number = ordinals.number(head);
            if (section.isPresent() && number.isPresent()) return Optional.of(use(section.get(), number.get(), at));
        }
        return Optional.empty();
    }

    private Where use(Section section, int number, int at) {
        List<Integer> uses = song.indicesOf(section.id());
        if (number < 1 || number > uses.size()) {
            throw slips.wrong("rule-reader.speaks", at, new Ordinals(lexicon).of(number), section.name(), uses.size());
        }
        return Where.in(section.id())
                .withUse(UseChoice.entry(song.uses().get(uses.get(number - 1)).id()));
    }

    private Optional<Section> section(String name) {
        return song.sections().stream()
                .filter(section -> section.isCalled(name))
                .findFirst();
    }

    private Optional<Where> narrowed(Where where, String text, int at) {
        Optional<PassChoice> pass = slips.ranged(() -> places.pass(text), at);
        if (pass.isPresent()) return pass.map(where::withPass);
        Optional<Stretch> inSong = slips.ranged(() -> songBars.read(text, where.section()), at);
        if (inSong.isPresent()) return inSong.map(bars -> withPart(where, new Part.InBars(bars), at));
        Optional<Part> part = slips.ranged(() -> places.part(text), at);
        if (part.isPresent()) return part.map(each -> withPart(where, each, at));
        Optional<Company> company = lexicon.find("rule-company", text, Company.values());
        if (company.isPresent()) return Optional.of(where.withCompany(company));
        return lexicon.read("rule-version.in", text)
                .map(holes -> where.withVersion(Optional.of(version(holes.getFirst(), at))));
    }

    private Where withPart(Where where, Part part, int at) {
        if (where.part().isEmpty()) return where.withPart(part);
        // Two counted places are two rules; one that says what a place is like narrows another.
        if (where.part().get().isExact() && part.isExact()) throw slips.wrong("rule-reader.names-two", at);
        return where.withPart(Part.both(where.part().get(), part));
    }

    private String version(String name, int at) {
        return song.versions().all().stream()
                .map(Version::name)
                .filter(name.strip()::equalsIgnoreCase)
                .findFirst()
                .orElseThrow(() -> slips.wrong("rule-reader.speaks-version", at, name.strip()));
    }
}
