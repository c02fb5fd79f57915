package tactus.app.bench.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import tactus.app.player.PlayerModel;
import tactus.app.work.Work;
import tactus.core.counsel.edit.DeletePattern;
import tactus.core.counsel.edit.Edit;
import tactus.core.ground.name.Slug;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Outcome;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.StrokeLine;
import tactus.core.music.stroke.Touch;
import tactus.core.music.time.Division;
import tactus.core.music.time.Slot;
import tactus.core.patterns.library.Level;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.rhythm.CellWords;
import tactus.core.written.song.LessonNotes;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** Which pattern is on the bench, where the next stroke is written, and what writing does. */
public final class BenchModel {

    private final Work work;
    private final PlayerModel player;
    private final ObjectProperty<Optional<PatternId>> chosen =
            new SimpleObjectProperty<>(this, "chosen", Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Pattern>> pattern =
            new ReadOnlyObjectWrapper<>(this, "pattern", Optional.empty());
    private final IntegerProperty slot = new SimpleIntegerProperty(this, "slot");

    public BenchModel(Work work, PlayerModel player) {
        this.work = work;
        this.player = player;
        chosen.subscribe(_ -> settle());
        work.stateProperty().subscribe(_ -> settle());
        work.openedProperty().subscribe(_ -> {
            slot.set(0);
            chosen.set(Optional.empty());
        });
    }

    /** Shows the chosen pattern as it is now; the first one where the chosen one is not there (any more). */
    private void settle() {
        Song song = work.song();
        Optional<Pattern> shown = chosen.get()
                .flatMap(song::pattern)
                .or(() -> song.patterns().stream().findFirst());
        pattern.set(shown);
        int last = shown.map(found -> found.grid().size() - 1).orElse(0);
        slot.set(Math.clamp(slot.get(), 0, last));
    }

    /** For whom the song is arranged. */
    ObservableValue<Optional<Level>> level() {
        return work.stateProperty().map(state -> state.song().facts().level());
    }

    /** Puts another pattern on the bench. */
    public void choose(PatternId id) {
        slot.set(0);
        chosen.set(Optional.of(id));
    }

    /** Puts the pattern on the bench that comes {@code step} after this one in the list. */
    public void chooseNext(int step) {
        List<Pattern> patterns = work.song().patterns();
        pattern.get().ifPresent(shown -> {
            int next = Math.clamp(patterns.indexOf(shown) + step, 0, patterns.size() - 1);
            choose(patterns.get(next).id());
        });
    }

    /** Writes what {@code letter} stands for, as on a line of strokes, and goes on to the next slot. */
    public void write(char letter) {
        pattern.get().ifPresent(shown -> {
            Slot at = shown.grid().slots().get(slot.get());
            put(
                    shown,
                    slot.get(),
                    StrokeLine.stroke(String.valueOf(letter), shown.frame().usualAt(at)));
            move(1);
        });
    }

    private void put(Pattern shown, int index, Stroke stroke) {
        Pattern next = shown.withStroke(index, stroke);
        work.change("edit.strokes", song -> song.withPattern(next), next.name());
    }

    /** Takes the stroke before the cursor away and goes there. */
    public void eraseBack() {
        move(-1);
        erase();
    }

    /** Takes the stroke at the cursor away. */
    public void erase() {
        pattern.get().ifPresent(shown -> put(shown, slot.get(), Miss.MISS));
    }

    /** Accents the stroke at the cursor, or takes its accent away. */
    public void toggleAccent() {
        pattern.get().ifPresent(shown -> {
            Stroke stroke = shown.at(shown.grid().slots().get(slot.get()));
            put(shown, slot.get(), stroke.withForce(stroke.force().isAccented() ? Force.PLAIN : Force.ACCENTED));
        });
    }

    /** Writes a plucked string, or a finger, and goes on to the next slot. */
    public void pluck(Pick pick) {
        pattern.get().ifPresent(shown -> {
            put(shown, slot.get(), Pluck.of(pick));
            move(1);
        });
    }

    /** Adds a string to what was plucked right before the cursor, so that it becomes a pinch. */
    public void pinch(Pick pick) {
        pattern.get().filter(_ -> slot.get() > 0 || atEnd()).ifPresent(shown -> {
            int before = writtenLast(shown);
            if (!(shown.at(shown.grid().slots().get(before)) instanceof Pluck pluck)) return;
            boolean room = pluck.picks().size() < Pluck.MOST && !pluck.picks().contains(pick);
            if (!room) return;
            var picks = new ArrayList<>(pluck.picks());
            picks.add(pick);
            put(shown, before, pluck.withPicks(picks));
        });
    }

    private boolean atEnd() {
        return pattern.get()
                .filter(shown -> slot.get() == shown.grid().size() - 1)
                .isPresent();
    }

    /** The slot written last: the one before the cursor, or the last one, which the cursor cannot leave. */
    private int writtenLast(Pattern shown) {
        boolean last = atEnd() && shown.at(shown.grid().slots().get(slot.get())) instanceof Pluck;
        return last ? slot.get() : slot.get() - 1;
    }

    /** Gives the stroke at the cursor {@code touch}, or takes it away where it has that. */
    public void toggleTouch(Touch touch) {
        pattern.get().ifPresent(shown -> {
            Stroke stroke = shown.at(shown.grid().slots().get(slot.get()));
            put(shown, slot.get(), stroke.withTouch(stroke.touch() == touch ? Touch.PLAIN : touch));
        });
    }

    /** Makes the stroke at the cursor soft, or plain again. */
    public void toggleSoft() {
        pattern.get().ifPresent(shown -> {
            Stroke stroke = shown.at(shown.grid().slots().get(slot.get()));
            put(shown, slot.get(), stroke.withForce(stroke.force().isSoft() ? Force.PLAIN : Force.SOFT));
        });
    }

    /** Divides the beat at the cursor in three, or as the others again. */
    public void toggleTriplet() {
        pattern.get().ifPresent(shown -> {
            int beat = shown.grid().slots().get(slot.get()).beat();
            boolean divided = shown.frame().divided().containsKey(beat);
            Division other = divided ? shown.division() : Division.THREE;
            change("divided", changed -> changed.withFrame(changed.frame().withDivisionOf(beat, other)));
        });
    }

    /** Keeps {@code made}, a form of the pattern on the bench, in the song. */
    public void keepForm(Pattern made, Form.Derivation rule) {
        pattern.get().ifPresent(parent -> {
            String name = freshName(
                    Words.of("forms.name", parent.name(), Words.lexicon().word("form", rule)));
            Pattern form = made.copiedAs(work.song().freshPatternId(name), name)
                    .withForm(Optional.of(new Form(parent.id(), rule, false)));
            work.change("edit.add", song -> song.withPattern(form), name);
        });
    }

    /** Copies a pattern from elsewhere into the song and puts it on the bench. */
    public void addCopy(Pattern other) {
        String name = freshName(other.name());
        add(other.copiedAs(work.song().freshPatternId(name), name));
    }

    /** Moves the cursor by {@code slots}, at most to either end. */
    public void move(int slots) {
        pattern.get()
                .ifPresent(shown ->
                        slot.set(Math.clamp(slot.get() + slots, 0, shown.grid().size() - 1)));
    }

    /** Replaces the strokes by those of {@code line}. Returns what is wrong with it, if anything. */
    public Optional<NotationException> writeLine(String line) {
        try {
            pattern.get().ifPresent(shown -> {
                Pattern next = shown.withLine(line);
                work.type("line " + shown.id(), Edit.of("edit.strokes", song -> song.withPattern(next), next.name()));
            });
            return Optional.empty();
        } catch (NotationException wrong) {
            return Optional.of(wrong);
        }
    }

    /** Changes the pattern on the bench. Returns what is wrong with the change, if anything. */
    public Outcome change(String what, UnaryOperator<Pattern> change) {
        return Outcome.of(() -> pattern.get().ifPresent(shown -> {
            Pattern next = change.apply(shown);
            if (next.equals(shown)) return;
            Edit edit = Edit.of("edit.pattern-" + what, song -> song.withPattern(next), shown.name());
            work.type(what + " " + shown.id(), edit);
        }));
    }

    /** Keeps a teacher's own words for the cell of the pattern on the bench, or none. */
    Outcome keepMnemonic(String words) {
        return Outcome.of(() -> pattern.get().ifPresent(shown -> {
            LessonNotes before = work.song().lesson();
            Optional<CellWords> kept = CellWords.of(shown, before.mnemonics());
            LessonNotes lesson = words.isBlank()
                    ? kept.map(each -> before.withoutMnemonic(each.cell())).orElse(before)
                    : before.with(CellWords.of(shown, words));
            if (!lesson.equals(before)) work.change("edit.mnemonic", song -> song.withLesson(lesson), shown.name());
        }));
    }

    /** Adds an empty pattern in the song's meter and puts it on the bench. */
    public void add() {
        String name = freshName(Words.of("bench.newName"));
        add(Pattern.empty(
                work.song().freshPatternId(name), name, work.song().facts().meter()));
    }

    /** Copies the pattern on the bench and puts the copy there. */
    public void copy() {
        pattern.get().ifPresent(shown -> {
            String name = freshName(shown.name());
            add(shown.copiedAs(work.song().freshPatternId(name), name));
        });
    }

    private void add(Pattern added) {
        work.change("edit.add", song -> song.withPattern(added), added.name());
        choose(added.id());
    }

    private String freshName(String wanted) {
        String base = wanted.length() > 54 ? wanted.substring(0, 54) : wanted;
        return Slug.freshName(
                base,
                name -> work.song().patterns().stream()
                        .anyMatch(pattern -> pattern.name().equals(name)));
    }

    /** Takes the pattern on the bench out of the song; sections that played it play nothing. */
    public void delete() {
        pattern.get().ifPresent(shown -> {
            int index = work.song().patterns().indexOf(shown);
            work.change(DeletePattern.of(shown));
            List<Pattern> rest = work.song().patterns();
            if (!rest.isEmpty())
                choose(rest.get(Math.min(index, rest.size() - 1)).id());
        });
    }

    /** Plays the pattern on the bench round and round, or stops it. */
    public void hear() {
        if (player.isPlaying()) player.stop();
        else pattern.get().ifPresent(player::playPattern);
    }

    /** The pattern on the bench; empty while the song has none. */
    public ReadOnlyObjectProperty<Optional<Pattern>> patternProperty() {
        return pattern.getReadOnlyProperty();
    }

    /** The slot that is written next, from 0. */
    public IntegerProperty slotProperty() {
        return slot;
    }
}
