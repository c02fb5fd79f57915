package tactus.app.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.work.Work;
import tactus.core.counsel.snag.SnagPlace;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;
import tactus.core.written.section.Section;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** Finds what is typed in the song, and among the commands, and goes there. Style class {@code finding}. */
final class Finding extends VBox {

    private static final int SHOWN = 9;

    /** Something that was found, and what goes there. */
    private record Found(String said, Runnable go) {}

    private final Work work;
    private final Actions actions;
    private final Consumer<SnagPlace> go;
    private final Runnable leave;
    private final TextField field = new TextField();
    private final VBox list = new VBox();

    /**
     * @param go goes to a place of the song
     * @param leave puts the search away
     */
    Finding(Work work, Actions actions, Consumer<SnagPlace> go, Runnable leave) {
        this.work = work;
        this.actions = actions;
        this.go = go;
        this.leave = leave;
        getStyleClass().add("finding");
        field.setId("find-field");
        field.setPromptText(Words.of("find.prompt"));
        field.setAccessibleText(Words.of("find.title"));
        list.getStyleClass().add("found-list");
        getChildren().setAll(field, list);
        field.textProperty().subscribe(_ -> show());
        field.setOnAction(_ -> found().stream().findFirst().ifPresent(this::take));
        field.addEventFilter(KeyEvent.KEY_PRESSED, press -> {
            if (press.getCode() != KeyCode.DOWN || list.getChildren().isEmpty()) return;
            list.getChildren().getFirst().requestFocus();
            press.consume();
        });
    }

    Node first() {
        return field;
    }

    private void take(Found found) {
        leave.run();
        found.go().run();
    }

    private void show() {
        List<Found> found = found();
        list.getChildren().setAll(found.stream().limit(SHOWN).map(this::row).toList());
        boolean none = found.isEmpty() && !field.getText().isBlank();
        if (none) list.getChildren().add(new Label(Words.of("find.none")));
    }

    private Button row(Found found) {
        var row = new Button(found.said());
        row.getStyleClass().add("chip");
        row.setMaxWidth(Double.MAX_VALUE);
        row.setOnAction(_ -> take(found));
        row.addEventFilter(KeyEvent.KEY_PRESSED, press -> {
            int index = list.getChildren().indexOf(row);
            int step = press.getCode() == KeyCode.DOWN ? 1 : press.getCode() == KeyCode.UP ? -1 : 0;
            if (step == 0) return;
            int next = index + step;
            if (next < 0) field.requestFocus();
            else if (next < list.getChildren().size())
                list.getChildren().get(next).requestFocus();
            press.consume();
        });
        return row;
    }

    private List<Found> found() {
        String wanted = field.getText().strip().toLowerCase(Locale.ROOT);
        var all = new ArrayList<Found>();
        if (wanted.isEmpty()) return all;
        Song song = work.song();
        number(wanted).flatMap(work.timeline()::bar).ifPresent(bar -> all.add(found(bar)));
        for (Section section : song.sections())
            if (has(section.name(), wanted))
                all.add(new Found(
                        Words.of("find.section", section.name()),
                        () -> go.accept(SnagPlace.InSection.start(section.id()))));
        for (Pattern pattern : song.patterns())
            if (has(pattern.name(), wanted))
                all.add(new Found(
                        Words.of("find.pattern", pattern.name()),
                        () -> go.accept(new SnagPlace.InPattern(pattern.id(), 0))));
        for (Chord chord : song.chords())
            if (has(chord.name(), wanted))
                all.add(new Found(
                        Words.of("find.chord", chord.name()), () -> go.accept(new SnagPlace.InChord(chord.name()))));
        work.timeline().margin().cues().stream()
                .filter(cue -> has(cue.text(), wanted))
                .forEach(cue -> work.timeline()
                        .bar(cue.bar())
                        .ifPresent(bar -> all.add(new Found(
                                Words.of("find.cue", cue.text(), name(bar)),
                                found(bar).go()))));
        for (Action action : actions.all())
            if (wanted.length() > 1 && has(action.text(), wanted))
                all.add(new Found(Words.of("find.command", action.text()), action::run));
        return all;
    }

    private static boolean has(String name, String wanted) {
        return name.toLowerCase(Locale.ROOT).contains(wanted);
    }

    /** A number, with or without the word for bars. */
    private static Optional<Integer> number(String wanted) {
        String digits = wanted.replaceAll("\\D", "");
        return digits.isEmpty() || digits.length() > 5 ? Optional.empty() : Optional.of(Integer.parseInt(digits));
    }

    private Found found(TimelineBar bar) {
        int span = work.timeline().spansIn(bar).stream()
                .findFirst()
                .map(first -> first.inSection().orElse(0))
                .orElse(0);
        return new Found(
                Words.of("find.bar", bar.number(), name(bar)),
                () -> go.accept(SnagPlace.InUse.at(bar.use(), bar.pass(), span)));
    }

    private String name(TimelineBar bar) {
        return work.song().section(bar.section()).orElseThrow().name();
    }
}
