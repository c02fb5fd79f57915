package tactus.app.sheet;

import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.field.Bound;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TakenField;
import tactus.app.field.WholeNumberSpinner;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.console.export.Export;
import tactus.core.ground.language.Lexicon;
import tactus.core.written.song.Handout;
import tactus.formats.sheet.Paper;
import tactus.words.Words;

/** What the sheet is composed of, and how it goes out. */
final class HandoutPanel extends VBox {

    private final Bound bound = new Bound(this);
    private final HandoutModel model;
    private final Settings settings;
    private final ProblemLabel problem = new ProblemLabel();
    private final Label outcome = new Label();
    private final CheckBox landscape = new CheckBox(Words.of("sheet.landscape"));
    private final ToggleGroup fits = new ToggleGroup();
    private final ToggleGroup pictures = new ToggleGroup();
    private final WholeNumberSpinner percent = new WholeNumberSpinner(Handout.SMALLEST, Handout.LARGEST);
    private final WholeNumberSpinner shapes = new WholeNumberSpinner(60, 300);
    private final CheckBox easier = new CheckBox(Words.of("sheet.withEasier"));
    private final PartsList parts;
    private final TakenField name;
    private final TakenField date;
    private final TakenField homework;
    private final MenuButton layouts = new MenuButton(Words.of("sheet.layouts"));
    private final TextField layoutName = new TextField();

    HandoutPanel(Work work, Settings settings, HandoutModel model, Actions actions) {
        this.model = model;
        this.settings = settings;
        parts = new PartsList(model, problem::say);
        name = new TakenField("sheet-name", model::takeName, problem);
        date = new TakenField("sheet-date", model::takeDate, problem);
        homework = new TakenField("sheet-homework", model::takeHomework, problem);
        outcome.setId("sheet-outcome");
        outcome.getStyleClass().add("quiet");
        outcome.setWrapText(true);
        outcome.setMinHeight(USE_PREF_SIZE);
        getStyleClass().add("handout-panel");
        getChildren()
                .setAll(
                        title("sheet.out"),
                        outRow(actions),
                        title("sheet.paper"),
                        papers(),
                        landscape,
                        title("sheet.size"),
                        fitRow(),
                        sizeRow(),
                        outcome,
                        problem,
                        title("sheet.parts"),
                        parts,
                        easier,
                        title("sheet.pictures"),
                        pictureRow(),
                        title("sheet.reader"),
                        new NamedField(Words.of("sheet.name"), name),
                        new NamedField(Words.of("sheet.date"), date),
                        new NamedField(Words.of("sheet.homework"), homework),
                        title("sheet.layout"),
                        layoutRow());
        takeChoices();
        bound.follow(work.stateProperty(), _ -> show(model.handout()));
    }

    private static Label title(String key) {
        var title = new Label(Words.of(key));
        title.getStyleClass().add("column-title");
        return title;
    }

    /** Everything that goes out, by short names; the long ones are in the menu and in the tips. */
    private static Node outRow(Actions actions) {
        var row = new FlowPane();
        row.getStyleClass().add("paper-row");
        row.getChildren().add(actions.wordedButton("sheet.print"));
        for (Export export : Export.values()) {
            var button = actions.wordedButton("export." + export.code());
            button.setText(Words.of("sheet.out." + export.code()));
            row.getChildren().add(button);
        }
        var more = actions.wordedButton("song.export");
        more.setText(Words.of("sheet.out.more"));
        row.getChildren().add(more);
        return row;
    }

    private Node papers() {
        var group = new ToggleGroup();
        var row = new FlowPane();
        row.getStyleClass().add("paper-row");
        for (Paper paper : Paper.values()) {
            var button = new ToggleButton(paper.title());
            button.setToggleGroup(group);
            button.setSelected(paper == settings.paperProperty().get());
            button.setOnAction(_ -> {
                button.setSelected(true);
                settings.paperProperty().set(paper);
            });
            row.getChildren().add(button);
        }
        return row;
    }

    private Node fitRow() {
        var row = new FlowPane();
        row.getStyleClass().add("paper-row");
        for (Handout.Fit fit : Handout.Fit.values())
            row.getChildren().add(choice(fits, "fit", fit, handout -> handout.withFit(fit)));
        return row;
    }

