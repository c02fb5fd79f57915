package tactus.app.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.animation.AnimationTimer;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.arrangement.comparison.VersionsModel;
import tactus.app.export.ExportPage;
import tactus.app.fetch.FetchModel;
import tactus.app.fetch.FetchPage;
import tactus.app.place.Cover;
import tactus.app.place.Place;
import tactus.app.place.PlaceServices;
import tactus.app.player.PlayerBar;
import tactus.app.player.PlayerModel;
import tactus.app.start.ShelfModel;
import tactus.app.work.Autosave;
import tactus.app.work.OfferedShapes;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.console.export.Export;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.SnagPlace;
import tactus.core.written.song.Accepted;
import tactus.core.written.song.Song;
import tactus.records.folder.FileTrouble;
import tactus.sound.transport.Transport;
import tactus.words.Words;

/** The whole window. Style class {@code main-window}. */
final class MainWindow extends StackPane {

    private final Work work;
    private final Settings settings;
    private final Autosave autosave;
    private final PlayerModel player;
    private static final long TICK_NANOS = 24_000_000;

    private final Actions actions = new Actions();
    private final Background background = new Background();
    private final Card overlay = new Card();
    private final NoticeBar notices = new NoticeBar();
    private final StatusLine status = new StatusLine();
    private final SnagList snags = new SnagList(this::go, this::mend, this::accept, this::toggleSnags);
    private final List<Place> places;
    private final ReadOnlyObjectWrapper<Place> place = new ReadOnlyObjectWrapper<>(this, "place");
    private final StackPane stage = new StackPane();
    private final StackPane cover = new StackPane();
    private final SongDesk desk;
    private final Beginnings beginnings;
    private final ShelfModel shelf;
    /** Made after the places, which only ask for it when somebody prints. */
    private Printing printing;

    private final FileAsker asker;
    private final AnimationTimer clock;
    private final Autosaving autosaving;

    /**
     * @param makePlaces makes the places, in the order of the work
     * @param close closes the window for good
     */
    MainWindow(
            Work work,
            Settings settings,
            Autosave autosave,
            Transport transport,
            FileAsker asker,
            Function<PlaceServices, List<Place>> makePlaces,
            Runnable close) {
        this.work = work;
        this.settings = settings;
        this.autosave = autosave;
        this.asker = asker;
        work.complete(new OfferedShapes(settings)::complete);
        player = new PlayerModel(work, transport);
        places = List.copyOf(makePlaces.apply(new PlaceServices(
                work,
                settings,
                player,
                actions,
                background::compute,
                background::run,
                asker,
                what -> printing.print(this, what),
                covering())));
        place.set(first());
        desk = new SongDesk(work, settings, autosave, asker, overlay, notices, status, background::run);
        shelf = new ShelfModel(settings, background::run);
        beginnings = new Beginnings(desk, overlay, settings, shelf, asker, this::toChords);
        desk.beginWith(beginnings::show);
        var exporting = new Exporting(work, asker, background, status, notices, settings::sheetLook);
        printing = new Printing(
                work,
                background,
                status,
                notices,
                settings::sheetLook,
                Printing::usual,
                () -> exporting.export(Export.PDF));
        new WindowActions(this, desk, exporting, printing, () -> askToClose(close)).addTo(actions);
        places.forEach(each -> each.addTo(actions, () -> show(each)));
        getStyleClass().add("main-window");
        cover.setVisible(false);
        getChildren().setAll(frame(), cover, overlay);
        clock = clock();
        autosaving = new Autosaving(
                work,
                autosave,
                background,
                desk::origin,
                full -> notices.show(
                        Words.of("autosave.failed", FileTrouble.said(full, autosave.folder())), List.of()));
        work.stateProperty().subscribe(_ -> notices.goOn(work.written()));
        new Consequences(work, notices);
        new Bursts(work, actions, notices, () -> System.nanoTime() / 1_000_000);
    }

