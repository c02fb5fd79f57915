package tactus.app.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.scene.Node;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.place.MenuColumn;
import tactus.app.place.Once;
import tactus.app.place.Place;
import tactus.app.place.PlaceServices;
import tactus.app.player.MixModel;
import tactus.app.start.ShelfModel;
import tactus.app.work.OwnThread;
import tactus.console.export.Export;
import tactus.core.counsel.snag.SnagPlace;
import tactus.core.laid.performance.MixVoice;
import tactus.core.music.stroke.Direction;
import tactus.core.taught.logbook.KeptPlan;
import tactus.core.taught.logbook.SongKey;

/** Where a song is practised step by step, and what is played along is judged. */
public final class PracticePlace implements Place {

    private final PracticeModel model;
    private final MixModel mix;
    private final PlaceServices parts;
    private final ClassModel students;
    private final LoopExport exporting;
    private final OwnThread logbook = new OwnThread("tactus logbook");
    private final Once<PracticeView> view;

    public PracticePlace(PlaceServices parts) {
        this.parts = parts;
        students = new ClassModel(
                new LogbookDesk(parts.settings().logbookFolder(), logbook, Platform::runLater),
                new ShelfModel(parts.settings(), parts.background()));
        model = new PracticeModel(parts.work(), parts.settings(), parts.player(), students);
        mix = parts.player().mixModel();
        exporting = new LoopExport(
                parts.work(), parts.settings(), parts.player(), parts.asking()::toWrite, parts.background());
        view = new Once<>(() -> new PracticeView(
                parts.work(), parts.settings(), model, parts.player(), students, exporting, parts.actions()));
        meetSongs();
    }

    @Override
    public String id() {
        return "practice";
    }

    @Override
    public Feather icon() {
        return Feather.TRENDING_UP;
    }

    /** A song that is opened or saved under another title keeps what the logbook knows of it. */
    private void meetSongs() {
        parts.work().idProperty().subscribe(_ -> students.desk().meet(parts.work()));
        parts.work().unsavedProperty().subscribe(isUnsaved -> {
            if (!isUnsaved) students.desk().meet(parts.work());
        });
    }

    @Override
    public Node node() {
        return view.get();
    }

    @Override
    public void takeFocus() {
        view.get().takeFocus();
    }

    @Override
    public void addTo(Actions actions, Runnable show) {
        actions.add(Action.of("practice.play", Scope.PRACTICE, model::play, "P").once());
        actions.add(Action.of("practice.down", Scope.PRACTICE, () -> model.tap(Optional.of(Direction.DOWN)), "D")
                .once());
        actions.add(Action.of("practice.up", Scope.PRACTICE, () -> model.tap(Optional.of(Direction.UP)), "U")
                .once());
        actions.add(Action.of("practice.tap", Scope.PRACTICE, () -> model.tap(Optional.empty()), "K")
                .once());
        actions.add(Action.of("practice.next", Scope.PRACTICE, () -> model.climb(1), "Page Up"));
        actions.add(Action.of("practice.before", Scope.PRACTICE, () -> model.climb(-1), "Page Down"));
        actions.add(Action.of(
                "practice.simulate",
                Scope.PRACTICE,
                () -> model.standIn()
                        .playsProperty()
                        .set(!model.standIn().playsProperty().get()),
                "S"));
        actions.add(Action.of("practice.faster", Scope.PRACTICE, () -> model.changeTempo(model.tempoStep()), "F"));
        actions.add(Action.of("practice.slower", Scope.PRACTICE, () -> model.changeTempo(-model.tempoStep()), "V"));
        BooleanProperty breath = parts.player().loopModel().breathProperty();
        actions.add(Action.of("practice.breathe", Scope.PRACTICE, () -> breath.set(!breath.get()), "B"));
        actions.add(Action.of("practice.class", Scope.PRACTICE, this::openClass, "C")
                .withIcon(Feather.USERS));
        actions.add(
                Action.of("practice.plan", Scope.PRACTICE, this::openPlan, "W").withIcon(Feather.CALENDAR));
        actions.add(
                Action.of("practice.midi", Scope.PRACTICE, () -> model.input().toggleMidi(), "I"));
        actions.add(Action.of(
                "practice.microphone", Scope.PRACTICE, () -> model.input().toggleMicrophone(), "H"));
        BooleanProperty headphones = model.input().headphonesProperty();
        actions.add(Action.of("practice.headphones", Scope.PRACTICE, () -> headphones.set(!headphones.get())));
        actions.add(Action.of(
                "practice.latency", Scope.PRACTICE, () -> model.input().measure(model.pattern()), "Y"));
        actions.add(Action.of("practice.save-sound", Scope.PRACTICE, () -> save(Export.WAV)));
        actions.add(Action.of("practice.save-midi", Scope.PRACTICE, () -> save(Export.MIDI)));
        for (MixVoice voice : MixVoice.values()) {
            String digit = String.valueOf(voice.ordinal() + 1);
            actions.add(Action.of("mix." + voice.code(), Scope.PRACTICE, () -> turn(voice), digit));
        }
    }

