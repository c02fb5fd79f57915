package tactus.app.arrangement.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.reading.sentence.HintSentence;
import tactus.core.written.section.Section;
import tactus.core.written.song.Hint;
import tactus.core.written.song.HintPlace;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** What is to be kept in mind of the song, its sections, chords, changes and patterns, a sentence each. */
public final class HintsModel {

    private final Work work;
    private final ArrangementModel arrangement;

    public HintsModel(Work work, ArrangementModel arrangement) {
        this.work = work;
        this.arrangement = arrangement;
    }

    private HintSentence sentences() {
        return new HintSentence(Words.lexicon(), work.song());
    }

    /** All hints as sentences that can be read again. */
    public List<String> all() {
        return work.song().lesson().hints().stream().map(sentences()::of).toList();
    }

    /** What a hint without a place is about: the chosen section. */
    Optional<String> usual() {
        return arrangement.section().map(Section::name);
    }

    /** Adds a hint, {@code F: keep the first finger down}. Returns what is wrong, if anything. */
    public Outcome add(String text) {
        return Outcome.of(() -> {
            Hint hint = read(text);
            change(hints -> hints.add(hint), sentences().place(hint.about()));
        });
    }

    /** Puts {@code text} in the place of the hint {@code index}. Returns what is wrong, if anything. */
    public Outcome replace(int index, String text) {
        return Outcome.of(() -> {
            Hint hint = read(text);
            change(hints -> hints.set(index, hint), sentences().place(hint.about()));
        });
    }

    private Hint read(String text) {
        return sentences().parse(text, arrangement.section().map(section -> new HintPlace.OfSection(section.id())));
    }

    public void remove(int index) {
        Hint gone = work.song().lesson().hints().get(index);
        change(hints -> hints.remove(index), sentences().place(gone.about()));
    }

    private void change(Consumer<List<Hint>> edit, String about) {
        work.change("edit.hints", song -> edited(song, edit), about);
    }

    private static Song edited(Song song, Consumer<List<Hint>> edit) {
        var hints = new ArrayList<>(song.lesson().hints());
        edit.accept(hints);
        return song.withLesson(song.lesson().withHints(hints));
    }
}
