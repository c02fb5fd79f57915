package tactus.core.sentence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tactus.core.pattern.Form;
import tactus.core.pattern.PatternId;
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
import tactus.core.song.UseNames;
import tactus.core.song.Version;
import tactus.core.time.Length;
import tactus.core.time.NotationException;

/** Reads the sentence of a rule, part by part. */
final class RuleReader {

    private static final Pattern RAISE =
            Pattern.compile("(up|down) (\\d{1,2}) (with the capo|with other shapes|but left out)");
    private static final Pattern PAUSE = Pattern.compile("pause of (\\d{1,3}(?:/\\d{1,3})?) beats?");
    private static final Pattern CHORD = Pattern.compile("chord (\\d{1,5})( from the end)?");

    private static final Pattern USE = Pattern.compile("(last use|use \\d{1,4}) of (.+)");

    private final Song song;
    private final String sentence;

    RuleReader(Song song, String sentence) {
        this.song = song;
        this.sentence = sentence;
    }

    Rule read() {
        int colon = colon();
        if (colon < 0) throw wrong("needs a colon between where and what: Chorus, last pass: Driving eighths", 0);
        Where where = Where.EVERYWHERE;
        int at = 0;
        boolean first = true;
        for (String part : sentence.substring(0, colon).split(",", -1)) {
            where = first ? place(part, at) : condition(where, part, at);
            first = false;
            at += part.length() + 1;
        }
        Play play = Play.OPEN;
        at = colon + 1;
        for (String part : phrases(sentence.substring(colon + 1))) {
            play = said(play, part, at);
            at += part.length() + 1;
        }
        return new Rule(where, play);
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
        String plain = text.strip();
        if (plain.equalsIgnoreCase("everywhere")) return Where.EVERYWHERE;
        Optional<Section> section = section(plain);
        if (section.isPresent()) return Where.in(section.get().id());
        Matcher use = USE.matcher(plain);
        if (use.matches() && section(use.group(2)).isPresent()) {
            Section meant = section(use.group(2)).get();
            return use.group(1).equals("last use")
                    ? Where.in(meant.id()).withUse(UseChoice.LAST)
                    : use(meant, Integer.parseInt(use.group(1).substring(4)), at);
        }
        int space = plain.indexOf(' ');
        String ordinal = space < 0 ? "" : plain.substring(0, space);
        Optional<Section> named = space < 0 ? Optional.empty() : section(plain.substring(space + 1));
        if (named.isPresent() && ordinal.equalsIgnoreCase("last")) {
            return Where.in(named.get().id()).withUse(UseChoice.LAST);
        }
        if (named.isPresent() && UseNames.number(ordinal).isPresent()) {
            return use(named.get(), UseNames.number(ordinal).get(), at);
        }
        throw wrong("begins with \"" + plain + "\", which is no section: say everywhere, " + sections(), at);
    }

    private Where use(Section section, int number, int at) {
        List<Integer> uses = UseNames.indices(song, section.id());
        if (number < 1 || number > uses.size()) {
            throw wrong(
                    "speaks of a " + UseNames.ordinal(number) + " " + section.name() + ", there are " + uses.size(),
                    at);
        }
        int id = song.uses().get(uses.get(number - 1)).id();
        return Where.in(section.id()).withUse(new UseChoice(id));
    }

    private Optional<Section> section(String name) {
        return song.sections().stream()
                .filter(section -> section.isCalled(name))
                .findFirst();
    }

    private String sections() {
        String names = song.sections().stream().limit(6).map(Section::name).collect(Collectors.joining(", "));
        return song.sections().isEmpty() ? "as there is no section yet" : "or one of " + names;
    }

    private Where condition(Where where, String text, int at) {
        String plain = text.strip();
        String lower = plain.toLowerCase(Locale.ROOT);
        Optional<PassChoice> pass = pass(lower, at);
        if (pass.isPresent()) return where.withPass(pass.get());
        Optional<Part> part = part(lower, at);
        if (part.isPresent()) return withPart(where, part.get(), at);
        for (Company company : Company.values()) {
            if (lower.equals(RuleSentence.company(company))) return where.withCompany(Optional.of(company));
        }
        if (lower.startsWith("in version ")) return where.withVersion(Optional.of(version(plain.substring(11), at)));
        throw wrong(
                "has \"" + plain + "\" in it, which is no place: say last pass, pass 2, last chord, chord 3, bars 5-8,"
                        + " last 2 bars, second half, where nobody sings, with a band",
                at);
    }

    private Where withPart(Where where, Part part, int at) {
        if (where.part().isPresent()) throw wrong("names two parts of a pass; one is enough", at);
        return where.withPart(part);
    }

    private Optional<PassChoice> pass(String text, int at) {
        boolean isPass = text.equals(PassChoice.LAST.toString())
                || text.equals(PassChoice.BUT_LAST.toString())
                || text.matches("pass \\d+");
        return isPass ? Optional.of(ranged(() -> PassChoice.parse(text), at)) : Optional.empty();
    }

