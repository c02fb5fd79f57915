package tactus.core.reading.sentence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tactus.core.ground.language.Lexicon;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Dynamic;
import tactus.core.written.rule.FitChoice;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Pace;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Raise;
import tactus.core.written.rule.SecondGuitar;
import tactus.core.written.rule.ShapeChoice;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.What;
import tactus.core.written.section.Section;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;

/** Reads what a rule says should be played, part by part. */
final class PlayReader {

    private final Lexicon lexicon;
    private final Song song;
    private final Slips slips;

    PlayReader(Lexicon lexicon, Song song, Slips slips) {
        this.lexicon = lexicon;
        this.song = song;
        this.slips = slips;
    }

    /** Reads what stands in the sentence from {@code from} on. */
    Play read(int from) {
        Play play = Play.OPEN;
        int at = from;
        for (String part : phrases(slips.sentence().substring(from))) {
            play = said(play, part.strip(), at + Slips.indent(part));
            at += part.length() + 1;
        }
        return play;
    }

    /** Whether a pattern of the song is called so. */
    boolean isName(String said) {
        return RuleSentence.pattern(song, said.strip()).isPresent();
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

    private Play said(Play play, String text, int at) {
        Optional<What> what = what(text).or(() -> asIn(text, at));
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
        Optional<Pace> pace = pace(text, at);
        if (pace.isPresent()) return play.with(pace.get());
        Optional<ShapeChoice> shapes = shapes(text, at);
        if (shapes.isPresent()) return play.with(shapes.get());
        Optional<SecondGuitar> second = second(text, at);
        if (second.isPresent()) return play.with(second.get());
        return lexicon.read("pause.several", text)
                .or(() -> lexicon.read("pause.one", text))
                .map(holes -> slips.ranged(() -> play.withPause(Length.parse(holes.getFirst())), at))
                .orElseThrow(() -> slips.wrong("rule-reader.pattern-song", at, text));
    }

    /** A pattern that is called exactly so, an event, or a pattern that is called so but for capitals. */
    private Optional<What> what(String text) {
        Optional<PatternId> exact = song.patterns().stream()
                .filter(pattern -> pattern.name().equals(text))
                .map(tactus.core.patterns.pattern.Pattern::id)
                .findFirst();
        Optional<What> event = lexicon.find("event", text, What.Event.values()).map(each -> each);
        return exact.<What>map(What.Plays::new)
                .or(() -> event)
                .or(() -> RuleSentence.pattern(song, text).map(What.Plays::new));
    }

    /** {@code as in the Verse}: what that section plays as a whole. */
    private Optional<What> asIn(String text, int at) {
        return lexicon.read("rule.as-in", text)
                .map(List::getFirst)
                .map(String::strip)
                .map(name -> {
                    Section section = song.sections().stream()
                            .filter(each -> each.isCalled(name))
                            .findFirst()
                            .orElseThrow(() -> slips.wrong(
                                    "rule-reader.as-in",
                                    at,
                                    name,
                                    song.sections().stream()
                                            .limit(6)
                                            .map(Section::name)
                                            .toList()));
                    return Assignment.of(song, section.id())
                            .map(What.Plays::new)
                            .orElseThrow(() -> slips.wrong("rule-reader.plays-nothing", at, section.name()));
                });
    }

    private FormChoice form(String word, int at) {
        return lexicon.find("form", word, Form.Derivation.values())
                .map(FormChoice::of)
                .orElseThrow(() -> slips.wrong(
                        "rule-reader.speaks-form",
                        at,
                        word,
                        Arrays.stream(Form.Derivation.values())
                                .map(rule -> lexicon.word("form", rule))
                                .toList()));
    }

    private Optional<Swell> swell(String text) {
        if (lexicon.is("swell.fade", text)) return Optional.of(new Swell(Dynamic.MEDIUM, Dynamic.VERY_SOFT));
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
            return Optional.of(slips.ranged(() -> new Raise(semitones, way), at));
        }
        return Optional.empty();
    }

    private Optional<Pace> pace(String text, int at) {
        for (Pace.Way way : Pace.Way.values()) {
            Optional<List<String>> holes = lexicon.read("pace." + Lexicon.code(way), text);
            if (holes.isEmpty() || !holes.get().getFirst().strip().matches("\\d{1,6}(\\.\\d{1,2})?")) continue;
            return Optional.of(slips.ranged(
                    () -> new Pace(way, Double.parseDouble(holes.get().getFirst())), at));
        }
        return Optional.empty();
    }

    private Optional<ShapeChoice> shapes(String text, int at) {
        if (lexicon.is("shapes.usual", text)) return Optional.of(ShapeChoice.USUAL);
        Optional<List<String>> holes = lexicon.read("shapes.labelled", text);
        if (holes.isEmpty()) return Optional.empty();
        String said = holes.get().getFirst().strip();
        String wanted = Chord.label(said).orElse(said).replace(' ', '-');
        List<String> labels = song.chords().stream()
                .flatMap(chord -> Chord.label(chord.name()).stream())
                .distinct()
                .toList();
        if (labels.isEmpty()) throw slips.wrong("rule-reader.no-labels", at, said);
        return Optional.of(labels.stream()
                .filter(wanted::equalsIgnoreCase)
                .findFirst()
                .map(label -> new ShapeChoice(Optional.of(label)))
                .orElseThrow(() -> slips.wrong("rule-reader.label", at, said, labels)));
    }

    private Optional<SecondGuitar> second(String text, int at) {
        if (lexicon.is("second.rests", text)) return Optional.of(SecondGuitar.RESTS);
        return lexicon.read("second.plays", text)
                .map(holes -> RuleSentence.pattern(song, holes.getFirst().strip())
                        .map(SecondGuitar::plays)
                        .orElseThrow(() -> slips.wrong(
                                "rule-reader.pattern-song", at, holes.getFirst().strip())));
    }
}