    private Node pictureRow() {
        var row = new FlowPane();
        row.getStyleClass().add("paper-row");
        for (Handout.Pictures which : Handout.Pictures.values())
            row.getChildren().add(choice(pictures, "pictures", which, handout -> handout.with(which)));
        return row;
    }

    /** A button that makes one of several choices, of which one is always made. */
    private Node choice(ToggleGroup group, String what, Enum<?> value, UnaryOperator<Handout> change) {
        String code = Lexicon.code(value);
        var button = new ToggleButton(Words.of("sheet." + what + "." + code));
        button.setId(what + "-" + code);
        button.setToggleGroup(group);
        button.setUserData(value);
        button.setOnAction(_ -> {
            button.setSelected(true);
            problem.say(model.change(what, change));
        });
        return button;
    }

    private Node sizeRow() {
        percent.setId("sheet-percent");
        shapes.setId("sheet-shapes");
        var row = new HBox(
                new NamedField(Words.of("sheet.percent"), percent), new NamedField(Words.of("sheet.shapes"), shapes));
        row.getStyleClass().add("size-row");
        return row;
    }

    private Node layoutRow() {
        layouts.setId("sheet-layouts");
        layouts.setMaxWidth(Double.MAX_VALUE);
        layouts.managedProperty().bind(layouts.visibleProperty());
        layouts.setOnShowing(_ -> fillLayouts());
        fillLayouts();
        layoutName.setId("layout-name");
        layoutName.setPromptText(Words.of("sheet.layoutName"));
        layoutName.setAccessibleText(Words.of("sheet.layoutName"));
        layoutName.setOnAction(_ -> keepLayout());
        var keep = new Button(Words.of("sheet.keepLayout"));
        keep.setId("keep-layout");
        keep.setMinWidth(USE_PREF_SIZE);
        keep.setOnAction(_ -> keepLayout());
        var row = new HBox(layoutName, keep);
        row.getStyleClass().add("frame-bar");
        var box = new VBox(layouts, row);
        box.getStyleClass().add("layout-box");
        return box;
    }

    private void keepLayout() {
        if (problem.say(model.keep(layoutName.getText()))) layoutName.clear();
        fillLayouts();
    }

    private void fillLayouts() {
        layouts.getItems().clear();
        model.layouts().keySet().forEach(each -> {
            var take = new MenuItem(Words.of("sheet.takeLayout", each));
            take.setMnemonicParsing(false);
            take.setOnAction(_ -> problem.say(model.take(each)));
            var forget = new MenuItem(Words.of("sheet.forgetLayout", each));
            forget.setMnemonicParsing(false);
            forget.setOnAction(_ -> {
                problem.say(model.forget(each));
                fillLayouts();
            });
            layouts.getItems().addAll(take, forget);
        });
        layouts.setVisible(!layouts.getItems().isEmpty());
    }

    private void takeChoices() {
        landscape.setId("sheet-landscape");
        easier.setId("sheet-easier");
        bound.take(
                landscape.selectedProperty(),
                lies -> problem.say(model.change("landscape", handout -> handout.withLandscape(lies))));
        bound.take(
                easier.selectedProperty(),
                has -> problem.say(model.change("easier", handout -> handout.withEasier(has))));
        bound.take(
                percent.valueProperty(),
                size -> problem.say(model.change("percent", handout -> handout.withPercent(size))));
        bound.take(
                shapes.valueProperty(),
                size -> problem.say(model.change("shapes", handout -> handout.withShapes(size))));
    }

    private void show(Handout handout) {
        landscape.setSelected(handout.isLandscape());
        easier.setSelected(handout.hasEasier());
        percent.show(handout.percent());
        percent.setDisable(handout.fit() != Handout.Fit.AS_NEEDED);
        shapes.show(handout.shapes());
        fits.getToggles().forEach(toggle -> toggle.setSelected(toggle.getUserData() == handout.fit()));
        pictures.getToggles().forEach(toggle -> toggle.setSelected(toggle.getUserData() == handout.pictures()));
        parts.show(handout);
        name.show(handout.reader().name());
        date.show(handout.reader().date());
        homework.show(handout.reader().homework());
    }

    /** Says how large the print is and how many pages there are. */
    void say(int size, int pages, boolean fits) {
        outcome.setText(Words.of(fits ? "sheet.outcome" : "sheet.fitsNot", size, pages));
        outcome.getStyleClass().setAll("label", fits ? "quiet" : "problem");
    }
}
