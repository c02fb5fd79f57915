package tactus.app.setup.fact;

import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import tactus.app.field.NamedField;
import tactus.app.field.WholeNumberSpinner;
import tactus.app.work.Settings;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.words.Words;

/** The hand that plays and the neck it plays on. Style class {@code hand-form}. */
final class HandForm extends VBox {

    private final Settings settings;
    private final WholeNumberSpinner span = new WholeNumberSpinner(FrettingHand.SMALLEST, FrettingHand.WIDEST);
    private final WholeNumberSpinner scale = new WholeNumberSpinner(Neck.SHORTEST, Neck.LONGEST);
    private final CheckBox thumb = new CheckBox(Words.of("hand.thumb"));

    HandForm(Settings settings) {
        this.settings = settings;
        getStyleClass().add("hand-form");
        var title = new Label(Words.of("hand.title"));
        title.getStyleClass().add("column-title");
        var caution = new Label(Words.of("hand.caution"));
        caution.getStyleClass().add("quiet");
        caution.setWrapText(true);
        caution.setMinHeight(USE_PREF_SIZE);
        span.setId("hand-span");
        scale.setId("hand-scale");
        thumb.setId("hand-thumb");
        thumb.setMinWidth(0);
        span.show(settings.handProperty().get().span());
        scale.show(settings.scaleLengthProperty().get());
        thumb.setSelected(settings.handProperty().get().thumb());
        span.valueProperty().subscribe((_, _) -> take());
        thumb.selectedProperty().subscribe((_, _) -> take());
        scale.valueProperty()
                .subscribe((_, length) -> settings.scaleLengthProperty().set(length));
        getChildren()
                .setAll(
                        title,
                        FactsForm.row(
                                new NamedField(Words.of("hand.span"), span),
                                new NamedField(Words.of("hand.scale"), scale)),
                        thumb,
                        caution);
    }

    private void take() {
        settings.handProperty().set(new FrettingHand(span.getValue(), thumb.isSelected()));
    }
}
