package tactus.core.sentence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.rule.Company;
import tactus.core.rule.FormChoice;
import tactus.core.rule.Part;
import tactus.core.rule.Play;
import tactus.core.rule.Raise;
import tactus.core.rule.Rule;
import tactus.core.rule.Swell;
import tactus.core.rule.UseChoice;
import tactus.core.rule.What;
import tactus.core.rule.Where;
import tactus.core.section.Section;
import tactus.core.song.Song;
import tactus.core.song.UseNames;
import tactus.core.time.Length;
import tactus.core.time.NotationException;
import tactus.core.timeline.TimelineSpan;

/**
 * A rule as a sentence: where it holds, a colon, and what is played there, each in parts behind commas.
 *
 * <p>Where: {@code everywhere}, a section, {@code second Chorus} or {@code last Chorus}; {@code pass 2}, {@code last
 * pass}; {@code chord 3}, {@code last chord}, {@code chords that share a bar}, {@code bars 5-8}, {@code last 2 bars},
 * {@code second half}, {@code where nobody sings}; {@code with a band}; {@code in version First week}. What: a pattern,
 * {@code silence}, {@code held strum}, {@code stop and count} or {@code muted strokes}; {@code short form}; {@code carry
 * through}; {@code soft to strong}; {@code up 2 with the capo}; {@code pause of 2 beats}.
 */
public final class RuleSentence {

    private RuleSentence() {}

    /** Writes {@code rule} as {@link #parse} reads it. */
    public static String of(Song song, Rule rule) {
        return where(song, rule.where()) + ": " + what(song, rule.play());
    }

    /** Writes where a rule holds. */
    public static String where(Song song, Where where) {
        var parts = new ArrayList<String>();
        parts.add(place(song, where));
        if (!where.pass().isEvery()) parts.add(where.pass().toString());
        where.part().map(RuleSentence::part).ifPresent(parts::add);
        where.company().map(RuleSentence::company).ifPresent(parts::add);
        where.version().map(name -> "in version " + name).ifPresent(parts::add);
        return String.join(", ", parts);
    }

    static String company(Company company) {
        return company == Company.ALONE ? "played alone" : "with " + company.word();
    }

    private static String place(Song song, Where where) {
        UseChoice use = where.use();
        if (use.isOne())
            return UseNames.ofId(song, use.id())
                    .map(name -> numbered(song, use.id(), name))
                    .orElse("?");
        String section =
                where.section().flatMap(song::section).map(Section::name).orElse("");
        if (use.equals(UseChoice.LAST)) return clear(song, "last " + section, "last use of " + section);
        return section.isEmpty() ? "everywhere" : section;
    }

    /** An entry of a section that is used once is told from the section. */
    private static String numbered(Song song, int id, String name) {
        String section =
                song.section(song.use(id).orElseThrow().section()).orElseThrow().name();
        List<Integer> uses = UseNames.indices(song, song.use(id).orElseThrow().section());
        int number =
                uses.stream().map(use -> song.uses().get(use).id()).toList().indexOf(id) + 1;
        return clear(song, name.equals(section) ? "first " + section : name, "use " + number + " of " + section);
    }

    /** The short way to say it, unless a section is called that. */
    private static String clear(Song song, String brief, String full) {
        return song.sections().stream().anyMatch(section -> section.isCalled(brief)) ? full : brief;
    }

    static String part(Part part) {
        return switch (part) {
            case Part.OnChord(int number) -> chord(number);
            case Part.SharedBars() -> "chords that share a bar";
            case Part.InBars(var bars) -> bars.toString();
            case Part.InHalf(boolean second) -> second ? "second half" : "first half";
            case Part.Voice(boolean sung) -> sung ? "where somebody sings" : "where nobody sings";
        };
    }

    private static String chord(int number) {
        if (number > 0) return "chord " + number;
        return number == -1 ? "last chord" : "chord " + -number + " from the end";
    }

    /** Writes what a rule says. */
    public static String what(Song song, Play play) {
        var parts = new ArrayList<String>();
        play.what().map(what -> what(song, what)).ifPresent(parts::add);
        play.form().ifPresent(form -> parts.add(form.toString()));
        play.fit().ifPresent(fit -> parts.add(fit.word()));
        play.dynamics().ifPresent(swell -> parts.add(swell.toString()));
        play.raise().ifPresent(raise -> parts.add(raise.toString()));
        play.pause()
                .ifPresent(beats -> parts.add("pause of " + beats + (beats.equals(Length.WHOLE) ? " beat" : " beats")));
        return parts.isEmpty() ? "nothing said" : String.join(", ", parts);
    }

    /** Writes what is played over {@code span}: {@code Lantern march, short form, soft}. */
    public static String played(Song song, TimelineSpan span) {
        TimelineSpan.Played played = span.played();
        var parts = new ArrayList<String>();
        parts.add(played.what().map(what -> what(song, what)).orElse("nothing"));
        boolean hasForm = played.pattern().isPresent() && !played.form().equals(FormChoice.FULL);
        if (hasForm) parts.add(played.form().toString());
        if (!played.swell().equals(Swell.USUAL)) parts.add(played.swell().toString());
        span.raise().map(Raise::toString).ifPresent(parts::add);
        return String.join(", ", parts);
    }

    private static String what(Song song, What what) {
        return switch (what) {
            case What.Plays(var id) -> name(song, id);
            case What.Event event -> event.word();
        };
    }

    private static String name(Song song, PatternId id) {
        return song.pattern(id).map(Pattern::name).orElse(id.value());
    }

    /**
     * Reads a sentence about {@code song}.
     *
     * @throws NotationException if a part of it means nothing, with the place and the words that would do
     */
    public static Rule parse(Song song, String sentence) {
        return new RuleReader(song, sentence).read();
    }

    /** The names that a pattern can be called by in sentences; of patterns with the same name only the first one. */
    static Optional<PatternId> pattern(Song song, String name) {
        List<Pattern> all = song.patterns();
        return all.stream()
                .filter(pattern -> pattern.name().equalsIgnoreCase(name))
                .map(Pattern::id)
                .findFirst();
    }
}
