package tactus.app.practice;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.field.Bound;
import tactus.app.hand.HandView;
import tactus.app.player.MixPanel;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.Passage;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.taught.practice.Ladder;
import tactus.core.taught.practice.LadderStep;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** The ladder on the left, its first step at the foot; the step that is practised and the last round beside it. */
final class PracticeView extends BorderPane {

    /** Room for the buttons and what was played, before the picture has all that it wishes. */
    private static final double LEAST_BELOW = 200;

    private static final List<String> BUTTONS = List.of(
            "practice.play",
            "practice.down",
            "practice.up",
            "practice.tap",
            "practice.slower",
            "practice.faster",
            "practice.class",
            "practice.plan");

    private final Bound bound = new Bound(this);
    private final Work work;
    private final PracticeModel model;
    private final LadderColumn ladder;
    private final Label what = new Label();
    private final Label tempos = new Label();
    private final Label now = new Label();
    private final WrappedLabel why = new WrappedLabel("practice-why", "quiet");
    private final Label rounds = new Label();
    private final WrappedLabel who = new WrappedLabel("practice-who", "quiet");
    private final HandView picture = new HandView(Frame.Size.LARGE);
    private Optional<Pattern> pattern = Optional.empty();

    PracticeView(
            Work work,
            Settings settings,
            PracticeModel model,
            PlayerModel player,
            ClassModel students,
            LoopExport exporting,
            Actions actions) {
        this.work = work;
        this.model = model;
        ladder = new LadderColumn(model);
        getStyleClass().add("practice-view");
        setLeft(ladder);
        setCenter(centre(player, actions));
        setRight(mix(settings, player));
        picture.lowStringOnTopProperty().bind(settings.lowStringOnTopProperty());
        picture.rolesProperty().bind(settings.rolesProperty());
        picture.saysHProperty().bind(settings.saysHProperty());
        Scope.PRACTICE.markOn(this);
        // An instrument is heard while the practice is in sight.
        sceneProperty()
                .flatMap(Scene::windowProperty)
                .flatMap(Window::showingProperty)
                .subscribe(showing -> {
                    if (!Boolean.TRUE.equals(showing)) model.input().close();
                });
        followWho(students, exporting);
        followStep(settings, player);
    }

    private VBox centre(PlayerModel player, Actions actions) {
        what.setId("practice-what");
        what.getStyleClass().add("practice-title");
        tempos.setId("practice-tempos");
        now.setId("loop-now");
        rounds.setId("practice-rounds");
        picture.setId("practice-picture");
        var tempo = new FlowPane(tempos, now, rounds);
        tempo.getStyleClass().add("head-flow");
        // The picture stays in sight while what was played is scrolled.
        var top = new VBox(what, tempo, why, picture);
        top.getStyleClass().add("practice-top");
        var buttons = new FlowPane();
        BUTTONS.forEach(code -> buttons.getChildren().add(actions.wordedButton(code)));
        buttons.getStyleClass().add("practice-buttons");
        buttons.setAlignment(Pos.CENTER_LEFT);
        var learner = new StandInPanel(work, model.standIn(), model.playingNowProperty());
        var below = new VBox(buttons, new TakeBox(model), who, learner, new LoopPanel(model, player.loopModel()));
        below.getStyleClass().add("practice-centre");
        var scroll = new ScrollPane(below);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(LEAST_BELOW);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        return new VBox(top, scroll);
    }

    private ScrollPane mix(Settings settings, PlayerModel player) {
        var heard = new MixPanel(player.mixModel());
        bound.follow(settings.countingProperty(), heard::count);
        var beside = new ScrollPane(heard);
        beside.setFitToWidth(true);
        beside.getStyleClass().add("mix-scroll");
        return beside;
    }

    private void followWho(ClassModel students, LoopExport exporting) {
        bound.follow(
                () -> showWho(students, exporting),
                exporting.saidProperty(),
                students.chosenProperty(),
                model.standIn().playsProperty(),
                model.standIn().wayProperty(),
                model.input().midiProperty(),
                model.input().hearingProperty(),
                model.input().saidProperty());
    }

    private void followStep(Settings settings, PlayerModel player) {
        bound.follow(work.stateProperty(), _ -> model.refresh());
        bound.follow(settings.handProperty(), _ -> model.refresh());
        bound.follow(this::showTempo, model.playingNowProperty(), model.speedNowProperty());
        bound.follow(this::showStep, model.chosenProperty(), model.stepsProperty(), model.ownBarsProperty());
        TakeModel takes = model.takes();
        bound.follow(this::showRounds, takes.takeProperty(), takes.cleanProperty());
        bound.follow(takes.nowProperty(), _ -> picture.fallenProperty().set(model.fallen()));
        bound.follow(
                player.positionProperty(),
                _ -> picture.playingProperty()
                        .set(pattern.map(player::positionIn).orElse(Double.NaN)));
    }

    void takeFocus() {
        ladder.takeFocus();
    }

    /** Which input is heard, and whose it is. */
    private void showWho(ClassModel students, LoopExport exporting) {
        InputModel input = model.input();
        String hears = input.midiProperty()
                .get()
                .or(input.hearingProperty()::get)
                .map(names -> Words.of("practice.hears-midi", names))
                .orElse(Words.of("practice.hears"));
        String whose = students.chosenProperty()
                .get()
                .map(name -> Words.of("practice.who", name))
                .orElse("");
        String said = input.saidProperty().get();
        if (model.standIn().playsProperty().get())
            who.setText(Words.of(
                    "practice.stand-in", model.standIn().wayProperty().get().ordinal()));
        else
            who.setText(Stream.of(exporting.saidProperty().get(), said, whose, hears)
                    .filter(text -> !text.isEmpty())
                    .collect(Collectors.joining(" ")));
    }

    private void showTempo() {
        now.setText(
                model.perMinuteNow().isPresent()
                        ? Words.of("loop.now", model.perMinuteNow().getAsInt())
                        : "");
    }

    private void showStep() {
        what.setText(model.step()
                .map(step -> MusicText.signs(Words.say(step.what())))
                .orElse(Words.of("practice.none")));
        tempos.setText(model.step().map(PracticeView::tempos).orElse(""));
        why.setText(
                model.step().map(step -> MusicText.signs(Words.say(step.why()))).orElse(""));
        picture.tuningProperty().set(work.song().facts().tuning());
        pattern = model.pattern();
        picture.passageProperty().set(pattern.map(Passage::of));
        showRounds();
    }

    private static String tempos(LadderStep step) {
        return Words.of(
                "practice.tempos",
                step.bars().toString(),
                step.bars().from() == step.bars().to() ? 0 : 1,
                step.from(),
                step.to(),
                step.minutes());
    }

    private void showRounds() {
        int clean = model.takes().cleanProperty().get();
        rounds.setText(
                clean >= Ladder.CLEAN ? Words.of("practice.done") : Words.of("practice.clean", clean, Ladder.CLEAN));
        picture.fallenProperty().set(model.fallen());
    }
}
