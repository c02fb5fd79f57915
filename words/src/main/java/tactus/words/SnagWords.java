package tactus.words;

import java.util.List;
import java.util.stream.Collectors;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.SnagPlace;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Except;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/** The snags of a song in words: where each is, what is wrong, and what was counted. */
public final class SnagWords {

    private final Song song;
    private final SongWords words;

    public SnagWords(Song song) {
        this.song = song;
        words = new SongWords(song);
    }

    /** {@code Verse, bar 3: the chords last 7 beats ...}. */
    public String of(Snag snag) {
        return Words.of("snag.at", where(snag), sentence(snag));
    }

    /** The place as a person would say it: {@code Verse, bar 3}. */
    public String where(Snag snag) {
        return Words.say(named(snag.where()));
    }

    /** What is wrong, in plain words. */
    public String sentence(Snag snag) {
        return Words.say(named(snag.sentence()));
    }

    /** What was counted: {@code beats of the chords 7}. */
    public String numbers(Snag snag, String between) {
        return snag.numbers().stream()
                .map(number -> label(number) + " " + number.value())
                .collect(Collectors.joining(between));
    }

    /** What a number is. */
    public static String label(Snag.Number number) {
        return Words.of("number." + number.code());
    }

    /** What a number is called in JSON, which is the same in every language. */
    public static String key(Snag.Number number) {
        return Language.english().text("number." + number.code());
    }

    private Statement named(Statement statement) {
        return new Statement(
                statement.code(), statement.values().stream().map(this::named).toList());
    }

    /** What the things of a song are called in it. */
    private Object named(Object value) {
        return switch (value) {
            case Statement statement -> named(statement);
            case List<?> list -> list.stream().map(this::named).toList();
            case SectionId id -> song.section(id).map(Section::name).orElse(id.value());
            case PatternId id -> song.pattern(id).map(Pattern::name).orElse(id.value());
            case SnagPlace.InUse in -> words.use(in.use().index());
            case Rule rule -> words.of(rule);
            case Where where -> words.of(where);
            case Play play -> words.rules().of(play);
            case Except except -> words.of(except);
            case Length length -> Phrasing.number(length);
            default -> value;
        };
    }
}
