package tactus.formats.song;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Company;
import tactus.core.written.rule.Dynamic;
import tactus.core.written.rule.FitChoice;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Pace;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Raise;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.SecondGuitar;
import tactus.core.written.rule.ShapeChoice;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;

/** Reads the rules; one that speaks of what is not there is left out. */
final class RulesReader {

    private static final Set<String> FIELDS = Set.of(
            "section",
            "entry",
            "lastUse",
            "pass",
            "chord",
            "chordFromEnd",
            "sharedBars",
            "named",
            "lastNamed",
            "bars",
            "half",
            "sung",
            "version",
            "company",
            "pattern",
            "event",
            "form",
            "fit",
            "loud",
            "loudAtEnd",
            "raise",
            "pause",
            "tempo",
            "tempoChange",
            "shapes",
            "second",
            "alternative");

    private final Set<PatternId> patterns;
    private final Set<SectionId> sections;
    private final Set<Integer> uses;
    private final Set<String> versions;

    RulesReader(Set<PatternId> patterns, Set<SectionId> sections, Set<Integer> uses, Set<String> versions) {
        this.patterns = patterns;
        this.sections = sections;
        this.uses = uses;
        this.versions = versions;
    }

    List<Rule> read(Branch list) {
        var rules = new ArrayList<Rule>();
        for (Branch at : list.elements())
            at.optional("remedy.left-out", this::rule).ifPresent(rules::add);
        return rules;
    }

    private Rule rule(Branch at) {
        at.expectOnly(FIELDS);
        boolean alternative =
                at.field("alternative").isThere() && at.field("alternative").truth();
        return new Rule(where(at), play(at), alternative);
    }

    private Where where(Branch at) {
        Where where = Where.EVERYWHERE;
        if (at.field("section").isThere()) {
            var id = new SectionId(at.field("section").text());
            where = where.withSection(Optional.of(known(sections, id, "section")));
        }
        if (at.field("entry").isThere()) {
            where = where.withUse(UseChoice.entry(known(uses, at.field("entry").number(), "entry")));
        } else if (at.field("lastUse").isThere()) where = where.withUse(UseChoice.LAST);
        if (at.field("pass").isThere())
            where = where.withPass(PassChoice.ofCode(at.field("pass").text()));
        Optional<Part> part = part(at);
        if (part.isPresent()) where = where.withPart(part.get());
        if (at.field("version").isThere()) {
            where = where.withVersion(
                    Optional.of(known(versions, at.field("version").text(), "version")));
        }
        return at.field("company").isThere() ? where.withCompany(Optional.of(company(at.field("company")))) : where;
    }

    private static <T> T known(Set<T> all, T wanted, String kind) {
        if (!all.contains(wanted)) throw new Refusal("file.speaks-of-" + kind, wanted);
        return wanted;
    }

    /** The part that is meant; several are all meant at once. */
    private static Optional<Part> part(Branch at) {
        var parts = new ArrayList<Part>();
        if (at.field("chord").isThere())
            parts.add(new Part.OnChord(at.field("chord").number()));
        if (at.field("chordFromEnd").isThere())
            parts.add(new Part.OnChordFromEnd(at.field("chordFromEnd").number()));
        if (at.field("named").isThere())
            parts.add(new Part.OnName(at.field("named").text(), false));
        if (at.field("lastNamed").isThere())
            parts.add(new Part.OnName(at.field("lastNamed").text(), true));
        if (at.field("bars").isThere())
            parts.add(new Part.InBars(Stretch.ofCode(at.field("bars").text())));
        if (at.field("sharedBars").isThere()) parts.add(new Part.SharedBars());
        if (at.field("half").isThere())
            parts.add(new Part.InHalf(at.field("half").number() == 2));
        if (at.field("sung").isThere())
            parts.add(new Part.Voice(at.field("sung").truth()));
        return parts.stream().reduce(Part::both);
    }

    static Company company(Branch at) {
        return Codes.read(at, Company.values());
    }

    private Play play(Branch at) {
        Play play = Play.OPEN;
        if (at.field("pattern").isThere()) {
            play = play.with(new What.Plays(
                    known(patterns, new PatternId(at.field("pattern").text()), "pattern")));
        } else if (at.field("event").isThere()) {
            play = play.with(Codes.read(at.field("event"), What.Event.values()));
        }
        if (at.field("form").isThere()) play = play.with(form(at.field("form")));
        if (at.field("fit").isThere()) {
            play = play.with(Codes.read(at.field("fit"), FitChoice.values()));
        }
        if (at.field("loud").isThere()) play = play.with(swell(at));
        if (at.field("raise").isThere()) play = play.with(raise(at.field("raise")));
        if (at.field("pause").isThere())
            play = play.withPause(Length.parse(at.field("pause").text()));
        if (at.field("tempo").isThere()) play = play.with(pace(at));
        if (at.field("shapes").isThere()) {
            play = play.with(
                    new ShapeChoice(Optional.of(at.field("shapes").text()).filter(label -> !label.isEmpty())));
        }
        if (at.field("second").isThere()) play = play.with(second(at.field("second")));
        if (play.isOpen()) throw new Refusal("file.nothing-said");
        return play;
    }

    private static Pace pace(Branch at) {
        Pace.Way way = at.field("tempoChange").isThere()
                ? Codes.read(at.field("tempoChange"), Pace.Way.values())
                : Pace.Way.STEADY;
        return new Pace(way, at.field("tempo").decimal());
    }

    private SecondGuitar second(Branch at) {
        return at.text().isEmpty()
                ? SecondGuitar.RESTS
                : SecondGuitar.plays(known(patterns, new PatternId(at.text()), "pattern"));
    }

    private static FormChoice form(Branch at) {
        return at.text().equals("full") ? FormChoice.FULL : FormChoice.of(Codes.read(at, Form.Derivation.values()));
    }

    private static Swell swell(Branch at) {
        Dynamic from = dynamic(at.field("loud"));
        return at.field("loudAtEnd").isThere() ? new Swell(from, dynamic(at.field("loudAtEnd"))) : Swell.of(from);
    }

    private static Dynamic dynamic(Branch at) {
        String text = at.text();
        return Arrays.stream(Dynamic.values())
                .filter(level -> level.letters().equals(text))
                .findFirst()
                .orElseThrow(() -> new Refusal("file.one-of", "pp, p, mp, mf, f, ff", text));
    }

    private static Raise raise(Branch at) {
        Raise.Way way = Codes.read(at.field("way"), Raise.Way.values());
        return new Raise(at.field("semitones").number(), way);
    }
}
