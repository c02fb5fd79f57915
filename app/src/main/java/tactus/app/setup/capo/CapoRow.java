package tactus.app.setup.capo;

import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableNumberValue;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import tactus.app.field.BesideOrBelow;
import tactus.core.counsel.capo.CapoChoice;
import tactus.core.music.pitch.NoteSchool;
import tactus.formats.font.ChordText;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/**
 * One place of the capo as a row: how easy it is as a bar, then what that comes from. Pressing it takes it. Style class
 * {@code capo-row}; states {@code :now} and {@code :cramped}.
 */
final class CapoRow extends Button {

    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");
    private static final PseudoClass CRAMPED = PseudoClass.getPseudoClass("cramped");

    /** @param width how wide it may be; where the shapes do not fit beside the figures they stand below them */
    CapoRow(CapoChoice choice, boolean isNow, NoteSchool school, ObservableNumberValue width, Runnable take) {
        getStyleClass().setAll("capo-row");
        pseudoClassStateChanged(NOW, isNow);
        pseudoClassStateChanged(CRAMPED, choice.isCramped());
        String place = Words.of("capo.place", choice.capo(), choice.tunedDown());
        String key = MusicText.signs(choice.shapesKey().toString());
        var figures = row(
                cell(place + (isNow ? Words.of("capo.now") : ""), "capo-place"),
                cell(key, "capo-key"),
                bar(choice.ease()),
                cell(Integer.toString(choice.barres()), "capo-number"),
                cell(Words.of("capo.millimetres", choice.stretch()), "capo-number"));
        setGraphic(new BesideOrBelow(figures, chords(choice, school), Bindings.subtract(width, 20)));
        setMaxWidth(Double.MAX_VALUE);
        setId("capo-row-" + choice.tunedDown() + "-" + choice.capo());
        setAccessibleText(Words.of(
                "capo.row",
                place,
                key,
                choice.ease(),
                choice.barres(),
                choice.stretch(),
                choice.chords().stream().map(chord -> chord.name().toString()).collect(Collectors.joining(" "))));
        setOnAction(_ -> take.run());
    }

    /** The heads of the columns. */
    static HBox heads() {
        var heads = row(
                cell(Words.of("capo.head.place"), "capo-place"),
                cell(Words.of("capo.head.key"), "capo-key"),
                cell(Words.of("capo.head.ease"), "capo-ease"),
                cell(Words.of("capo.head.barres"), "capo-number"),
                cell(Words.of("capo.head.stretch"), "capo-number"),
                cell(Words.of("capo.head.chords"), "capo-chords"));
        heads.getStyleClass().add("capo-heads");
        return heads;
    }

    private static HBox row(Node... cells) {
        var row = new HBox(cells);
        row.getStyleClass().add("capo-figures");
        return row;
    }

    private static Label cell(String text, String style) {
        var cell = new Label(text);
        cell.getStyleClass().add(style);
        return cell;
    }

    private static Node bar(int ease) {
        var part = new Region();
        part.getStyleClass().add("ease-part");
        part.setMaxWidth(ease * 0.8);
        var number = cell(Integer.toString(ease), "ease-number");
        var whole = new StackPane(part);
        whole.getStyleClass().add("ease-bar");
        var box = new HBox(whole, number);
        box.getStyleClass().add("capo-ease");
        return box;
    }

    /** The names of the shapes; those with a barre carry a bar, so that they are seen without colour. */
    private static HBox chords(CapoChoice choice, NoteSchool school) {
        var names = new HBox();
        names.getStyleClass().add("capo-chords");
        for (CapoChoice.ChordShape chord : choice.chords()) {
            var name = cell(ChordText.of(chord.name(), school), "capo-chord");
            name.setMinWidth(USE_PREF_SIZE);
            if (chord.shape().grip().hasBarre()) name.getStyleClass().add("barred");
            names.getChildren().add(name);
        }
        return names;
    }
}
