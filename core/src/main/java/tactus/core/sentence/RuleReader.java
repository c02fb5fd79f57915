package tactus.core.sentence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tactus.core.language.Lexicon;
import tactus.core.language.Ordinals;
import tactus.core.refusal.NotationException;
import tactus.core.rule.Company;
import tactus.core.rule.Part;
import tactus.core.rule.Rule;
import tactus.core.rule.UseChoice;
import tactus.core.rule.Where;
import tactus.core.section.PassChoice;
import tactus.core.section.Section;
import tactus.core.section.Stretch;
import tactus.core.song.Song;
import tactus.core.song.Version;
import tactus.core.timeline.Timeline;

/** Reads the sentence of a rule, part by part: where it holds; what it says is read by {@link PlayReader}. */
final class RuleReader {

    /** What is longer is not said in one breath, and is not looked through for where its parts could divide. */
    private static final int LONGEST_TALK = 200;

    private static final Pattern GAP = Pattern.compile("[\\s,]+");

    private final Lexicon lexicon;
    private final PlaceWords places;
    private final Song song;
    private final SongBars songBars;
    private final String sentence;
    private final Slips slips;

    RuleReader(Lexicon lexicon, Song song, String sentence) {
        this.lexicon = lexicon;
        places = new PlaceWords(lexicon);
        this.song = song;
        this.sentence = sentence;
        slips = new Slips(sentence);
        songBars = new SongBars(lexicon, () -> Timeline.of(song));
    }

    Rule read() {
        int colon = colon();
        if (colon < 0) return withoutColon();
        List<Said> parts = parts(sentence.substring(0, colon));
        Optional<Said> named = parts.stream().filter(this::isPlace).findFirst();
        Said place = named.orElse(parts.getFirst());
        boolean isEverywhere = named.isEmpty() && isCondition(place);
        Where where = isEverywhere ? Where.EVERYWHERE : place(place.text, place.at);
        for (Said part : parts) {
            if (isEverywhere || part != place) where = condition(where, part.text, part.at);
        }
        var plays = new PlayReader(lexicon, song, slips);
        String said = sentence.substring(colon + 1);
        Optional<String> other = lexicon.read("rule.or", said).map(List::getFirst);
        if (other.isEmpty() || plays.isName(said)) return new Rule(where, plays.read(colon + 1));
        int at = sentence.length()
                - other.get().length()
                - (said.length() - said.stripTrailing().length());
        return new Rule(where, plays.read(at), true);
    }

    /** {@code in the verse, March}: the colon is where the words before it are a place and those behind it are played. */
    private Rule withoutColon() {
        Matcher gaps = GAP.matcher(sentence);
        while (sentence.length() <= LONGEST_TALK && gaps.find()) {
            String guessed = sentence.substring(0, gaps.start()) + ":" + sentence.substring(gaps.start() + 1);
            try {
                return new RuleReader(lexicon, song, guessed).read();
            } catch (NotationException elsewhere) {
                // The colon may stand further on.
                continue;
            }
        }
        throw slips.wrong("rule-reader.needs-colon", sentence.length());
    }

    /** A part of the place and where it stands; the parts come in any order. */
    private record Said(String text, int at) {

        /** What is left when {@code whole} without what stands in front of it is {@code rest}. */
        Said rest(String rest) {
            return new Said(rest, at + text.length() - rest.length());
        }
    }

    private List<Said> parts(String text) {
        var parts = new ArrayList<Said>();
        int at = 0;
        for (String part : text.split(",", -1)) {
            parts.addAll(divided(new Said(part.strip(), at + Slips.indent(part))));
            at += part.length() + 1;
        }
        return parts;
    }

    /** {@code last bar of the Verse} is two parts, {@code in the Verse} one with words in front of it. */
    private List<Said> divided(Said said) {
        if (isRead(said) || said.text.length() > LONGEST_TALK) return List.of(said);
        Said bare = bare(said);
        if (isRead(bare)) return List.of(bare);
        return inTwo(said).or(() -> inTwo(bare)).orElse(List.of(said));
    }

    private Optional<List<Said>> inTwo(Said said) {
        Matcher gaps = GAP.matcher(said.text);
        while (gaps.find()) {
            var head = new Said(said.text.substring(0, gaps.start()), said.at);
            if (!isRead(head)) continue;
            List<Said> tail = divided(said.rest(said.text.substring(gaps.end())));
            if (tail.stream().allMatch(this::isRead))
                return Optional.of(Stream.concat(Stream.of(head), tail.stream()).toList());
        }
        return Optional.empty();
    }

    /** Without the words in front that only join it to others. */
    private Said bare(Said said) {
        return lexicon.read("rule.in", said.text)
                .map(holes -> said.rest(holes.getFirst()))
                .orElse(said);
    }

    private boolean isRead(Said said) {
        return isPlace(said) || isCondition(said);
    }

    private boolean isPlace(Said said) {
        try {
            place(said.text, said.at);
            return true;
        } catch (NotationException none) {
            return false;
        }
    }

    private boolean isCondition(Said said) {
        try {
            condition(Where.EVERYWHERE, said.text, said.at);
            return true;
        } catch (NotationException none) {
            return false;
        }
    }

    /** The first colon that ends a place; names of sections may hold one. */
    private int colon() {
        for (Section section : song.sections()) {
            String name = section.name() + ":";
            if (section.name().contains(":") && sentence.startsWith(name))
                return section.name().length();
        }
        return sentence.indexOf(':');
    }

    private Where place(String text, int at) {
        if (lexicon.is("rule-place.everywhere", text)) return Where.EVERYWHERE;
        Optional<Section> section = section(text);
        if (section.isPresent()) return Where.in(section.get().id());
        return fullUse(text, at)
                .or(() -> ownUse(text))
                .or(() -> lastUse(text))
                .or(() -> nthUse(text, at))
                .orElseThrow(() -> noSection(text, at));
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

    /** {@code second Chorus}, whichever of the two words comes first in the language. */
    private Optional<Where> nthUse(String text, int at) {
        var ordinals = new Ordinals(lexicon);
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

    private Where condition(Where where, String text, int at) {
        Optional<PassChoice> pass = slips.ranged(() -> places.pass(text), at);
        if (pass.isPresent()) return where.withPass(pass.get());
        Optional<Stretch> inSong = slips.ranged(() -> songBars.read(text, where.section()), at);
        if (inSong.isPresent()) return withPart(where, new Part.InBars(inSong.get()), at);
        Optional<Part> part = slips.ranged(() -> places.part(text), at);
        if (part.isPresent()) return withPart(where, part.get(), at);
        Optional<Company> company = lexicon.find("rule-company", text, Company.values());
        if (company.isPresent()) return where.withCompany(company);
        return lexicon.read("rule-version.in", text)
                .map(holes -> where.withVersion(Optional.of(version(holes.getFirst(), at))))
                .orElseThrow(() -> slips.wrong("rule-reader.place-say", at, text));
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
