package tactus.core.sentence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tactus.core.language.Lexicon;
import tactus.core.pattern.Form;
import tactus.core.pattern.PatternId;
import tactus.core.rule.Dynamic;
import tactus.core.rule.FitChoice;
import tactus.core.rule.FormChoice;
import tactus.core.rule.Play;
import tactus.core.rule.Raise;
import tactus.core.rule.Swell;
import tactus.core.rule.What;
import tactus.core.song.Song;
import tactus.core.time.Length;

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
                .map(holes -> slips.ranged(() -> play.withPause(Length.parse(holes.getFirst())), at))
                .orElseThrow(() -> slips.wrong("rule-reader.pattern-song", at, text));
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
                .orElseThrow(() -> slips.wrong(
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
            return Optional.of(slips.ranged(() -> new Raise(semitones, way), at));
        }
        return Optional.empty();
    }
}
