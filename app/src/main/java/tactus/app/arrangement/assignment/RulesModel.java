package tactus.app.arrangement.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.arrangement.section.Choice;
import tactus.app.work.Work;
import tactus.core.counsel.suggestion.Suggestion;
import tactus.core.counsel.suggestion.Suggestions;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Outcome;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Dynamic;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Numbered;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Use;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.RuleReach;
import tactus.core.written.song.Song;
import tactus.core.written.song.Why;
import tactus.words.SongWords;
import tactus.words.Words;

/** The song's rules as sentences, and what can be done with them. */
public final class RulesModel {

    /**
     * A rule.
     *
     * @param index its place among the song's rules, from 0
     * @param isHere whether it speaks of the chosen section
     * @param isAlternative whether it is another way that is offered
     */
    public record Sentence(int index, String text, boolean isHere, boolean isAlternative) {}

    private final Work work;
    private final ArrangementModel arrangement;
    private final ObjectProperty<Target> target = new SimpleObjectProperty<>(this, "target", Target.SECTION);
    private final ObjectProperty<OptionalInt> edited = new SimpleObjectProperty<>(this, "edited", OptionalInt.empty());

    private Optional<TakenRule> taken = Optional.empty();

    public RulesModel(Work work, ArrangementModel arrangement) {
        this.work = work;
        this.arrangement = arrangement;
        work.openedProperty().subscribe(_ -> edited.set(OptionalInt.empty()));
    }

    /** Where the next rule holds that is made by a key. */
    public ObjectProperty<Target> targetProperty() {
        return target;
    }

    /** The rule that is being rewritten; empty while a new one is written. */
    public ObjectProperty<OptionalInt> editedProperty() {
        return edited;
    }

    /** Opens a rule to be rewritten. */
    public void edit(int index) {
        edited.set(OptionalInt.of(index));
    }

    private SongWords words() {
        return new SongWords(work.song());
    }

    /** {@code rule} as a sentence. */
    String sentence(Rule rule) {
        return words().of(rule);
    }

    /** The rule that is being rewritten, as a sentence. */
    public String editedText() {
        OptionalInt index = edited.get();
        boolean there =
                index.isPresent() && index.getAsInt() < work.song().rules().size();
        return there ? words().of(work.song().rules().get(index.getAsInt())) : "";
    }

    /** Every rule, those of the chosen section first. */
    public List<Sentence> sentences() {
        var all = new ArrayList<Sentence>();
        List<Rule> rules = work.song().rules();
        for (int i = 0; i < rules.size(); i++) {
            boolean here =
                    arrangement.choice().section().equals(rules.get(i).where().section());
            all.add(new Sentence(i, words().of(rules.get(i)), here, rules.get(i).isAlternative()));
        }
        all.sort((one, other) -> Boolean.compare(other.isHere(), one.isHere()));
        return all;
    }

    /**
     * How a sentence is read.
     *
     * @param said it in our words; empty while it cannot be read
     * @param problem what is wrong with it, if anything
     */
    public record Reading(Optional<String> said, Outcome outcome) {

        static final Reading NOTHING = new Reading(Optional.empty(), Outcome.DONE);
    }

    /** Reads a sentence that is being typed, in any thread. */
    Supplier<Reading> reading(String text) {
        SongWords words = words();
        return () -> {
            try {
                if (text.isBlank()) return Reading.NOTHING;
                return new Reading(Optional.of(words.of(words.rules().parse(text))), Outcome.DONE);
            } catch (NotationException wrong) {
                return new Reading(Optional.empty(), new Outcome.Refused(wrong));
            }
        };
    }

    /** What became of the rule that was taken last, as long as the song is as that left it. */
    Optional<TakenRule> taken() {
        return taken.filter(each -> each.into().equals(work.written()));
    }

    private void took(Rule rule) {
        taken = Optional.of(TakenRule.of(work.song(), work.written(), rule));
    }

