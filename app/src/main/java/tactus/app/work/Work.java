package tactus.app.work;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BinaryOperator;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.core.counsel.edit.Consequence;
import tactus.core.counsel.edit.Edit;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.Snags;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.history.History;
import tactus.core.written.song.ForAll;
import tactus.core.written.song.InVersion;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongId;
import tactus.words.Words;

/** The song that is being worked on, with everything that follows from it. */
public final class Work {

    /**
     * What the song is and what follows from it, always in step.
     *
     * @param written the song with all of its versions, as it is kept
     * @param song the song as the shown version has it, which is what is seen and edited
     * @param snags those that are not accepted
     * @param accepted those that are meant so
     */
    public record State(Song written, Song song, Timeline timeline, List<Snag> snags, List<Snag> accepted) {

        static State of(Song written) {
            Song song = written.asShown();
            Timeline timeline = Timeline.of(song);
            Map<Boolean, List<Snag>> snags = Snags.byAcceptance(song, Snags.all(song, timeline, Words.lexicon()));
            return new State(written, song, timeline, snags.get(false), snags.get(true));
        }
    }

    /** A song with what was done last to make it; empty for the first one. */
    private record Step(Song song, Optional<Statement> made) {}

    /**
     * An edit that was done and of which something came that a person must be told.
     *
     * @param before the song in front of it, as it was seen
     * @param forAll why it changed every version while one was shown; empty if it did not
     */
    public record Done(List<Consequence> consequences, Song before, Song after, Set<ForAll> forAll) {}

    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(this, "state");
    private final ReadOnlyObjectWrapper<Optional<Path>> file =
            new ReadOnlyObjectWrapper<>(this, "file", Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<SongId>> id =
            new ReadOnlyObjectWrapper<>(this, "id", Optional.empty());
    private final ReadOnlyBooleanWrapper unsaved = new ReadOnlyBooleanWrapper(this, "unsaved");
    private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper(this, "canUndo");
    private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper(this, "canRedo");
    private final ReadOnlyIntegerWrapper opened = new ReadOnlyIntegerWrapper(this, "opened");
    private final ReadOnlyObjectWrapper<Optional<Statement>> undoLabel =
            new ReadOnlyObjectWrapper<>(this, "undoLabel", Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Statement>> redoLabel =
            new ReadOnlyObjectWrapper<>(this, "redoLabel", Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Done>> done =
            new ReadOnlyObjectWrapper<>(this, "done", Optional.empty());
    private History<Step> history;
    private Song saved;
    private String typing = "";
    private BinaryOperator<Song> completing = (_, after) -> after;

    public Work(Song song) {
        start(song, Optional.empty(), song);
    }

    /** What the file of the song is known by; empty while it has none, or one without. */
    public ReadOnlyObjectProperty<Optional<SongId>> idProperty() {
        return id.getReadOnlyProperty();
    }

    private void start(Song song, Optional<Path> path, Song asSaved) {
        saved = asSaved;
        typing = "";
        file.set(path);
        id.set(Optional.empty());
        show(History.of(new Step(song, Optional.empty())), State.of(song));
        opened.set(opened.get() + 1);
    }

    /** Works on {@code song}, which is in {@code path} as it stands. */
    public void open(Song song, Path path) {
        open(song, path, Optional.empty());
    }

    /** Works on {@code song}, which is in {@code path} as it stands and is known by {@code known}. */
    public void open(Song song, Path path, Optional<SongId> known) {
        start(song, Optional.of(path), song);
        id.set(known);
    }

    /** Works on {@code song}, which is in no file but worth nothing until it is changed: a new or demo song. */
    public void begin(Song song) {
        start(song, Optional.empty(), song);
    }

    /**
     * Works on {@code song}, which would be lost as it stands: a recovered or repaired one.
     *
     * @param path the file that has an older state of it; empty where saving must not touch that
     */
    public void rescue(Song song, Optional<Path> path) {
        start(song, path, Song.empty("?"));
    }

    /** Remembers that the song as it stands is in {@code path}, known by {@code known}. */
    public void savedAs(Path path, SongId known) {
        id.set(Optional.of(known));
        saved = written();
        file.set(Optional.of(path));
        unsaved.set(false);
    }

    /**
     * Makes a change that can be undone.
     *
     * @throws tactus.core.ground.refusal.Refusal if the song cannot be so; then nothing is changed
     */
    public void change(Edit edit) {
        typing = "";
        take(edit, false);
    }

    /** Makes a change that can be undone; {@code code} and {@code values} are its label. */
    public void change(String code, UnaryOperator<Song> change, Object... values) {
        change(Edit.of(code, change, values));
    }

    /**
     * Makes a change that belongs to what is being typed in {@code field}: all of it is undone at once.
     *
     * @throws tactus.core.ground.refusal.Refusal if the song cannot be so; then nothing is changed
     */
    public void type(String field, Edit edit) {
        boolean goesOn = field.equals(typing);
        if (take(edit, goesOn)) typing = field;
    }

    /**
     * Says what else belongs to every edit: told the song before and after it, {@code rest} returns the song as it shall
     * be.
     */
    public void complete(BinaryOperator<Song> rest) {
        completing = rest;
    }

    /**
     * The state that would follow is computed first, so that nothing is kept that cannot be laid out. What is changed while a
     * version is shown is changed in that version.
     */
    private boolean take(Edit edit, boolean goesOn) {
        Song before = song();
        InVersion made = InVersion.of(written(), song -> completing.apply(song, edit.appliedTo(song)));
        if (made.written().equals(written())) return false;
        State next = State.of(made.written());
        var step = new Step(made.written(), Optional.of(edit.label()));
        show(goesOn ? history.amended(step) : history.plus(step), next);
        List<Consequence> consequences = edit.consequences(before);
        if (!consequences.isEmpty() || !made.forAll().isEmpty()) {
            done.set(Optional.of(new Done(consequences, before, next.song(), made.forAll())));
        }
        return true;
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

    private void show(History<Step> next) {
        show(
                next,
                next.present().song().equals(written())
                        ? state.get()
                        : State.of(next.present().song()));
    }

    private void show(History<Step> next, State shown) {
        history = next;
        canUndo.set(next.canUndo());
        canRedo.set(next.canRedo());
        undoLabel.set(next.canUndo() ? next.present().made() : Optional.empty());
        redoLabel.set(next.canRedo() ? next.future().getFirst().made() : Optional.empty());
        unsaved.set(!shown.written().equals(saved));
        state.set(shown);
    }

    /** The song as the shown version has it. */
    public Song song() {
        return state.get().song();
    }

    /** The song with all of its versions, as it is kept in files. */
    public Song written() {
        return state.get().written();
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

    /** What undo would take back; empty if there is nothing. */
    public ReadOnlyObjectProperty<Optional<Statement>> undoLabelProperty() {
        return undoLabel.getReadOnlyProperty();
    }

    /** What redo would do again; empty if there is nothing. */
    public ReadOnlyObjectProperty<Optional<Statement>> redoLabelProperty() {
        return redoLabel.getReadOnlyProperty();
    }

    /** The last edit of which something came that a person must be told. */
    public ReadOnlyObjectProperty<Optional<Done>> doneProperty() {
        return done.getReadOnlyProperty();
    }
}