    private BorderPane frame() {
        var frame = new BorderPane();
        var next = new NextLine(work, settings, player, actions);
        var header =
                new Header(work, new VersionsModel(work, settings), actions, places, place.getReadOnlyProperty(), next);
        place.subscribe(shown -> {
            if (shown.showsHandout()) next.sawSheet();
        });
        frame.setTop(new VBox(
                new Menus(work, actions, places, desk, settings, text -> notices.show(text, List.of())),
                header,
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
        notices.leave();
        if (getScene() != null) place.get().takeFocus();
    }

    private AnimationTimer clock() {
        return new AnimationTimer() {
            private long last;

            @Override
            public void handle(long now) {
                // Every second picture of the screen is smooth enough, and costs half as much.
                if (now - last < TICK_NANOS) return;
                last = now;
                player.tick();
            }
        };
    }

    /** Starts what only makes sense in a window that is shown. */
    void start() {
        actions.coverBy(new Actions.Covering() {
            @Override
            public Optional<Node> top() {
                if (overlay.isVisible()) return Optional.of(overlay);
                return cover.getChildren().stream()
                        .filter(_ -> cover.isVisible())
                        .findFirst();
            }

            @Override
            public boolean isQuestion() {
                return overlay.isQuestion();
            }
        });
        actions.listenTo(getScene());
        clock.start();
        show(first());
        new Leftovers(autosave, desk, notices).offer();
        if (isBlank()) beginnings.show();
    }

    private boolean isBlank() {
        return work.song().equals(Song.empty(Words.of("song.untitled")));
    }

    /** Writing patterns comes first when a song is opened. */
    private Place first() {
        return places.stream().filter(Place::isFirst).findFirst().orElse(places.getFirst());
    }

    /** Goes where the sections and their chords are written. */
    private void toChords() {
        places.stream()
                .filter(each -> each.canShow(SnagPlace.InFacts.LENGTH))
                .findFirst()
                .ifPresent(this::show);
    }

    /** Goes to a place and puts the focus where its work is done. */
    void show(Place wanted) {
        place.set(wanted);
        stage.getChildren().setAll(wanted.node());
        // A place that is shown for the first time can only take the focus once it has been laid out.
        stage.applyCss();
        stage.layout();
        wanted.takeFocus();
    }

    /** The place that is in sight. */
    Place shown() {
        return place.get();
    }

    /** Shows or hides the list of snags. */
    void toggleSnags() {
        if (!snags.isVisible()) {
            snags.open();
            return;
        }
        snags.close();
        place.get().takeFocus();
    }

    private void go(Snag snag) {
        go(snag.place());
    }

    /** Goes to a place of the song. */
    private void go(SnagPlace target) {
        places.stream().filter(each -> each.canShow(target)).findFirst().ifPresent(each -> {
            show(each);
            each.show(target);
        });
    }

    /** Finds something in the song. */
    void find() {
        var finding = new Finding(work, actions, this::go, overlay::hide);
        overlay.page(Words.of("find.title"), finding, finding.first())
                .getStyleClass()
                .add("find-page");
    }

    /** Looks into other songs for patterns and shapes. */
    void fetch() {
        shelf.refresh();
        var page = new FetchPage(
                new FetchModel(work, shelf, settings.recentProperty().get()), settings);
        overlay.page(Words.of("fetch.title"), page, page.first());
    }

    /** Writes this song or many out. */
    void exportMany() {
        shelf.refresh();
        var page = new ExportPage(work, settings, asker, shelf::files, task -> {
            status.follow(task, Words.of("bulk.writing"));
            task.runningProperty().subscribe((was, runs) -> {
                if (was && !runs) status.say(Words.of("bulk.ended"));
            });
            background.run(task);
        });
        overlay.page(Words.of("bulk.title"), page, page.first());
    }

    private Cover covering() {
        return new Cover() {
            @Override
            public void show(Node page) {
                cover.getChildren().setAll(page);
                cover.setVisible(true);
                cover.applyCss();
                cover.layout();
                page.requestFocus();
            }

            @Override
            public void leave() {
                cover.getChildren().clear();
                cover.setVisible(false);
                place.get().takeFocus();
            }
        };
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

    /** Plays what the place in sight is about, or stops. */
    void togglePlaying() {
        if (player.isPlaying()) player.stop();
        else place.get().play();
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
                List.of(new Card.Answer("close", Words.of("keys.close"), () -> {})));
    }

    /** Takes the last edit of the song back, and says which. */
    void undo() {
        var made = work.undoLabelProperty().get();
        work.undo();
        made.ifPresent(edit -> status.say(Words.of("status.undone", Words.say(edit))));
    }

    /** Makes the last edit that was taken back again, and says which. */
    void redo() {
        var made = work.redoLabelProperty().get();
        work.redo();
        made.ifPresent(edit -> status.say(Words.of("status.redone", Words.say(edit))));
    }

    /** Keeps what is not saved, now: the program may be ended from outside. */
    void keepNow() {
        autosaving.keepNow();
    }

    /** Says that something went wrong that nobody foresaw. */
    void sayFault() {
        notices.show(Words.of("fault.text"), List.of());
    }

    /** Opens a song that was named when the program was started. */
    void openFile(Path file) {
        beginnings.open(file);
        if (isBlank()) beginnings.show();
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
        places.forEach(Place::close);
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

    List<Place> places() {
        return places;
    }

    Settings settings() {
        return settings;
    }
}
