package tactus.app.practice;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.field.Bound;
import tactus.app.field.ProblemLabel;
import tactus.app.field.WrappedCell;
import tactus.app.hand.HandView;
import tactus.app.player.MixPanel;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.pattern.Pattern;
import tactus.core.picture.Frame;
import tactus.core.picture.Passage;
import tactus.core.practice.HandLoad;
import tactus.core.practice.Ladder;
import tactus.core.practice.LadderStep;
import tactus.core.practice.Take;
import tactus.formats.font.MusicText;
import tactus.words.TakeWords;
import tactus.words.Words;

/** The ladder on the left, its first step at the foot; the step that is practised and the last round beside it. */
final class PracticeView extends BorderPane {

    /** Room for the buttons and what was played, before the picture has all that it wishes. */
    private static final double LEAST_BELOW = 200;

    private final Bound bound = new Bound(this);
    private final Work work;
    private final PracticeModel model;
    private final ListView<Integer> ladder = new ListView<>();
    private final Label what = new Label();
    private final Label tempos = new Label();
    private final Label now = new Label();
    private final Label why = wrapped("quiet");
    private final Label rounds = new Label();
    private final Label who = wrapped("quiet");
    private final HandView picture = new HandView(Frame.Size.LARGE);
    private final TakeStrip strip = new TakeStrip();
    private final Label stroke = wrapped("take-now");
    private final Label sentence = wrapped("take-sentence");
    private final Label numbers = wrapped("quiet");
    private final Label load = wrapped("quiet");
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
        getStyleClass().add("practice-view");
        ladder.setId("ladder");
        ladder.setAccessibleText(Words.of("practice.ladder"));
        ladder.setCellFactory(_ -> new StepCell());
        var title = new Label(Words.of("practice.ladder"));
        title.getStyleClass().add("column-title");
        var left = new VBox(title, ladder, load);
        VBox.setVgrow(ladder, Priority.ALWAYS);
        left.getStyleClass().add("side-column");
        load.setId("practice-load");
        setLeft(left);
        what.setId("practice-what");
        what.getStyleClass().add("practice-title");
        tempos.setId("practice-tempos");
        why.setId("practice-why");
        rounds.setId("practice-rounds");
        who.setId("practice-who");
        bound.follow(
                () -> showWho(students, exporting),
                exporting.saidProperty(),
                students.chosenProperty(),
                model.standIn().playsProperty(),
                model.standIn().wayProperty(),
                model.input().midiProperty(),
                model.input().hearingProperty(),
                model.input().saidProperty());
        who.managedProperty().bind(who.textProperty().isNotEmpty());
        stroke.setId("take-now");
        for (Label each : List.of(stroke, sentence, numbers))
            each.managedProperty().bind(each.textProperty().isNotEmpty());
        sentence.setId("take-sentence");
        numbers.setId("take-numbers");
        var unkept = new ProblemLabel();
        unkept.setId("take-unkept");
        unkept.textProperty().bind(model.unkeptProperty());
        unkept.managedProperty().bind(unkept.textProperty().isNotEmpty());
        var keys = wrapped("quiet");
        keys.setText(Words.of("practice.keys"));
        // Who has played a round knows them.
        keys.visibleProperty()
                .bind(sentence.textProperty()
                        .isEmpty()
                        .and(model.standIn().playsProperty().not()));
        keys.managedProperty().bind(keys.visibleProperty());
        var buttons = new FlowPane(
                actions.wordedButton("practice.play"),
                actions.wordedButton("practice.down"),
                actions.wordedButton("practice.up"),
                actions.wordedButton("practice.tap"),
                actions.wordedButton("practice.slower"),
                actions.wordedButton("practice.faster"),
                actions.wordedButton("practice.class"),
                actions.wordedButton("practice.plan"));
        buttons.getStyleClass().add("practice-buttons");
        buttons.setAlignment(Pos.CENTER_LEFT);
        var loop = new LoopPanel(model, player.loopModel());
        now.setId("loop-now");
        bound.follow(this::showTempo, model.playingNowProperty(), model.speedNowProperty());
        var tempo = new FlowPane(tempos, now, rounds);
        tempo.getStyleClass().add("head-flow");
        var learner = new StandInPanel(work, model.standIn(), model.playingNowProperty());
        // The picture stays in sight while what was played is scrolled.
        var top = new VBox(what, tempo, why, picture);
        top.getStyleClass().add("practice-top");
        var below = new VBox(buttons, stroke, sentence, numbers, unkept, strip, keys, who, learner, loop);
        below.getStyleClass().add("practice-centre");
        var scroll = new ScrollPane(below);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(LEAST_BELOW);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        setCenter(new VBox(top, scroll));
        var heard = new MixPanel(player.mixModel());
        bound.follow(settings.countingProperty(), heard::count);
        var beside = new ScrollPane(heard);
        beside.setFitToWidth(true);
        beside.getStyleClass().add("mix-scroll");
        setRight(beside);
        picture.setId("practice-picture");
        picture.lowStringOnTopProperty().bind(settings.lowStringOnTopProperty());
        picture.rolesProperty().bind(settings.rolesProperty());
        Scope.PRACTICE.markOn(this);
        // An instrument is heard while the practice is in sight.
        sceneProperty()
                .flatMap(Scene::windowProperty)
                .flatMap(Window::showingProperty)
                .subscribe(showing -> {
                    if (!Boolean.TRUE.equals(showing)) model.input().close();
                });
        strip.managedProperty().bind(strip.takeProperty().map(Optional::isPresent));
        ladder.getSelectionModel().selectedItemProperty().subscribe((_, index) -> {
            if (!bound.isShowing() && index != null) model.chosenProperty().set(index);
        });
        bound.follow(work.stateProperty(), _ -> model.refresh());
        bound.follow(settings.handProperty(), _ -> model.refresh());
        bound.follow(this::showLadder, model.stepsProperty());
        bound.follow(this::showStep, model.chosenProperty(), model.stepsProperty(), model.ownBarsProperty());
        TakeModel takes = model.takes();
        bound.follow(this::showTake, takes.takeProperty(), takes.cleanProperty(), takes.earlyProperty());
        bound.follow(takes.nowProperty(), this::showNow);
        bound.follow(
                player.positionProperty(),
                _ -> picture.playingProperty()
                        .set(pattern.map(player::positionIn).orElse(Double.NaN)));
    }

    private static Label wrapped(String style) {
        var label = new Label();
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    void takeFocus() {
        ladder.requestFocus();
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

    private void showLadder() {
        List<LadderStep> steps = model.stepsProperty().get();
        // One climbs upwards: the first step lies at the foot.
        ladder.getItems()
                .setAll(IntStream.range(0, steps.size())
                        .map(i -> steps.size() - 1 - i)
                        .boxed()
                        .toList());
        HandLoad asked = model.load();
        load.setText(Words.of("practice.load", Math.round(asked.barreSeconds()), Math.round(asked.downsAMinute()))
                + String.join(
                        "",
                        asked.cautions(0).stream()
                                .map(code -> " "
                                        + Words.of(
                                                code,
                                                Math.round(asked.barreSeconds()),
                                                Math.round(asked.downsAMinute())))
                                .toList()));
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
        int row = ladder.getItems().indexOf(model.chosenProperty().get());
        if (row >= 0) {
            ladder.getSelectionModel().select(row);
            // Rows have their heights once they are laid out.
            Platform.runLater(() -> ladder.scrollTo(row));
        }
        showTake();
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

    private void showTake() {
        TakeModel takes = model.takes();
        int clean = takes.cleanProperty().get();
        rounds.setText(
                clean >= Ladder.CLEAN ? Words.of("practice.done") : Words.of("practice.clean", clean, Ladder.CLEAN));
        String early = takes.earlyProperty().get() ? Words.of("practice.playFirst") : "";
        sentence.setText(takes.takeProperty()
                .get()
                .filter(_ -> early.isEmpty())
                .map(TakeWords::sentence)
                .orElse(early));
        numbers.setText(takes.takeProperty().get().map(this::numbers).orElse(""));
        showNow(takes.nowProperty().get());
    }

    /** The round that is played, as far as it is, over the hand and over its bars; otherwise the last one. */
    private void showNow(Optional<TakeModel.Now> now) {
        picture.fallenProperty().set(model.fallen());
        stroke.setText(now.map(each -> TakeWords.stroke(each.last())).orElse(""));
        strip.toComeProperty()
                .set(now.map(each -> each.due()
                                .subList(
                                        each.take().strokes().size(), each.due().size()))
                        .orElse(List.of()));
        strip.takeProperty().set(model.takes().shown());
    }

    private String numbers(Take take) {
        return Words.of(
                "take.numbers",
                take.score(),
                Math.round(take.meanMs()),
                Math.round(take.spreadMs()),
                String.format(Locale.ROOT, "%.1f", Math.round(take.driftPercent() * 10) / 10.0 + 0.0),
                take.missed(),
                take.extra().size(),
                model.scoreOfLastWeek().orElse(-1));
    }

    /** What a step is and at which tempos. */
    private final class StepCell extends WrappedCell<Integer> {

        private final Label title = new Label();
        private final Label facts = new Label();
        private final VBox box = new VBox(title, facts);

        StepCell() {
            title.setWrapText(true);
            title.setMinHeight(USE_PREF_SIZE);
            facts.getStyleClass().add("quiet");
        }

        @Override
        protected void updateItem(Integer index, boolean isEmpty) {
            super.updateItem(index, isEmpty);
            List<LadderStep> steps = model.stepsProperty().get();
            boolean isGone = isEmpty || index == null || index >= steps.size();
            setGraphic(isGone ? null : box);
            if (isGone) return;
            LadderStep step = steps.get(index);
            title.setText(MusicText.signs(Words.say(step.what())));
            facts.setText(Words.of(
                    "practice.cell",
                    step.bars().toString(),
                    step.from(),
                    step.to(),
                    step.minutes(),
                    step.bars().from() == step.bars().to() ? 0 : 1));
        }
    }
}
