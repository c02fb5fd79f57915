package tactus.app.arrangement.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.work.Work;
import tactus.core.counsel.edit.Edit;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Outcome;
import tactus.core.reading.sentence.SungText;
import tactus.core.written.section.Except;
import tactus.core.written.section.Expansion;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.Use;
import tactus.core.written.section.WordLine;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
import tactus.words.SongWords;
import tactus.words.Words;

/** What is sung in the chosen section, entry or pass, and where somebody sings. */
public final class WordsModel {

    /** What the words hold for. */
    public enum Reach {
        EVERY_TIME,
        THIS_TIME,
        THIS_PASS
    }

    private final Work work;
    private final ArrangementModel arrangement;
    private final ObjectProperty<Reach> reach = new SimpleObjectProperty<>(this, "reach", Reach.EVERY_TIME);

    public WordsModel(Work work, ArrangementModel arrangement) {
        this.work = work;
        this.arrangement = arrangement;
    }

    /** What is typed holds for that. */
    public ObjectProperty<Reach> reachProperty() {
        return reach;
    }

    /** What there is to choose from: an entry that is played once has no passes to tell apart. */
    public List<Reach> reaches() {
        if (arrangement.use().isEmpty()) return List.of(Reach.EVERY_TIME);
        return arrangement.passes() > 1 ? List.of(Reach.values()) : List.of(Reach.EVERY_TIME, Reach.THIS_TIME);
    }

    /** The section as what is typed holds for it, without the bars of a tag. */
    private Optional<Section> section() {
        Optional<Section> written = arrangement.section();
        if (reach.get() == Reach.EVERY_TIME || arrangement.use().isEmpty()) return written;
        return written.map(section -> {
            Use use = arrangement.use().orElseThrow();
            int pass = reach.get() == Reach.THIS_TIME ? 1 : arrangement.choice().pass();
            List<Except> excepts = Expansion.on(use, pass, arrangement.passes());
            return Expansion.of(section, excepts, Assignment.round(work.song(), section))
                    .section();
        });
    }

    /** The words as they are typed. */
    public String text() {
        return section().map(section -> text(section).format(section.words())).orElse("");
    }

    private static SungText text(Section section) {
        return new SungText(section.barLines());
    }

    /** Whether {@code typed} says the words that are there. */
    boolean isSaid(String typed) {
        try {
            return section()
                    .map(section -> text(section).parse(typed).equals(section.words()))
                    .orElse(true);
        } catch (NotationException unread) {
            return false;
        }
    }

    /** Takes words while they are typed. Returns what is wrong with them, if anything. */
    public Outcome take(String typed) {
        return Outcome.of(() -> section().ifPresent(section -> {
            List<WordLine> words = text(section).parse(typed);
            if (!words.equals(section.words())) put(words);
        }));
    }

    private void put(List<WordLine> words) {
        Section written = arrangement.section().orElseThrow();
        String field = "words " + written.id() + " " + reach.get() + " "
                + arrangement.choice().use();
        if (reach.get() == Reach.EVERY_TIME) {
            work.type(
                    field,
                    Edit.of(
                            "edit.words",
                            song -> song.withSection(written.id(), section -> section.withWords(words)),
                            written.name()));
            return;
        }
        boolean asWritten = words.equals(written.words()) && reach.get() == Reach.THIS_TIME;
        Optional<Except.Change> change = asWritten ? Optional.empty() : Optional.of(new Except.OtherWords(words));
        work.type(field, Edit.of("edit.words-here", song -> with(song, Except.OtherWords.class, change)));
    }

    private PassChoice passes() {
        return reach.get() == Reach.THIS_PASS
                ? PassChoice.of(arrangement.choice().pass())
                : PassChoice.EVERY;
    }

    /** {@code song} with one exception of a kind for the chosen entry or pass, or none. */
    private Song with(Song song, Class<? extends Except.Change> kind, Optional<Except.Change> change) {
        Use use = arrangement.use().orElseThrow();
        var others = new ArrayList<>(use.excepts());
        others.removeIf(
                except -> kind.isInstance(except.change()) && except.on().equals(passes()));
        change.ifPresent(each -> others.add(new Except(passes(), each)));
        return song.withUse(use.withExcepts(others));
    }

    /** Where somebody sings, as it is typed; empty if the words say it. */
    public String voice() {
        Optional<Section> section = section();
        if (section.isEmpty() || !section.get().words().isEmpty()) return "";
        return VoiceText.of(section.get().voice());
    }

    /** Whether the words say where somebody sings. */
    boolean isVoiceSaid() {
        return section().filter(section -> !section.words().isEmpty()).isPresent();
    }

    /** Takes bars such as {@code 1-4, 6.3-8} as those where somebody sings there. Returns what is wrong, if anything. */
    public Outcome takeVoice(String typed) {
        return Outcome.of(() -> section().ifPresent(section -> {
            List<Stretch> voice = VoiceText.read(typed, section, arrangement);
            if (voice.equals(section.voice())) return;
            work.change("edit.voice", song -> sung(song, section.id(), voice), section.name());
        }));
    }

    private Song sung(Song song, SectionId id, List<Stretch> voice) {
        return reach.get() == Reach.EVERY_TIME
                ? song.withSection(id, each -> each.withVoice(voice))
                : with(song, Except.OtherVoice.class, Optional.of(new Except.OtherVoice(voice)));
    }

    /** {@code typed} with the word at {@code caret} a place later, or earlier if {@code step} is negative. */
    static SungText.Moved moved(String typed, int caret, int step) {
        return SungText.moved(typed, caret, step);
    }

    /** What the chosen place is called. */
    String place() {
        String name = arrangement.section().map(Section::name).orElse("");
        boolean every = reach.get() == Reach.EVERY_TIME || arrangement.use().isEmpty();
        if (every) return name;
        String use = new SongWords(work.song()).use(arrangement.choice().use().orElseThrow());
        return reach.get() == Reach.THIS_TIME
                ? use
                : Words.of("words.pass", use, arrangement.choice().pass());
    }

    /** How many bars there are to sing over. */
    int bars() {
        return section().map(section -> section.bars().size()).orElse(0);
    }
}
