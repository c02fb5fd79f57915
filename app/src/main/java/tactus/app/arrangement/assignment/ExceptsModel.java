package tactus.app.arrangement.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.edit.Edit;
import tactus.core.ground.name.Slug;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.chord.ChordLetters;
import tactus.core.music.time.Length;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Except;
import tactus.core.written.section.Expansion;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.Use;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
import tactus.words.SongWords;
import tactus.words.Words;

/** What is other in the chosen entry of the running order. */
public final class ExceptsModel {

    private final Work work;
    private final ArrangementModel arrangement;
    private final Settings settings;

    public ExceptsModel(Work work, ArrangementModel arrangement, Settings settings) {
        this.work = work;
        this.settings = settings;
        this.arrangement = arrangement;
    }

    /** What the chosen entry is called; empty if nothing is chosen that is played. */
    public Optional<String> name() {
        return arrangement.use().map(_ -> words().use(arrangement.choice().use().orElseThrow()));
    }

    /** The exceptions to bars and passes, a sentence each. */
    public List<String> sentences() {
        return arrangement.use().map(Use::excepts).orElse(List.of()).stream()
                .map(words()::of)
                .toList();
    }

    /** The rules that hold in this entry only. */
    List<String> ruleSentences() {
        return rules().stream().map(words()::of).toList();
    }

    private SongWords words() {
        return new SongWords(work.song());
    }

    private List<Rule> rules() {
        Optional<UseChoice> here = arrangement.use().map(Use::id).map(UseChoice::entry);
        return work.song().rules().stream()
                .filter(rule -> here.equals(Optional.of(rule.where().use())))
                .toList();
    }

    public void takeBack(int index) {
        arrangement
                .use()
                .ifPresent(use -> work.change("edit.take-back-exception", song -> song.withUse(use.minus(index))));
    }

    /** Lets the entry go round {@code passes} times; as often as the section if that is the same. */
    public Outcome run(int passes) {
        return Outcome.of(() -> arrangement.use().ifPresent(use -> {
            int usual = arrangement.section().map(Section::passes).orElse(1);
            var others = new ArrayList<>(use.excepts());
            others.removeIf(except -> except.change() instanceof Except.Runs);
            if (passes != usual) others.add(Except.runs(passes));
            if (!others.equals(use.excepts()))
                work.change("edit.passes", song -> song.withUse(use.withExcepts(others)));
        }));
    }

    /**
     * Adds an exception to bars.
     *
     * @param where the bars that are replaced; blank to add bars at the end
     * @param line the chords there, as a harmony line; blank to leave the bars out
     */
    public Outcome add(String where, String line, PassChoice passes) {
        return Outcome.of(() -> arrangement.use().ifPresent(use -> {
            Except except = new Except(passes, change(where, line));
            work.change("edit.except", song -> song.withUse(use.plus(except)));
        }));
    }

    /**
     * The passes that are most likely meant for bars: where the last bars of a section that goes round are other, it is a second
     * ending (common practice).
     */
    PassChoice likely(String where) {
        Optional<Section> section = arrangement.section().filter(_ -> arrangement.passes() > 1);
        if (where.isBlank() || section.isEmpty()) return PassChoice.EVERY;
        try {
            boolean ends = bars(where)
                    .in(section.get().barLines())
                    .filter(bounds ->
                            bounds.to().equals(section.get().barLines().length()))
                    .isPresent();
            return ends ? PassChoice.LAST : PassChoice.EVERY;
        } catch (Refusal half) {
            return PassChoice.EVERY;
        }
    }

    private Except.Change change(String where, String line) {
        if (where.isBlank() && line.isBlank()) throw new Refusal("except.empty");
        if (line.isBlank()) return new Except.LeftOut(bars(where));
        Section section = arrangement.section().orElseThrow();
        Optional<Length> round =
                Assignment.of(work.song(), section.id()).map(_ -> Assignment.round(work.song(), section));
        HarmonyLine typed = read(line, round);
        boolean isOpen = typed.spans().stream().anyMatch(span -> span.length() instanceof SpanLength.Open);
        HarmonyLine read = isOpen ? read(said(line, where, section), round) : typed;
        var bars = new Except.Bars(read.bars(), read.spans(), read.loops());
        return where.isBlank() ? new Except.ExtraBars(bars) : new Except.OtherBars(bars(where), bars);
    }

    private HarmonyLine read(String line, Optional<Length> round) {
        return HarmonyLine.parse(
                ChordLetters.international(line, settings.noteSchool()),
                work.song().facts().meter(),
                round,
                Words.lexicon());
    }

    /** Chords without lengths share the one bar that they replace, otherwise each has a bar. */
    private String said(String line, String where, Section section) {
        boolean isOneBar = !where.isBlank()
                && bars(where)
                        .in(section.barLines())
                        .filter(bounds -> bounds.to()
                                .minus(bounds.from())
                                .equals(section.bars().getFirst().length()))
                        .isPresent();
        return isOneBar ? "| " + line : line.strip().replaceAll("\\s+", " | ");
    }

    private Stretch bars(String where) {
        return arrangement.bars(where);
    }

    /** Makes the chosen entry a section of its own, with the bars it has on its first pass. */
    public void makeSection() {
        arrangement.use().ifPresent(use -> {
            Section played = arrangement.section().orElseThrow();
            String name = Slug.freshName(
                    played.name(), free -> work.song().sections().stream().anyMatch(section -> section.isCalled(free)));
            work.change("edit.own-section", song -> separated(song, use, name), name);
        });
    }

    private static Song separated(Song song, Use use, String name) {
        Section section = song.section(use.section()).orElseThrow();
        int passes = Expansion.passes(section, use);
        Length round = Assignment.round(song, section);
        List<Except> first = Expansion.on(use, 1, passes);
        SectionId id = song.freshSectionId(name);
        Section own =
                Expansion.of(section, first, round).section().copiedAs(id, name).withPasses(passes);
        List<Except> rest = use.excepts().stream()
                .filter(except -> !first.contains(except) && !(except.change() instanceof Except.Runs))
                .toList();
        var rules = new ArrayList<Rule>();
        for (Rule rule : song.rules()) {
            boolean ofUse = rule.where().use().equals(UseChoice.entry(use.id()));
            boolean ofSection = rule.where().section().equals(Optional.of(section.id()))
                    && rule.where().use().isEvery();
            Where here = rule.where().withSection(Optional.of(id));
            rules.add(ofUse ? rule.withWhere(here.withUse(UseChoice.EVERY)) : rule);
            if (ofSection) rules.add(rule.withWhere(here));
        }
        Song with = song.withSection(own);
        return with.withUse(new Use(use.id(), id, use.name(), rest)).withRules(rules);
    }

    /** The name that the chosen entry has of its own; empty if it has none. */
    public String ownName() {
        return arrangement.use().flatMap(Use::name).orElse("");
    }

    /** Gives the chosen entry a name of its own, or takes it back where {@code name} is blank. */
    public Outcome rename(String name) {
        Optional<String> own = Optional.of(name.strip()).filter(text -> !text.isEmpty());
        return Outcome.of(() -> arrangement
                .use()
                .ifPresent(use -> work.type(
                        "use-name " + use.id(),
                        Edit.of("edit.name-entry", song -> song.withUse(use.withName(own)), own.orElse("")))));
    }
}
