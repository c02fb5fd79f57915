package tactus.app.arrangement.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.music.chord.ChordLetters;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.song.Assignment;
import tactus.words.Words;

/** The chords of the chosen section as a line of text; its full stops and low lines are rules for single chords. */
public final class HarmonyLineModel {

    private static final Pattern BREAK = Pattern.compile("(?<!\\s)\\s*\\R\\s*");

    private final Work work;
    private final ArrangementModel arrangement;
    private final Settings settings;

    public HarmonyLineModel(Work work, ArrangementModel arrangement, Settings settings) {
        this.work = work;
        this.settings = settings;
        this.arrangement = arrangement;
    }

    private Length round(Section section) {
        return Assignment.round(work.song(), section);
    }

    /** The chords of the section as a line that can be typed. */
    public String line() {
        return arrangement
                .section()
                .map(section -> new HarmonyLine(
                                section.bars(),
                                section.spans(),
                                marks(section),
                                section.harmony().loops())
                        .text(work.song().facts().meter(), round(section)))
                .map(line -> ChordLetters.written(line, settings.noteSchool()))
                .orElse("");
    }

    /** Which section the line is of. */
    public Object subject() {
        return arrangement.section().map(Section::id);
    }

    private List<HarmonyLine.Mark> marks(Section section) {
        var marks = new ArrayList<HarmonyLine.Mark>();
        for (Rule rule : work.song().rules()) {
            if (!isMark(rule, section)) continue;
            int number = ((Part.OnChord) rule.where().part().orElseThrow()).number();
            marks.add(new HarmonyLine.Mark(number - 1, rule.play().what().equals(Optional.of(What.Event.HELD))));
        }
        return marks;
    }

    /** A rule that the line shows: one chord of the section is struck once, whatever the pass. */
    private static boolean isMark(Rule rule, Section section) {
        Optional<Part> part = rule.where().part();
        boolean single = part.isPresent()
                && part.get() instanceof Part.OnChord(int number)
                && number > 0
                && rule.where().equals(Where.in(section.id()).withPart(part.get()));
        Optional<What> what = rule.play().what();
        return single && (what.equals(Optional.of(What.Event.STOP)) || what.equals(Optional.of(What.Event.HELD)));
    }

    /** Takes what is typed as the chords of the section. Returns what is wrong with it, if anything. */
    public Outcome takeLine(String text) {
        if (arrangement.section().isEmpty() || text.strip().equals(line())) return Outcome.DONE;
        Section section = arrangement.section().get();
        return checked(
                        text,
                        line -> work.change(
                                "edit.chords",
                                song -> {
                                    var rules = new ArrayList<>(song.rules().stream()
                                            .filter(rule -> !isMark(rule, section))
                                            .toList());
                                    for (HarmonyLine.Mark mark : line.marks()) {
                                        Where where =
                                                Where.in(section.id()).withPart(new Part.OnChord(mark.span() + 1));
                                        rules.add(new Rule(
                                                where, Play.of(mark.rings() ? What.Event.HELD : What.Event.STOP)));
                                    }
                                    return song.withRules(rules)
                                            .withSection(section.withBars(line.bars())
                                                    .withSpans(line.spans())
                                                    .withLoops(line.loops()));
                                },
                                section.name()))
                .get();
    }

    /** Finds out what is wrong with a line that is being typed, if anything, in any thread. */
    public Supplier<Outcome> problem(String text) {
        return text.isBlank() ? () -> Outcome.DONE : checked(text, _ -> {});
    }

    private Supplier<Outcome> checked(String text, Consumer<HarmonyLine> then) {
        Section section = arrangement.section().orElseThrow();
        Optional<Length> round = Assignment.of(work.song(), section.id()).map(_ -> round(section));
        Meter usual = work.song().facts().meter();
        NoteSchool school = settings.noteSchool();
        return () -> Outcome.of(() -> {
            // Lines that were pasted are bars after each other.
            String line = ChordLetters.international(BREAK.matcher(text.strip()).replaceAll(" | "), school);
            then.accept(HarmonyLine.parse(line, usual, round, Words.lexicon()));
        });
    }
}
