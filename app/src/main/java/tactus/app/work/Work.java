package tactus.app.work;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.core.history.History;
import tactus.core.snag.Snag;
import tactus.core.snag.Snags;
import tactus.core.song.Song;
import tactus.core.timeline.Timeline;

/** The song that is being worked on, with everything that follows from it. */
public final class Work {

    /**
     * What the song is and what follows from it, always in step.
     *
     * @param snags those that are not accepted
     * @param accepted those that are meant so
     */
    public record State(Song song, Timeline timeline, List<Snag> snags, List<Snag> accepted) {

        static State of(Song song) {
            Timeline timeline = Timeline.of(song);
            Map<Boolean, List<Snag>> snags = Snags.byAcceptance(song, Snags.all(song, timeline));
            return new State(song, timeline, snags.get(false), snags.get(true));
        }
    }

    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(this, "state");
    private final ReadOnlyObjectWrapper<Optional<Path>> file =
            new ReadOnlyObjectWrapper<>(this, "file", Optional.empty());
    private final ReadOnlyBooleanWrapper unsaved = new ReadOnlyBooleanWrapper(this, "unsaved");
    private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper(this, "canUndo");
    private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper(this, "canRedo");
    private final ReadOnlyIntegerWrapper opened = new ReadOnlyIntegerWrapper(this, "opened");
    private History<Song> history;
    private Song saved;
    private String typing = "";

    public Work(Song song) {
        start(song, Optional.empty(), song);
    }

    private void start(Song song, Optional<Path> path, Song asSaved) {
        saved = asSaved;
        typing = "";
        file.set(path);
        show(History.of(song));
        opened.set(opened.get() + 1);
    }

    /** Works on {@code song}, which is in {@code path} as it stands. */
    public void open(Song song, Path path) {
        start(song, Optional.of(path), song);
    }

    /** Works on {@code song}, which is in no file but worth nothing until it is changed: a new or demo song. */
    public void begin(Song song) {
        start(song, Optional.empty(), song);
    }

    /** Works on {@code song}, which is in no file and would be lost: a recovered or repaired one. */
    public void rescue(Song song) {
        start(song, Optional.empty(), Song.empty("?"));
    }

    /** Remembers that the song as it stands is in {@code path}. */
    public void savedAs(Path path) {
        saved = song();
        file.set(Optional.of(path));
        unsaved.set(false);
    }

    /** Makes a change that can be undone. */
    public void change(UnaryOperator<Song> change) {
        typing = "";
        show(history.plus(change.apply(song())));
    }

    /** Makes a change that belongs to what is being typed in {@code field}: all of it is undone at once. */
    public void type(String field, UnaryOperator<Song> change) {
        Song next = change.apply(song());
        if (next.equals(song())) return;
        boolean goesOn = field.equals(typing);
        typing = field;
        show(goesOn ? history.amended(next) : history.plus(next));
    }

    /** Ends what was being typed, so that the next change is undone by itself. */
    public void endTyping() {
        typing = "";
    }

    public void undo() {
        typing = "";
        show(history.undone());
    }

    public void redo() {
        typing = "";
        show(history.redone());
    }

    private void show(History<Song> next) {
        history = next;
        canUndo.set(next.canUndo());
        canRedo.set(next.canRedo());
        unsaved.set(!next.present().equals(saved));
        if (state.get() == null || !state.get().song().equals(next.present())) state.set(State.of(next.present()));
    }

    public Song song() {
        return state.get().song();
    }

    public Timeline timeline() {
        return state.get().timeline();
    }

    public List<Snag> snags() {
        return state.get().snags();
    }

    public ReadOnlyObjectProperty<State> stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** How many songs have been put here; it changes when another one is worked on, not when this one is changed. */
    public ReadOnlyIntegerProperty openedProperty() {
        return opened.getReadOnlyProperty();
    }

    public Optional<Path> getFile() {
        return file.get();
    }

    public ReadOnlyObjectProperty<Optional<Path>> fileProperty() {
        return file.getReadOnlyProperty();
    }

    public boolean isUnsaved() {
        return unsaved.get();
    }

    public ReadOnlyBooleanProperty unsavedProperty() {
        return unsaved.getReadOnlyProperty();
    }

    public ReadOnlyBooleanProperty canUndoProperty() {
        return canUndo.getReadOnlyProperty();
    }

    public ReadOnlyBooleanProperty canRedoProperty() {
        return canRedo.getReadOnlyProperty();
    }
}
