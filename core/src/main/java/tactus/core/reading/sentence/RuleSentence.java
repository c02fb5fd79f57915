package tactus.core.reading.sentence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Company;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Pace;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Raise;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.SecondGuitar;
import tactus.core.written.rule.ShapeChoice;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/**
 * The rules of a song as sentences: where a rule holds, a colon, and what is played there, each in parts behind commas.
 * The words are those of a lexicon; these are English.
 *
 * <p>Where: {@code everywhere}, a section, {@code second Chorus} or {@code last Chorus}; {@code pass 2}, {@code last
 * pass}; {@code chord 3}, {@code last chord}, {@code chords that share a bar}, {@code bars 5-8}, {@code last 2 bars},
 * {@code second half}, {@code where nobody sings}; {@code with a band}; {@code in version First week}. What: a pattern,
 * {@code silence}, {@code held strum}, {@code stop and count} or {@code muted strokes}; {@code short form}; {@code carry
 * through}; {@code soft to strong}; {@code up 2 with the capo}; {@code pause of 2 beats}; {@code tempo 84}, {@code slowing to 60}; {@code shape up}; {@code second
 * guitar plays March}. Behind {@code or} it is another way, which is offered and not played.
 */
public final class RuleSentence {

    private final Lexicon lexicon;
    private final Song song;
    private final PlaceWords places;
    private final UseNames uses;

    /** Sentences of {@code song} in the words of {@code lexicon}. */
    public RuleSentence(Lexicon lexicon, Song song) {
        this.lexicon = lexicon;
        this.song = song;
        places = new PlaceWords(lexicon);
        uses = new UseNames(lexicon, song);
    }

    /** Writes {@code rule} as {@link #parse} reads it. */
    public String of(Rule rule) {
        return of(rule.where()) + ": " + said(rule);
    }

    /** Writes {@code rule} for a place where its section and use are named already: {@code last pass: soft}. */
    public String within(Rule rule) {
        List<String> conditions = conditions(rule.where());
        String said = said(rule);
        return conditions.isEmpty() ? said : String.join(", ", conditions) + ": " + said;
    }

    /** Writes what a rule says, as another way where it is one. */
    public String said(Rule rule) {
        String play = of(rule.play());
        return rule.isAlternative() ? lexicon.say("rule.or", play) : play;
    }

    /** Writes where a rule holds. */
    public String of(Where where) {
        var parts = new ArrayList<String>();
        parts.add(place(where));
        parts.addAll(conditions(where));
        return String.join(", ", parts);
    }

    private List<String> conditions(Where where) {
        var parts = new ArrayList<String>();
        if (!where.pass().isEvery()) parts.add(places.of(where.pass()));
        where.part().map(places::of).ifPresent(parts::add);
        where.company().map(this::company).ifPresent(parts::add);
        where.version().map(name -> lexicon.say("rule-version.in", name)).ifPresent(parts::add);
        return parts;
    }

    private String company(Company company) {
        return lexicon.word("rule-company", company);
    }

    private String place(Where where) {
        String section =
                where.section().flatMap(song::section).map(Section::name).orElse("");
        return switch (where.use()) {
            case UseChoice.Entry(int id) ->
                uses.ofId(id).map(name -> numbered(id, name)).orElse("?");
            case UseChoice.Group.LAST ->
                clear(lexicon.say("rule-use.last", section), lexicon.say("rule-use.last-of", section));
            case UseChoice.Group.EVERY -> section.isEmpty() ? lexicon.word("rule-place.everywhere") : section;
        };
    }

    /** An entry of a section that is used once is told from the section. */
    private String numbered(int id, String name) {
        SectionId of = song.use(id).orElseThrow().section();
        String section = song.section(of).orElseThrow().name();
        List<Integer> ids = song.indicesOf(of).stream()
                .map(use -> song.uses().get(use).id())
                .toList();
        String brief = name.equals(section) ? lexicon.say("rule-use.nth", lexicon.word("ordinal.1"), section) : name;
        return clear(brief, lexicon.say("rule-use.number-of", ids.indexOf(id) + 1, section));
    }

    /** The short way to say it, unless a section is called that. */
    private String clear(String brief, String full) {
        return song.sections().stream().anyMatch(section -> section.isCalled(brief)) ? full : brief;
    }