    private Optional<Part> part(String text, int at) {
        switch (text) {
            case "chords that share a bar":
                return Optional.of(new Part.SharedBars());
            case "first half", "second half":
                return Optional.of(new Part.InHalf(text.startsWith("second")));
            case "where nobody sings", "where somebody sings":
                return Optional.of(new Part.Voice(text.contains("somebody")));
            case "last chord":
                return Optional.of(new Part.OnChord(-1));
            default:
                break;
        }
        Matcher chord = CHORD.matcher(text);
        if (chord.matches() && Integer.parseInt(chord.group(1)) > 0) {
            int number = Integer.parseInt(chord.group(1));
            return Optional.of(new Part.OnChord(chord.group(2) == null ? number : -number));
        }
        boolean isBars = text.matches("(bars?|last) .*");
        return isBars ? Optional.of(ranged(() -> new Part.InBars(Stretch.parse(text)), at)) : Optional.empty();
    }

    private String version(String name, int at) {
        return song.versions().all().stream()
                .map(Version::name)
                .filter(name.strip()::equalsIgnoreCase)
                .findFirst()
                .orElseThrow(() -> wrong("speaks of a version \"" + name.strip() + "\", which is not there", at));
    }

    private Play said(Play play, String text, int at) {
        String plain = text.strip();
        String lower = plain.toLowerCase(Locale.ROOT);
        Optional<What> what = what(plain, lower);
        if (what.isPresent()) return play.with(what.get());
        for (FitChoice fit : FitChoice.values()) if (lower.equals(fit.word())) return play.with(fit);
        if (lower.endsWith(" form")) return play.with(form(lower.substring(0, lower.length() - 5), at));
        Optional<Swell> swell = swell(lower);
        if (swell.isPresent()) return play.with(swell.get());
        Matcher raise = RAISE.matcher(lower);
        if (raise.matches()) return play.with(raise(raise, at));
        Matcher pause = PAUSE.matcher(lower);
        if (pause.matches()) return ranged(() -> play.withPause(Length.parse(pause.group(1))), at);
        throw wrong(
                "has \"" + plain
                        + "\" in it, which is no pattern of this song and nothing else that can be played: say a"
                        + " pattern, silence, held strum, stop and count, muted strokes, short form, soft, strong",
                at);
    }

    /** A pattern that is called exactly so, an event, or a pattern that is called so but for capitals. */
    private Optional<What> what(String plain, String lower) {
        Optional<PatternId> exact = song.patterns().stream()
                .filter(pattern -> pattern.name().equals(plain))
                .map(tactus.core.pattern.Pattern::id)
                .findFirst();
        Optional<What> event = Arrays.stream(What.Event.values())
                .filter(each -> each.word().equals(lower))
                .<What>map(each -> each)
                .findFirst();
        return exact.<What>map(What.Plays::new)
                .or(() -> event)
                .or(() -> RuleSentence.pattern(song, plain).map(What.Plays::new));
    }

    private FormChoice form(String word, int at) {
        if (word.equals("full")) return FormChoice.FULL;
        return Arrays.stream(Form.Rule.values())
                .filter(rule -> rule.word().equals(word))
                .map(FormChoice::of)
                .findFirst()
                .orElseThrow(() -> wrong(
                        "speaks of a \"" + word + " form\": say one of full, "
                                + Arrays.stream(Form.Rule.values())
                                        .map(Form.Rule::word)
                                        .collect(Collectors.joining(", ")),
                        at));
    }

    private static Optional<Swell> swell(String text) {
        int to = text.indexOf(" to ");
        if (to < 0) return dynamic(text).map(Swell::of);
        Optional<Dynamic> from = dynamic(text.substring(0, to));
        Optional<Dynamic> end = dynamic(text.substring(to + 4));
        return from.isPresent() && end.isPresent() ? Optional.of(new Swell(from.get(), end.get())) : Optional.empty();
    }

    private static Optional<Dynamic> dynamic(String word) {
        return Arrays.stream(Dynamic.values())
                .filter(level -> level.word().equals(word) || level.letters().equals(word))
                .findFirst();
    }

    private Raise raise(Matcher raise, int at) {
        int semitones = Integer.parseInt(raise.group(2)) * (raise.group(1).equals("up") ? 1 : -1);
        Raise.Way way = Arrays.stream(Raise.Way.values())
                .filter(each -> each.word().equals(raise.group(3)))
                .findFirst()
                .orElseThrow();
        return ranged(() -> new Raise(semitones, way), at);
    }

    private <T> T ranged(Supplier<T> value, int at) {
        try {
            return value.get();
        } catch (IllegalArgumentException wrong) {
            throw wrong("cannot be: " + wrong.getMessage(), at);
        }
    }

    private NotationException wrong(String reason, int at) {
        return new NotationException(reason, sentence, Math.min(at, sentence.length()));
    }
}
