package tactus.app.window;

import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.arrangement.ArrangementActions;
import tactus.app.arrangement.ArrangementPanel;
import tactus.app.arrangement.ArrangementParts;
import tactus.app.arrangement.ArrangementView;
import tactus.app.bench.BenchActions;
import tactus.app.bench.BenchParts;
import tactus.app.bench.BenchView;
import tactus.app.player.PlayerBar;
import tactus.app.player.PlayerModel;
import tactus.app.setup.CapoModel;
import tactus.app.setup.SetUpActions;
import tactus.app.setup.SetUpPanel;
import tactus.app.setup.SetUpView;
import tactus.app.setup.ShapeModel;
import tactus.app.sheet.SheetView;
import tactus.app.work.Autosave;
import tactus.app.work.Origin;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.snag.Snag;
import tactus.core.snag.SnagPlace;
import tactus.core.song.Accepted;
import tactus.core.song.Song;
import tactus.formats.sheet.Paper;
import tactus.sound.transport.Transport;
import tactus.words.Words;

/** The whole window. Style class {@code main-window}. */
final class MainWindow extends StackPane {

    private final Work work;
    private final Settings settings;
    private final Autosave autosave;
    private final PlayerModel player;
    private final BenchParts bench;
    private final ArrangementParts arrangement;
    private final ShapeModel shapes;
    private final CapoModel capo;
    private final ObjectProperty<SetUpPanel> panel = new SimpleObjectProperty<>(this, "panel", SetUpPanel.SHAPE);
    private final Actions actions = new Actions();
    private final Background background = new Background();
    private final Overlay overlay = new Overlay();
    private final NoticeBar notices = new NoticeBar();
    private final StatusLine status = new StatusLine();
    private final SnagList snags = new SnagList(this::go, this::mend, this::accept);
    private final ReadOnlyObjectWrapper<Place> place = new ReadOnlyObjectWrapper<>(this, "place", Place.BENCH);
    private final Map<Place, Node> places = new EnumMap<>(Place.class);
    private final StackPane stage = new StackPane();
    private final SongDesk desk;
    private final AnimationTimer clock;
    private final Autosaving autosaving;

    /** @param close closes the window for good */
    MainWindow(Work work, Settings settings, Autosave autosave, Transport transport, FileAsker asker, Runnable close) {
        this.work = work;
        this.settings = settings;
        this.autosave = autosave;
        player = new PlayerModel(work, transport);
        bench = BenchParts.of(work, player, settings, asker::toOpenMidi);
        arrangement = ArrangementParts.of(work, player, settings);
        shapes = new ShapeModel(work, settings, background::compute);
        capo = new CapoModel(work, settings, background::compute);
        desk = new SongDesk(work, settings, autosave, asker, overlay, notices, status);
        var exporting = new Exporting(work, asker, background, status, notices, this::paper);
        new WindowActions(this, desk, exporting, () -> askToClose(close)).addTo(actions);
        SetUpActions.add(shapes, capo, panel, () -> show(Place.SET_UP), actions);
        BenchActions.add(bench, this::showBenchPanel, actions);
        ArrangementActions.add(arrangement, this::arrangementView, this::showArrangementPanel, actions);
        getStyleClass().add("main-window");
        getChildren().setAll(frame(), overlay);
        clock = clock();
        autosaving = new Autosaving(
                work,
                autosave,
                background,
                desk::origin,
                full -> notices.show(Words.of("autosave.failed", SongDesk.said(full, autosave.folder())), List.of()));
        new Consequences(work, notices);
    }

    private BorderPane frame() {
        var frame = new BorderPane();
        frame.setTop(new VBox(
                new Menus(actions, desk, settings),
                new Header(work, arrangement.versions(), actions, place.getReadOnlyProperty()),
                notices));
        frame.setCenter(new StackPane(stage, snags));
        StackPane.setAlignment(snags, Pos.CENTER_RIGHT);
        frame.setBottom(new VBox(new PlayerBar(work, player, actions), status));
        work.stateProperty().subscribe(state -> snags.show(state));
        work.openedProperty().subscribe((_, _) -> begin());
        player.silentProperty().subscribe(status::sayNoSound);
        return frame;
    }

    /** Another song is worked on: nothing of the last one sounds on, and one can write at once. */
    private void begin() {
        player.stop();
        if (getScene() != null) takeFocus(place(place.get()));
    }

    private AnimationTimer clock() {
        return new AnimationTimer() {
            @Override
            public void handle(long now) {
                player.tick();
            }
        };
    }

    /** Starts what only makes sense in a window that is shown. */
    void start() {
        actions.listenTo(getScene());
        clock.start();
        show(Place.BENCH);
        new Leftovers(autosave, desk, notices).offer();
    }

    /** Goes to a place and puts the focus where its work is done. */
    void show(Place wanted) {
        place.set(wanted);
        stage.getChildren().setAll(place(wanted));
        // A place that is shown for the first time can only take the focus once it has been laid out.
        stage.applyCss();
        stage.layout();
        takeFocus(place(wanted));
    }

    private ArrangementView arrangementView() {
        show(Place.ARRANGEMENT);
        return (ArrangementView) place(Place.ARRANGEMENT);
    }