    /** The class covers the window until it is put away. */
    private void openClass() {
        var page = new ClassView(parts.work(), parts.settings(), students, model.input(), () -> {
            parts.cover().leave();
            takeFocus();
        });
        parts.cover().show(page);
        // The letter that opened it is not typed into it: what was asked for is told later.
        students.open(page::takeFocus);
        students.desk().meet(parts.work());
    }

    /** Writes what goes round, as it is heard. */
    private void save(Export kind) {
        model.looped().ifPresent(bars -> exporting.write(kind, bars, model.loopSpeed()));
    }

    /** The days cover the window until they are put away. */
    private void openPlan() {
        students.open(() -> {});
        students.desk().meet(parts.work());
        SongKey song = SongKey.of(parts.work().song());
        Optional<String> whose = students.chosenProperty().get();
        students.plan(song, known -> {
            // Whoever has gone elsewhere meanwhile is not fetched back, and nobody is shown the plan of somebody else.
            boolean isAsked = node().getScene() != null
                    && song.equals(SongKey.of(parts.work().song()))
                    && whose.equals(students.chosenProperty().get());
            if (isAsked) showPlan(known);
        });
    }

    private void showPlan(Optional<KeptPlan> known) {
        var output = new PlanModel.Output(parts.asking()::toWrite, parts.printer());
        var plan = new PlanModel(parts.work(), parts.settings(), students, known, output, LocalDate::now);
        var page = new PlanView(plan, students.desk().lyingProperty().map(OpenBook.Lying::problem), () -> {
            parts.cover().leave();
            takeFocus();
        });
        parts.cover().show(page);
        Platform.runLater(page::takeFocus);
    }

    private void turn(MixVoice voice) {
        mix.hear(voice, mix.mixProperty().get().muted().contains(voice));
    }

    @Override
    public List<MenuColumn> menus() {
        return List.of(new MenuColumn(
                "practice",
                List.of(
                        List.of(
                                "practice.play",
                                "practice.next",
                                "practice.before",
                                "practice.class",
                                "practice.plan",
                                "practice.simulate"),
                        List.of("practice.down", "practice.up", "practice.tap"),
                        List.of("practice.faster", "practice.slower", "practice.breathe"),
                        List.of("practice.midi", "practice.microphone", "practice.headphones", "practice.latency"),
                        // What is heard stands beside the ladder with its digits; the menu would be higher than a small
                        // screen.
                        List.of("practice.save-sound", "practice.save-midi"))));
    }

    @Override
    public boolean canShow(SnagPlace target) {
        return false;
    }

    @Override
    public void show(SnagPlace target) {
        takeFocus();
    }

    @Override
    public void play() {
        model.play();
    }

    /** The last round is written down. */
    @Override
    public void close() {
        logbook.close();
    }
}
