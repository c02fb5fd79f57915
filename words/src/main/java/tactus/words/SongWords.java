package tactus.words;

import java.util.List;
import java.util.Optional;
import tactus.core.laid.sum.Moment;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.reading.sentence.ExceptSentence;
import tactus.core.reading.sentence.PlaceWords;
import tactus.core.reading.sentence.RuleSentence;
import tactus.core.reading.sentence.UseNames;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.Use;
import tactus.core.written.song.Song;

/** A song's rules, exceptions and uses in the current language. */
public final class SongWords {

    private final RuleSentence rules;
    private final ExceptSentence excepts;
    private final UseNames uses;
    private final Song song;

    public SongWords(Song song) {
        this.song = song;
        rules = new RuleSentence(Words.lexicon(), song);
        excepts = new ExceptSentence(Words.lexicon(), song.facts().meter());
        uses = new UseNames(Words.lexicon(), song);
    }

    /** Rules as sentences, to be written and read. */
    public RuleSentence rules() {
        return rules;
    }

    public String of(Rule rule) {
        return rules.of(rule);
    }

    public String of(Where where) {
        return rules.of(where);
    }

    /** {@code in G}, for a section in a key of its own. */
    public Optional<String> key(SectionId section) {
        return song.section(section).flatMap(Section::key).map(key -> Words.of("section.in-key", key));
    }

    /** {@code last 2 bars: F | G instead}. */
    public String of(Except except) {
        return excepts.of(except);
    }

    /** What is other this time, but for how often it goes round where that stands in the heading: several times. */
    public List<String> others(Use use) {
        return use.excepts().stream()
                .filter(except -> !(except.change() instanceof Except.Runs(int runs)) || runs == 1)
                .map(this::of)
                .toList();
    }

    /** What is played over {@code span}. */
    public String played(TimelineSpan span) {
        return rules.played(span);
    }

    /** What the entry with the index {@code use}, from 0, is called. */
    public String use(int use) {
        return uses.of(use);
    }

    /** What the entry with {@code id} is called, as long as there is one. */
    public Optional<String> entry(int id) {
        return uses.ofId(id);
    }

    /** {@code bar 48, second Chorus, pass 1, beat 3}. */
    public String of(Moment moment) {
        return Words.of(
                "moment",
                moment.bar().number(),
                use(moment.bar().use()),
                moment.bar().pass(),
                moment.beat());
    }

    public static String of(PassChoice passes) {
        return new PlaceWords(Words.lexicon()).of(passes);
    }

    public static String of(Stretch bars) {
        return new PlaceWords(Words.lexicon()).of(bars);
    }
}