    /** Lets what was taken hold everywhere in its place. */
    void holdEverywhere() {
        taken().map(TakenRule::rule).ifPresent(rule -> {
            Song before = work.song();
            work.change(
                    "edit.rule",
                    song -> song.withRules(RuleReach.everywhere(before, rule).rules()));
            took(rule);
        });
    }

    /** Takes a sentence as a new rule or in place of the one that is being rewritten. Returns how it was read. */
    public Reading take(String text) {
        try {
            Rule rule = words().rules().parse(text);
            OptionalInt index = edited.get();
            boolean replaces =
                    index.isPresent() && index.getAsInt() < work.song().rules().size();
            work.change("edit.rule", song -> {
                if (!replaces) return song.withRule(rule);
                var rules = new ArrayList<>(song.rules());
                rules.set(index.getAsInt(), rule);
                return song.withRules(rules);
            });
            edited.set(OptionalInt.empty());
            took(work.song().rules().contains(rule) ? rule : inShown(rule));
            return new Reading(Optional.of(words().of(rule)), Outcome.DONE);
        } catch (NotationException wrong) {
            return new Reading(Optional.empty(), new Outcome.Refused(wrong));
        }
    }

    /** Plays the way that the rule with {@code index} offers, and offers the one that was played there. */
    public void playInstead(int index) {
        work.change("edit.play-instead", song -> Assignment.exchanged(song, index));
    }

    public void delete(int index) {
        edited.set(OptionalInt.empty());
        work.change("edit.delete-rule", song -> {
            var rules = new ArrayList<>(song.rules());
            rules.remove(index);
            return song.withRules(rules);
        });
    }

    private Where where(Target wanted) {
        return wanted.where(arrangement.choice(), arrangement.use().map(Use::id));
    }

    /** The places of the chosen chords: whole bars as bars, otherwise each chord for itself. */
    private List<Where> onChords() {
        Where where = where(target.get());
        if (where.part().isPresent()) return List.of(where);
        Choice choice = arrangement.choice();
        Optional<Part> bars = choice.isSeveral() ? arrangement.chosenBars().map(Part.InBars::new) : Optional.empty();
        if (bars.isPresent()) return List.of(where.withPart(bars.get()));
        return IntStream.rangeClosed(choice.first(), choice.last())
                .map(this::numberOfChord)
                .mapToObj(number -> where.withPart(new Part.OnChord(number)))
                .toList();
    }

    /** The number by which a rule speaks of a chosen chord; a section without chords waits for its first. */
    private int numberOfChord(int span) {
        return arrangement
                .numbered()
                .map(Numbered::chords)
                .filter(numbers -> span < numbers.size())
                .map(numbers -> numbers.get(span))
                .orElse(span + 1);
    }

    private static Song with(Song song, List<Rule> rules) {
        Song next = song;
        for (Rule rule : rules) next = next.withRule(rule);
        return next;
    }

    /** Plays the pattern with {@code number}, from 1 as listed, on the chosen chords. */
    public void assignToChord(int number) {
        if (number > work.song().patterns().size()) return;
        assignToChords(work.song().patterns().get(number - 1).id());
    }

    /** Plays a pattern on the chosen chords. */
    public void assignToChords(PatternId id) {
        if (arrangement.section().isEmpty()) return;
        List<Rule> rules = onChords().stream()
                .map(where -> new Rule(where, Play.pattern(id)))
                .toList();
        work.change("edit.chord-pattern", song -> with(song, rules));
    }

    /** What a digit does: several chosen chords get the pattern, or else the section or its last pass. */
    public void assign(int number, boolean toLastPass) {
        if (number > work.song().patterns().size()) return;
        PatternId pattern = work.song().patterns().get(number - 1).id();
        if (arrangement.choice().isSeveral() && !toLastPass) assignToChords(pattern);
        else assignToSection(Optional.of(pattern), toLastPass);
    }

