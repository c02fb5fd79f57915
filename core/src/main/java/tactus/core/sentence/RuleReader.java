package tactus.core.sentence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import tactus.core.language.Lexicon;
import tactus.core.language.Ordinals;
import tactus.core.pattern.Form;
import tactus.core.pattern.PatternId;
import tactus.core.refusal.NotationException;
import tactus.core.refusal.Refusal;
import tactus.core.rule.Company;
import tactus.core.rule.Dynamic;
import tactus.core.rule.FitChoice;
import tactus.core.rule.FormChoice;
import tactus.core.rule.Part;
import tactus.core.rule.Play;
import tactus.core.rule.Raise;
import tactus.core.rule.Rule;
import tactus.core.rule.Swell;
import tactus.core.rule.UseChoice;
import tactus.core.rule.What;
import tactus.core.rule.Where;
import tactus.core.section.PassChoice;
import tactus.core.section.Section;
import tactus.core.section.Stretch;
import tactus.core.song.Song;
import tactus.core.song.Version;
import tactus.core.time.Length;
import tactus.core.timeline.Timeline;

/** Reads the sentence of a rule, part by part. */
final class RuleReader {

    private final Lexicon lexicon;
    private final PlaceWords places;
    private final Song song;
    private final SongBars songBars;
    private final String sentence;

    RuleReader(Lexicon lexicon, Song song, String sentence) {
        this.lexicon = lexicon;
        places = new PlaceWords(lexicon);
        this.song = song;
        this.sentence = sentence;
        songBars = new SongBars(lexicon, () -> Timeline.of(song));
    }

    Rule read() {
        int colon = colon();
        if (colon < 0) throw wrong("rule-reader.needs-colon", sentence.length());
        List<Said> parts = parts(sentence.substring(0, colon));
        Optional<Said> named = parts.stream().filter(this::isPlace).findFirst();
        Said place = named.orElse(parts.getFirst());
        boolean isEverywhere = named.isEmpty() && isCondition(place);
        Where where = isEverywhere ? Where.EVERYWHERE : place(place.text, place.at);
        for (Said part : parts) {
            if (isEverywhere || part != place) where = condition(where, part.text, part.at);
        }
        return new Rule(where, play(colon + 1));
    }

    /** A part of the place and where it stands; the parts come in any order. */
    private record Said(String text, int at) {}

