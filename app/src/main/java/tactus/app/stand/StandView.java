package tactus.app.stand;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.hand.HandView;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.Passage;
import tactus.core.laid.sum.Recording;
import tactus.core.laid.timeline.TimelineBar;
import tactus.words.Words;

/**
 * One section over the whole window, to be read from the music stand: its bars with large chords, the hand of the bar that
 * sounds, and what comes next. Style class {@code stand-view}.
 */
public final class StandView extends BorderPane {

    private final Bound bound = new Bound(this);
    private final Work work;
    private final PlayerModel player;
    private final Settings settings;
    private final StandModel model;
    private final Runnable leave;
    private final Label title = new Label();
    private final Label facts = new Label();
    private final Label song = new Label();
    private final Label next = new Label();
    private final Label where = new Label();
    private final Label hints = new Label();
    private final StandBars bars = new StandBars();
    private final HandView hand = new HandView(Frame.Size.LARGE);
    private List<TimelineBar> shown = List.of();
    private Optional<TimelineBar> pictured = Optional.empty();

    /** @param leave puts the stand away */
    public StandView(Work work, PlayerModel player, Settings settings, StandModel model, Runnable leave) {
        this.work = work;
        this.player = player;
        this.settings = settings;
        this.model = model;
        this.leave = leave;
        getStyleClass().add("stand-view");
        setId("stand");
        setFocusTraversable(true);
        setAccessibleText(Words.of("stand.view"));
        title.getStyleClass().add("stand-title");
        facts.getStyleClass().add("stand-facts");
        facts.setWrapText(true);
        song.getStyleClass().add("stand-facts");
        song.setMinWidth(Region.USE_PREF_SIZE);
        title.setMinWidth(Region.USE_PREF_SIZE);
        next.getStyleClass().add("stand-next");
        where.getStyleClass().add("stand-next");
        where.setMinWidth(Region.USE_PREF_SIZE);
        hand.setId("stand-hand");
        setTop(line("stand-head", title, facts, song));
        hints.getStyleClass().add("stand-hints");
        hints.setId("stand-hints");
        hints.setWrapText(true);
        hints.setMinHeight(Region.USE_PREF_SIZE);
        hints.managedProperty().bind(hints.textProperty().isNotEmpty());
        setCenter(new VBox(hints, bars, hand));
        VBox.setVgrow(bars, Priority.ALWAYS);
        VBox.setVgrow(hand, Priority.ALWAYS);
        hand.setMinHeight(150);
        hand.setPrefHeight(230);
        hand.setMaxHeight(Double.MAX_VALUE);
        setBottom(line("stand-foot", next, new Region(), where));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        bound.follow(work.stateProperty(), _ -> {
            model.settle();
            show();
        });
        bound.follow(this::show, model.leafProperty(), settings.lowStringOnTopProperty(), settings.saysHProperty());
        bound.follow(player.positionProperty(), _ -> showPlaying());
    }

    private static HBox line(String style, Region first, Region middle, Region last) {
        var line = new HBox(first, middle, last);
        line.getStyleClass().add(style);
        line.setAlignment(Pos.BASELINE_LEFT);
        HBox.setHgrow(middle, Priority.ALWAYS);
        middle.setMaxWidth(Double.MAX_VALUE);
        return line;
    }

    private void key(KeyEvent press) {
        switch (press.getCode()) {
            case PAGE_DOWN, RIGHT, DOWN -> model.turn(1);
            case PAGE_UP, LEFT, UP -> model.turn(-1);
            case ESCAPE -> leave.run();
            default -> {
                return;
            }
        }
        press.consume();
    }

    private void show() {
        shown = model.bars();
        var about = work.song().facts();
        title.setText(model.title());
        facts.setText(shown.isEmpty() ? Words.of("stand.empty") : model.facts());
        song.setText(about.capo() == 0 ? about.title() : Words.of("stand.capo", about.title(), about.capo()));
        next.setText(model.next());
        hints.setText(model.hints());
        bars.show(work, shown, settings.noteSchool());
        pictured = Optional.empty();
        hand.lowStringOnTopProperty().set(settings.lowStringOnTopProperty().get());
        hand.rolesProperty().set(settings.rolesProperty().get());
        hand.saysHProperty().set(settings.saysHProperty().get());
        showPlaying();
    }

    private void showPlaying() {
        Optional<TimelineBar> sounding = player.barNow();
        sounding.ifPresent(model::follow);
        TimelineBar now = sounding.or(() -> shown.stream().findFirst()).orElse(null);
        bars.showSounding(sounding);
        hand.setVisible(now != null);
        if (now == null) return;
        picture(now);
        double within = player.positionInSong() - now.start().toDouble();
        hand.playingProperty().set(sounding.isPresent() ? within : Double.NaN);
        where.setText(Words.of("stand.where", now.number(), Recording.clock(now.seconds())));
    }

    private void picture(TimelineBar bar) {
        if (pictured.filter(bar::equals).isPresent()) return;
        pictured = Optional.of(bar);
        hand.setPassage(
                Passage.of(work.timeline(), bar, work.song().facts().tuning().strings())
                        .countedIn(settings.countingProperty().get(), bar.meter()));
    }
}