    /** Writes what a rule says. */
    public String of(Play play) {
        var parts = new ArrayList<String>();
        play.what().map(this::of).ifPresent(parts::add);
        play.form().map(this::of).ifPresent(parts::add);
        play.fit().map(fit -> lexicon.word("fit", fit)).ifPresent(parts::add);
        play.dynamics().map(this::of).ifPresent(parts::add);
        play.raise().map(this::of).ifPresent(parts::add);
        play.pause().map(this::pause).ifPresent(parts::add);
        play.pace().map(this::of).ifPresent(parts::add);
        play.shapes().map(this::of).ifPresent(parts::add);
        play.second().map(this::of).ifPresent(parts::add);
        return parts.isEmpty() ? lexicon.word("rule.open") : String.join(", ", parts);
    }

    private String pause(Length beats) {
        return lexicon.say(beats.equals(Length.WHOLE) ? "pause.one" : "pause.several", beats);
    }

    /** Writes what is played over {@code span}: {@code Lantern march, short form, soft}. */
    public String played(TimelineSpan span) {
        TimelineSpan.Played played = span.played();
        var parts = new ArrayList<String>();
        parts.add(played.what().map(this::of).orElse(lexicon.word("played.nothing")));
        boolean hasForm = played.pattern().isPresent() && !played.form().equals(FormChoice.FULL);
        if (hasForm) parts.add(of(played.form()));
        if (!played.swell().equals(Swell.USUAL)) parts.add(of(played.swell()));
        span.raise().map(this::of).ifPresent(parts::add);
        return String.join(", ", parts);
    }

    /** Writes a pattern's name, or an event: {@code stop and count}. */
    public String of(What what) {
        return switch (what) {
            case What.Plays(var id) -> song.pattern(id).map(Pattern::name).orElse(id.value());
            case What.Event event -> lexicon.word("event", event);
        };
    }

    /** Writes {@code full form} or {@code last time form}. */
    public String of(FormChoice form) {
        return form.rule()
                .map(rule -> lexicon.say("form-choice.of", of(rule)))
                .orElse(lexicon.word("form-choice.full"));
    }

    /** Writes {@code last time}. */
    public String of(Form.Derivation form) {
        return lexicon.word("form", form);
    }

    /** Writes {@code soft} or {@code soft to strong}. */
    public String of(Swell swell) {
        String from = lexicon.word("dynamic", swell.from());
        return swell.isSteady() ? from : lexicon.say("swell.to", from, lexicon.word("dynamic", swell.to()));
    }

    /** Writes {@code up 2 with the capo}. */
    public String of(Raise raise) {
        String family = raise.semitones() > 0 ? "raise-up." : "raise-down.";
        return lexicon.say(family + Lexicon.code(raise.way()), Math.abs(raise.semitones()));
    }

    /** Writes {@code tempo 84} or {@code slowing to 60}. */
    public String of(Pace pace) {
        double number = pace.perMinute();
        String said = number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
        return lexicon.say("pace." + Lexicon.code(pace.way()), said);
    }

    /** Writes {@code shape up}. */
    public String of(ShapeChoice shapes) {
        return shapes.label()
                .map(label -> lexicon.say("shapes.labelled", label.replace('-', ' ')))
                .orElse(lexicon.word("shapes.usual"));
    }

    /** Writes {@code second guitar plays March}. */
    public String of(SecondGuitar second) {
        return second.pattern()
                .map(id -> lexicon.say(
                        "second.plays", song.pattern(id).map(Pattern::name).orElse(id.value())))
                .orElse(lexicon.word("second.rests"));
    }

    /**
     * Reads a sentence.
     *
     * @throws NotationException if a part of it means nothing, with the place and the words that would do
     */
    public Rule parse(String sentence) {
        return new RuleReader(lexicon, song, sentence).read();
    }

    /** The pattern that is called {@code name} but for capitals; of patterns with the same name only the first one. */
    static Optional<PatternId> pattern(Song song, String name) {
        List<Pattern> all = song.patterns();
        return all.stream()
                .filter(pattern -> pattern.name().equalsIgnoreCase(name))
                .map(Pattern::id)
                .findFirst();
    }
}