    private static List<Said> parts(String text) {
        var parts = new ArrayList<Said>();
        int at = 0;
        for (String part : text.split(",", -1)) {
            parts.add(new Said(part.strip(), at + indent(part)));
            at += part.length() + 1;
        }
        return parts;
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

    private Play play(int from) {
        Play play = Play.OPEN;
        int at = from;
        for (String part : phrases(sentence.substring(from))) {
            play = said(play, part.strip(), at + indent(part));
            at += part.length() + 1;
        }
        return play;
    }

    /** How far in a part its first letter stands. */
    private static int indent(String part) {
        return part.isBlank() ? 0 : part.indexOf(part.strip());
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

    /** Splits at commas, but keeps names of patterns that have one whole. */
    private List<String> phrases(String text) {
        for (var pattern : song.patterns()) {
            if (!pattern.name().contains(",")) continue;
            int at = text.toLowerCase(Locale.ROOT).indexOf(pattern.name().toLowerCase(Locale.ROOT));
            if (at < 0 || !text.substring(0, at).isBlank()) continue;
            String rest = text.substring(at + pattern.name().length());
            String name = text.substring(0, at + pattern.name().length());
            if (rest.isBlank()) return List.of(text);
            if (!rest.strip().startsWith(",")) continue;
            var parts = new ArrayList<String>();
            parts.add(name);
            parts.addAll(List.of(rest.substring(rest.indexOf(',') + 1).split(",", -1)));
            return parts;
        }
        return List.of(text.split(",", -1));
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
                ? wrong("rule-reader.no-sections", at, text)
                : wrong("rule-reader.begins-section", at, text, names);
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
            throw wrong("rule-reader.speaks", at, new Ordinals(lexicon).of(number), section.name(), uses.size());
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
        Optional<PassChoice> pass = ranged(() -> places.pass(text), at);
        if (pass.isPresent()) return where.withPass(pass.get());
        Optional<Stretch> inSong = ranged(() -> songBars.read(text, where.section()), at);
        if (inSong.isPresent()) return withPart(where, new Part.InBars(inSong.get()), at);
        Optional<Part> part = ranged(() -> places.part(text), at);
        if (part.isPresent()) return withPart(where, part.get(), at);
        Optional<Company> company = lexicon.find("rule-company", text, Company.values());
        if (company.isPresent()) return where.withCompany(company);
        return lexicon.read("rule-version.in", text)
                .map(holes -> where.withVersion(Optional.of(version(holes.getFirst(), at))))
                .orElseThrow(() -> wrong("rule-reader.place-say", at, text));
    }

    private Where withPart(Where where, Part part, int at) {
        if (where.part().isEmpty()) return where.withPart(part);
        // Two counted places are two rules; one that says what a place is like narrows another.
        if (where.part().get().isExact() && part.isExact()) throw wrong("rule-reader.names-two", at);
        return where.withPart(Part.both(where.part().get(), part));
    }

    private String version(String name, int at) {
        return song.versions().all().stream()
                .map(Version::name)
                .filter(name.strip()::equalsIgnoreCase)
                .findFirst()
                .orElseThrow(() -> wrong("rule-reader.speaks-version", at, name.strip()));
    }

    private Play said(Play play, String text, int at) {
        Optional<What> what = what(text);
        if (what.isPresent()) return play.with(what.get());
        Optional<FitChoice> fit = lexicon.find("fit", text, FitChoice.values());
        if (fit.isPresent()) return play.with(fit.get());
        if (lexicon.is("form-choice.full", text)) return play.with(FormChoice.FULL);
        Optional<List<String>> form = lexicon.read("form-choice.of", text);
        if (form.isPresent()) return play.with(form(form.get().getFirst(), at));
        Optional<Swell> swell = swell(text);
        if (swell.isPresent()) return play.with(swell.get());
        Optional<Raise> raise = raise(text, at);
        if (raise.isPresent()) return play.with(raise.get());
        return lexicon.read("pause.several", text)
                .or(() -> lexicon.read("pause.one", text))
                .map(holes -> ranged(() -> play.withPause(Length.parse(holes.getFirst())), at))
                .orElseThrow(() -> wrong("rule-reader.pattern-song", at, text));
    }

    /** A pattern that is called exactly so, an event, or a pattern that is called so but for capitals. */
    private Optional<What> what(String text) {
        Optional<PatternId> exact = song.patterns().stream()
                .filter(pattern -> pattern.name().equals(text))
                .map(tactus.core.pattern.Pattern::id)
                .findFirst();
        Optional<What> event = lexicon.find("event", text, What.Event.values()).map(each -> each);
        return exact.<What>map(What.Plays::new)
                .or(() -> event)
                .or(() -> RuleSentence.pattern(song, text).map(What.Plays::new));
    }

    private FormChoice form(String word, int at) {
        return lexicon.find("form", word, Form.Derivation.values())
                .map(FormChoice::of)
                .orElseThrow(() -> wrong(
                        "rule-reader.speaks-form",
                        at,
                        word,
                        Arrays.stream(Form.Derivation.values())
                                .map(rule -> lexicon.word("form", rule))
                                .toList()));
    }

    private Optional<Swell> swell(String text) {
        Optional<Swell> steady = dynamic(text).map(Swell::of);
        return steady.or(() -> lexicon.read("swell.to", text)
                .flatMap(holes -> dynamic(holes.getFirst())
                        .flatMap(from -> dynamic(holes.getLast()).map(to -> new Swell(from, to)))));
    }

    private Optional<Dynamic> dynamic(String text) {
        return lexicon.find("dynamic", text, Dynamic.values());
    }

    private Optional<Raise> raise(String text, int at) {
        for (Raise.Way way : Raise.Way.values()) {
            Optional<List<String>> up = lexicon.read("raise-up." + Lexicon.code(way), text);
            Optional<List<String>> down = lexicon.read("raise-down." + Lexicon.code(way), text);
            if (up.isEmpty() && down.isEmpty()) continue;
            String number = up.or(() -> down).get().getFirst();
            if (!number.matches("\\d{1,2}")) return Optional.empty();
            int semitones = Integer.parseInt(number) * (up.isPresent() ? 1 : -1);
            return Optional.of(ranged(() -> new Raise(semitones, way), at));
        }
        return Optional.empty();
    }

    private <T> T ranged(Supplier<T> value, int at) {
        try {
            return value.get();
        } catch (Refusal wrong) {
            throw wrong("rule-reader.impossible", at, wrong.reason());
        }
    }

    private NotationException wrong(String code, int at, Object... values) {
        return new NotationException(code, sentence, Math.min(at, sentence.length()), values);
    }
}
