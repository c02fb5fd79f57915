package tactus.core.counsel.suggestion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.ground.statement.Statement;
import tactus.core.patterns.pattern.Form;
import tactus.core.written.rule.Company;
import tactus.core.written.rule.Dynamic;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.song.Song;

/** Suggestions for dynamics, voice and company. The rules behind them are common practice. */
public final class Suggestions {

    private Suggestions() {}

    /** What could be added for {@code section}, and is not there yet. */
    public static List<Suggestion> of(Song song, Section section) {
        var all = new ArrayList<Suggestion>();
        underVoice(song, section).ifPresent(all::add);
        inGaps(section).ifPresent(all::add);
        building(song, section).ifPresent(all::add);
        forCompany(song).ifPresent(all::add);
        return all.stream().filter(suggestion -> !suggestion.isIn(song)).toList();
    }

    private static Optional<Suggestion> underVoice(Song song, Section section) {
        if (section.sung().isEmpty()) return Optional.empty();
        Dynamic now = song.rules().stream()
                .filter(rule -> rule.where().equals(Where.in(section.id())))
                .flatMap(rule -> rule.play().dynamics().stream())
                .map(Swell::from)
                .findFirst()
                .orElse(Dynamic.MEDIUM);
        Where where = Where.in(section.id()).withPart(new Part.Voice(true));
        boolean said = song.rules().stream()
                .anyMatch(rule ->
                        rule.where().equals(where) && rule.play().dynamics().isPresent());
        if (said) return Optional.empty();
        return Optional.of(new Suggestion(
                Statement.of("suggestion.under-voice"),
                List.of(new Rule(where, Play.OPEN.with(Swell.of(now.softer()))))));
    }

    private static Optional<Suggestion> inGaps(Section section) {
        if (section.sung().isEmpty()) return Optional.empty();
        Where where = Where.in(section.id()).withPart(new Part.Voice(false));
        return Optional.of(new Suggestion(
                Statement.of("suggestion.in-gaps"),
                List.of(new Rule(where, Play.OPEN.with(FormChoice.of(Form.Derivation.BUSIER))))));
    }

    /** Each use a step stronger than the one before, the last one strong. */
    private static Optional<Suggestion> building(Song song, Section section) {
        List<Integer> uses = song.indicesOf(section.id());
        if (uses.size() < 2) return Optional.empty();
        var rules = new ArrayList<Rule>();
        int strongest = Dynamic.STRONG.ordinal();
        for (int i = 0; i < uses.size(); i++) {
            int level = Math.max(0, strongest - (uses.size() - 1 - i));
            Where where = Where.in(section.id())
                    .withUse(UseChoice.entry(song.uses().get(uses.get(i)).id()));
            rules.add(new Rule(where, Play.OPEN.with(Swell.of(Dynamic.values()[level]))));
        }
        return Optional.of(new Suggestion(Statement.of("suggestion.building"), rules));
    }

    /** Where somebody else carries the pulse the guitar can play less; alone it has to fill. */
    private static Optional<Suggestion> forCompany(Song song) {
        Company company = song.asShown().facts().company();
        if (company == Company.SECOND_GUITAR) {
            return Optional.of(new Suggestion(
                    Statement.of("suggestion.second-guitar"), List.of(thinned(company, Form.Derivation.LIGHT_BEATS))));
        }
        return company.carriesThePulse()
                ? Optional.of(new Suggestion(
                        Statement.of("suggestion.carried", company),
                        List.of(thinned(company, Form.Derivation.LIGHT_DOWNS))))
                : Optional.empty();
    }

    private static Rule thinned(Company company, Form.Derivation form) {
        return new Rule(Where.EVERYWHERE.withCompany(Optional.of(company)), Play.OPEN.with(FormChoice.of(form)));
    }
}
