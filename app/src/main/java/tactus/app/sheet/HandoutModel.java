package tactus.app.sheet;

import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import tactus.app.work.Attempt;
import tactus.app.work.Layouts;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.edit.Edit;
import tactus.core.written.song.Handout;
import tactus.words.Words;

/** How the sheet of the song is composed. */
public final class HandoutModel {

    private final Work work;
    private final Layouts layouts;

    public HandoutModel(Work work, Settings settings) {
        this.work = work;
        layouts = settings.layouts();
    }

    Handout handout() {
        return work.song().lesson().handout();
    }

    /** Composes it otherwise. Returns what is wrong with that, if anything. */
    Optional<String> change(String what, UnaryOperator<Handout> change) {
        return Attempt.of(() -> {
            Handout other = change.apply(handout());
            if (other.equals(handout())) return;
            work.type(
                    "sheet " + what,
                    Edit.of("edit.sheet", song -> song.withLesson(song.lesson().with(other))));
        });
    }

    private Optional<String> read(String what, UnaryOperator<Handout.Reader> change) {
        return change(what, handout -> handout.with(change.apply(handout.reader())));
    }

    Optional<String> takeName(String text) {
        return read("name", reader -> reader.withName(text));
    }

    Optional<String> takeDate(String text) {
        return read("date", reader -> reader.withDate(text));
    }

    Optional<String> takeHomework(String text) {
        return read("homework", reader -> reader.withHomework(text));
    }

    /** The layouts that are kept for all songs, by their names. */
    Map<String, Handout> layouts() {
        return layouts.all();
    }

    /** Keeps how this sheet is composed under {@code name}. */
    Optional<String> keep(String name) {
        return layouts.keep(name, handout());
    }

    /** Forgets the layout called {@code name}. */
    Optional<String> forget(String name) {
        return layouts.forget(name);
    }

    /** Composes it as the layout called {@code name}. */
    Optional<String> take(String name) {
        Handout layout = layouts().get(name);
        return layout == null
                ? Optional.of(Words.of("layouts.none", name))
                : change("layout", handout -> handout.like(layout));
    }
}