    private void showArrangementPanel() {
        ArrangementView view = arrangementView();
        stage.applyCss();
        stage.layout();
        view.takePanelFocus();
    }

    private void showBenchPanel() {
        show(Place.BENCH);
        stage.applyCss();
        stage.layout();
        ((BenchView) place(Place.BENCH)).takePanelFocus();
    }

    private static void takeFocus(Node shown) {
        switch (shown) {
            case SetUpView view -> view.takeFocus();
            case BenchView view -> view.takeFocus();
            case ArrangementView view -> view.takeFocus();
            default -> shown.requestFocus();
        }
    }

    private Node place(Place wanted) {
        return places.computeIfAbsent(wanted, each -> switch (each) {
            case SET_UP -> new SetUpView(work, settings, shapes, capo, panel, actions);
            case BENCH -> new BenchView(bench, actions);
            case ARRANGEMENT -> new ArrangementView(work, arrangement, player, settings, actions);
            case SHEET -> new SheetView(work, actions, background::run);
        });
    }

    private Paper paper() {
        return Optional.ofNullable((SheetView) places.get(Place.SHEET))
                .map(SheetView::paper)
                .orElse(Paper.A4);
    }

    /** Shows or hides the list of snags. */
    void toggleSnags() {
        if (!snags.isVisible()) {
            snags.open();
            return;
        }
        snags.close();
        takeFocus(place(place.get()));
    }

    private void go(Snag snag) {
        switch (snag.place()) {
            case SnagPlace.InSection in -> {
                arrangement.arrangement().chooseSection(in.section());
                arrangement.arrangement().chooseSpan(in.span());
                show(Place.ARRANGEMENT);
            }
            case SnagPlace.InUse in -> {
                arrangement.arrangement().choose(in.use(), in.pass(), in.span());
                show(Place.ARRANGEMENT);
            }
            case SnagPlace.InRules in -> {
                arrangement.panel().set(ArrangementPanel.RULES);
                show(Place.ARRANGEMENT);
                arrangement.rules().edit(in.index());
            }
            case SnagPlace.InPattern in -> {
                bench.bench().choose(in.pattern());
                bench.bench().slotProperty().set(in.slot());
                show(Place.BENCH);
            }
            case SnagPlace.InChord in -> {
                shapes.choose(in.chord());
                panel.set(SetUpPanel.SHAPE);
                show(Place.SET_UP);
            }
            case SnagPlace.InFacts facts -> goToFacts(facts);
        }
    }

    private void mend(Snag snag) {
        snag.fix().ifPresent(work::change);
    }

    /** Takes a snag as meant, or with no reason back among the others. */
    private void accept(Snag snag, Optional<String> reason) {
        work.change(
                reason.isPresent() ? "edit.accept" : "edit.accept-not",
                song -> song.withLesson(reason.map(
                                why -> song.lesson().with(new Accepted(snag.id(), snag.values(), why)))
                        .orElse(song.lesson().without(snag.id()))));
    }

    private void goToFacts(SnagPlace.InFacts facts) {
        switch (facts) {
            case LENGTH, PLAN -> {
                arrangement.panel().set(ArrangementPanel.SUMS);
                show(Place.ARRANGEMENT);
            }
            case TUNING, CAPO -> {
                panel.set(facts == SnagPlace.InFacts.CAPO ? SetUpPanel.CAPO : SetUpPanel.TUNING);
                show(Place.SET_UP);
            }
        }
    }

    /** Plays what the place in sight is about, or stops. */
    void togglePlaying() {
        if (player.isPlaying()) player.stop();
        else if (place.get() == Place.BENCH) bench.bench().hear();
        else player.playSong();
    }

    void playFromStart() {
        player.stop();
        player.startBarProperty().set(1);
        player.playSong();
    }

    void showKeys() {
        overlay.tell(Words.of("keys.title"), new KeyList(actions), Words.of("keys.close"));
    }

    void showAbout() {
        overlay.ask(
                Words.of("about.title"),
                Words.of("about.text"),
                List.of(new Overlay.Answer("close", Words.of("keys.close"), () -> {})));
    }

    /** Says that something went wrong that nobody foresaw. */
    void sayFault() {
        notices.show(Words.of("fault.text"), List.of());
    }

    /** Opens a song that was named when the program was started. */
    void openFile(Path file) {
        desk.open(file);
    }

    /** Works on a song that a crashed program has left. */
    void recover(Song song, Optional<Origin> from) {
        desk.recover(song, from);
    }

    /** Does {@code close} once nothing unsaved would be lost, or the user wants it lost. */
    void askToClose(Runnable close) {
        desk.unlessUnsaved(close);
    }

    /** Ends everything that runs beside the window. */
    void end() {
        clock.stop();
        autosaving.stop();
        player.stop();
        background.run(autosave::forget);
        background.close();
    }

    Work work() {
        return work;
    }

    PlayerModel player() {
        return player;
    }

    Actions actions() {
        return actions;
    }

    ArrangementParts arrangement() {
        return arrangement;
    }

    Settings settings() {
        return settings;
    }
}
