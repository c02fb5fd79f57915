package tactus.app.sheet;

import java.util.Map;
import java.util.function.UnaryOperator;
import tactus.app.work.Layouts;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.edit.Edit;
import tactus.core.ground.refusal.Outcome;
import tactus.core.written.song.Handout;

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
    Outcome change(String what, UnaryOperator<Handout> change) {
        return Outcome.of(() -> {
            Handout other = change.apply(handout());
            if (other.equals(handout())) return;
            work.type(
                    "sheet " + what,
                    Edit.of("edit.sheet", song -> song.withLesson(song.lesson().with(other))));
        });
    }

    private Outcome read(String what, UnaryOperator<Handout.Reader> change) {
        return change(what, handout -> handout.with(change.apply(handout.reader())));
    }

    Outcome takeName(String text) {
        return read("name", reader -> reader.withName(text));
    }

    Outcome takeDate(String text) {
        return read("date", reader -> reader.withDate(text));
    }

    Outcome takeHomework(String text) {
        return read("homework", reader -> reader.withHomework(text));
    }

    /** The layouts that are kept for all songs, by their names. */
    Map<String, Handout> layouts() {
        return layouts.all();
    }

    /** Keeps how this sheet is composed under {@code name}. */
    Outcome keep(String name) {
        return layouts.keep(name, handout());
    }

    /** Forgets the layout called {@code name}. */
    Outcome forget(String name) {
        return layouts.forget(name);
    }

    /** Composes it as the layout called {@code name}. */
    Outcome take(String name) {
        Handout layout = layouts().get(name);
        return layout == null
                ? Outcome.refused("layouts.none", name)
                : change("layout", handout -> handout.like(layout));
    }
}
