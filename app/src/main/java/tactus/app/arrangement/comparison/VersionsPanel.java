package tactus.app.arrangement.comparison;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TakenField;
import tactus.app.place.PanelBox;
import tactus.app.place.SentenceRow;
import tactus.core.ground.refusal.Outcome;
import tactus.core.written.rule.Company;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Version;
import tactus.words.OverlayWords;
import tactus.words.Words;

/** The versions: which is shown, what it changes, and how another one is made. */
public final class VersionsPanel extends PanelBox {

    private final Bound bound = new Bound(this);
    private final VersionsModel versions;
    private final ComboBox<String> shown = new ComboBox<>();
    private final ComboBox<Company> company = new ComboBox<>();
    private final VBox changes = new VBox();
    private final TextField name = new TextField();
    private final ProblemLabel problem = new ProblemLabel();
    private final CheckBox plain = new CheckBox(Words.of("versions.plain"));
    private final TakenField capo;
    private final TakenField most;
    private final VBox own = new VBox();

    public VersionsPanel(VersionsModel versions) {
        this.versions = versions;
        capo = new TakenField("version-capo", text -> number(text, versions::takeCapo), problem);
        most = new TakenField("version-most", text -> number(text, versions::takeMostStrokes), problem);
        prepareControls();
        listen();
        getChildren()
                .setAll(
                        new NamedField(Words.of("versions.shown"), shown),
                        new NamedField(Words.of("versions.company"), company),
                        own,
                        new NamedField(Words.of("versions.new"), name),
                        problem,
                        makers(),
                        quiet(Words.of("versions.hint")));
    }

    private void prepareControls() {
        shown.setId("version-shown");
        shown.setConverter(new ChosenText<>(VersionsModel::title));
        shown.setMaxWidth(Double.MAX_VALUE);
        company.setId("version-company");
        company.setMaxWidth(Double.MAX_VALUE);
        company.getItems().setAll(Company.values());
        company.setConverter(new ChosenText<>(Words::value));
        changes.getStyleClass().add("sentences");
        name.setId("version-name");
        name.setPromptText(Words.of("versions.namePrompt"));
        plain.setWrapText(true);
        var delete = new Button(Words.of("versions.delete"));
        delete.setId("version-delete");
        delete.setOnAction(_ -> versions.delete());
        own.getStyleClass().add("panel-parts");
        own.getChildren()
                .setAll(
                        title("versions.changes"),
                        changes,
                        plain,
                        new HBox(
                                8,
                                new NamedField(Words.of("versions.capo"), capo),
                                new NamedField(Words.of("versions.mostStrokes"), most)),
                        delete);
        own.managedProperty().bind(own.visibleProperty());
    }

    private void listen() {
        bound.take(shown.valueProperty(), versions::show);
        bound.take(company.valueProperty(), versions::takeCompany);
        bound.take(plain.selectedProperty(), versions::takePlain, problem::say);
    }

    private VBox makers() {
        var easier = new Button(Words.of("versions.easier"));
        easier.setId("version-easier");
        easier.setOnAction(_ -> make(versions::makeEasier));
        var empty = new Button(Words.of("versions.empty"));
        empty.setId("version-add");
        empty.setOnAction(_ -> make(versions::add));
        var makers = new VBox(easier, empty);
        makers.getStyleClass().add("panel-parts");
        return makers;
    }

    private void make(Function<String, Outcome> maker) {
        String wanted = name.getText().isBlank() ? Words.of("versions.usualName") : name.getText();
        if (problem.say(maker.apply(wanted))) name.clear();
    }

    private static Outcome number(String text, Function<Optional<Integer>, Outcome> take) {
        if (text.isBlank()) return take.apply(Optional.empty());
        if (!text.strip().matches("\\d{1,3}")) return Outcome.refused("versions.noNumber", text);
        return take.apply(Optional.of(Integer.valueOf(text.strip())));
    }

    @Override
    public void show() {
        try (var _ = bound.showing()) {
            if (!shown.getItems().equals(versions.names())) shown.getItems().setAll(versions.names());
            shown.setValue(versions.shown());
            company.setValue(versions.company());
            Optional<Version> version = versions.version();
            own.setVisible(version.isPresent());
            List<OverlayWords.Item> held = versions.own();
            fill(changes, versions.changes(), PanelBox::plain, held.isEmpty() ? Words.of("versions.noChanges") : "");
            held.forEach(item ->
                    changes.getChildren().add(new SentenceRow(item.text(), () -> {}, () -> versions.takeBack(item))));
            plain.setSelected(version.filter(Version::isPlain).isPresent());
            capo.show(text(version.flatMap(shown -> shown.facts().of(Aspect.CAPO))));
            most.show(text(version.flatMap(Version::mostStrokes)));
        }
    }

    private static String text(Optional<Integer> number) {
        return number.map(Object::toString).orElse("");
    }

    @Override
    public Node first() {
        return shown;
    }
}
