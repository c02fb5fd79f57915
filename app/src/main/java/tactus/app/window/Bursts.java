package tactus.app.window;

import java.util.ArrayList;
import java.util.List;
import java.util.function.LongSupplier;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination.ModifierValue;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.work.Work;
import tactus.core.written.song.Song;
import tactus.words.Words;

/**
 * Tells when letters that were typed on the bars have changed them one after the other, since words may have been meant: all of it is
 * taken back at once.
 */
final class Bursts {

    private static final int FEWEST = 3;
    private static final long LONGEST_MILLIS = 2_000;

    private final Work work;
    private final Actions actions;
    private final NoticeBar notices;
    private final LongSupplier millis;
    private final List<Long> edits = new ArrayList<>();
    private Song before;

    /** @param millis the time, in milliseconds from anywhere */
    Bursts(Work work, Actions actions, NoticeBar notices, LongSupplier millis) {
        this.work = work;
        this.actions = actions;
        this.notices = notices;
        this.millis = millis;
        before = work.written();
        actions.tell(this::ran);
        work.openedProperty().subscribe(_ -> edits.clear());
    }

    private void ran(String id) {
        boolean hasChanged = !work.written().equals(before);
        before = work.written();
        long now = millis.getAsLong();
        boolean goesOn = !edits.isEmpty() && now - edits.getLast() <= LONGEST_MILLIS;
        if (!goesOn || !isLetter(actions.get(id))) edits.clear();
        if (!hasChanged || !isLetter(actions.get(id))) return;
        edits.add(now);
        if (edits.size() >= FEWEST && now - edits.get(edits.size() - FEWEST) <= LONGEST_MILLIS) tell();
    }

    private static boolean isLetter(Action action) {
        boolean isOnBars = action.scope() == Scope.BARS || action.scope() == Scope.BARS_MORE;
        return isOnBars
                && !action.keys().isEmpty()
                && action.keys().getFirst() instanceof KeyCodeCombination key
                && key.getCode().isLetterKey()
                && key.getShortcut() != ModifierValue.DOWN
                && key.getAlt() != ModifierValue.DOWN;
    }

    private void tell() {
        int count = edits.size();
        notices.showOf(
                work.written(),
                Words.of("burst.told", count),
                List.of(new Card.Answer("undo-all", Words.of("burst.undo"), () -> {
                    edits.clear();
                    for (int edit = 0; edit < count; edit++) work.undo();
                })));
    }
}