    /** Plays a pattern, or none, all through the chosen section or on its last pass. */
    public void assignToSection(Optional<PatternId> pattern, boolean toLastPass) {
        arrangement.section().ifPresent(section -> {
            Where where = Where.in(section.id());
            Where place = toLastPass ? where.withPass(PassChoice.LAST) : where;
            work.change("edit.assign", song -> Assignment.assigned(song, place, pattern), section.name());
        });
    }

    /** Plays an event on the chosen chord, or what was there before if it is there already. */
    public void toggle(What.Event event) {
        if (arrangement.section().isEmpty()) return;
        List<Rule> rules = onChords().stream()
                .map(where -> new Rule(where, Play.of(event)))
                .toList();
        boolean there = rules.stream().allMatch(this::isSaid);
        work.change("edit.event", song -> there ? without(song, rules) : with(song, rules));
    }

    /** Whether a rule holds there, in every version or in the one that is shown. */
    private boolean isSaid(Rule rule) {
        List<Rule> rules = work.song().rules();
        return rules.contains(rule) || rules.contains(inShown(rule));
    }

    private Rule inShown(Rule rule) {
        return rule.withWhere(rule.where().withVersion(work.song().versions().shown()));
    }

    private static Song without(Song song, List<Rule> rules) {
        Song next = song;
        for (Rule rule : rules) next = Assignment.assigned(next, rule.where(), Optional.empty());
        return next;
    }

    /** Makes the place that {@link #targetProperty} names {@code steps} stronger, or softer if negative. */
    public void louder(int steps) {
        if (arrangement.section().isEmpty()) return;
        int level = Math.clamp(level() + (long) steps, 0, Dynamic.values().length - 1);
        Play play = Play.OPEN.with(Swell.of(Dynamic.values()[level]));
        List<Where> places = arrangement.choice().isSeveral() ? onChords() : List.of(where(target.get()));
        work.change(
                "edit.loudness",
                song -> with(
                        song,
                        places.stream().map(where -> new Rule(where, play)).toList()));
    }

    /** How loud the chosen chord is now. */
    private int level() {
        return arrangement
                .chosenSpan()
                .map(span -> span.played().swell().from().ordinal())
                .orElse(Dynamic.MEDIUM.ordinal());
    }

    /** What is really played where the chosen chord is not played as the section says, and the rule that says so. */
    public Optional<String> playedOtherwise() {
        Optional<TimelineSpan> span = arrangement.chosenSpan();
        Optional<PatternId> assigned =
                arrangement.section().flatMap(section -> Assignment.of(work.song(), section.id()));
        if (span.isEmpty() || span.get().pattern().equals(assigned)) return Optional.empty();
        var words = new SongWords(work.song());
        return span.get()
                .played()
                .rule()
                .map(rule -> Words.of("assign.otherwise", words.played(span.get()), words.of(rule)));
    }

    /** Why the chosen chord is played as it is; empty for a section that is not played. */
    public Optional<Why> why() {
        Choice choice = arrangement.choice();
        if (choice.use().isEmpty() || arrangement.section().isEmpty()) return Optional.empty();
        return Optional.of(Why.at(work.song(), choice.use().getAsInt(), choice.pass(), choice.span()));
    }

    /** What is played over {@code span}, in words. */
    String played(TimelineSpan span) {
        return words().played(span);
    }

    /** Adds a rule as it is. */
    void add(Rule rule) {
        work.change("edit.rule", song -> song.withRule(rule));
    }

    /** Opens {@code rule} to be rewritten. */
    void edit(Rule rule) {
        IntStream.range(0, work.song().rules().size())
                .filter(index -> work.song().rules().get(index).equals(rule))
                .findFirst()
                .ifPresent(this::edit);
    }

    /** What could be added for the chosen section. */
    public List<Suggestion> suggestions() {
        return arrangement
                .section()
                .map(section -> Suggestions.of(work.song(), section))
                .orElse(List.of());
    }

    public void take(Suggestion suggestion) {
        work.change("edit.suggestion", suggestion::addedTo);
    }
}
