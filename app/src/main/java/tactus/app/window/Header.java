package tactus.app.window;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.arrangement.comparison.VersionsModel;
import tactus.app.field.Bound;
import tactus.app.place.Place;
import tactus.app.work.Work;
import tactus.formats.sheet.FactsText;
import tactus.words.Words;

/** The places to go to, the song's facts, and how many snags there are. Style class {@code header}. */
final class Header extends HBox {

    private static final double NARROW = 1200;
    private static final PseudoClass CLEAN = PseudoClass.getPseudoClass("clean");

    private final Map<Place, ToggleButton> places = new LinkedHashMap<>();
    private final Label title = new Label();
    private final Label facts = new Label();
    private final Button snags;
    private final VersionChoice version;

    Header(
            Work work,
            VersionsModel versions,
            Actions actions,
            List<Place> all,
            ReadOnlyObjectProperty<Place> place,
            NextLine next) {
        getStyleClass().add("header");
        setAlignment(Pos.CENTER_LEFT);
        var switches = new HBox();
        switches.getStyleClass().add("place-switch");
        for (Place each : all) {
            ToggleButton toggle = actions.toggle("place." + each.id());
            toggle.setText(actions.get("place." + each.id()).text());
            places.put(each, toggle);
            switches.getChildren().add(toggle);
        }
        var bound = new Bound(this);
        // In a narrow window the facts need the room that the icons take.
        widthProperty()
                .subscribe(width -> places.values()
                        .forEach(toggle -> toggle.setContentDisplay(
                                width.doubleValue() < NARROW ? ContentDisplay.TEXT_ONLY : ContentDisplay.LEFT)));
        bound.follow(place, chosen -> places.forEach((each, toggle) -> toggle.setSelected(each == chosen)));
        places.forEach((each, toggle) -> keepSelected(toggle, each, place));
        snags = actions.button("view.snags");
        snags.getStyleClass().add("snag-button");
        snags.setMinWidth(USE_PREF_SIZE);
        version = new VersionChoice(work, versions);
        getChildren().setAll(switches, lines(next), version, snags);
        bound.follow(work.stateProperty(), this::show);
        bound.follow(() -> showTitle(work), work.unsavedProperty(), work.stateProperty());
    }

    /** The title with what is next, and below it the facts. */
    private VBox lines(NextLine next) {
        title.setId("song-title");
        title.getStyleClass().add("song-title");
        facts.setId("song-facts");
        facts.getStyleClass().add("song-facts");
        facts.setMinWidth(0);
        facts.setWrapText(true);
        facts.setMinHeight(USE_PREF_SIZE);
        var first = new HBox(title, next);
        first.getStyleClass().add("title-line");
        title.setMinWidth(USE_PREF_SIZE);
        HBox.setHgrow(next, Priority.ALWAYS);
        var lines = new VBox(first, facts);
        lines.setAlignment(Pos.CENTER_LEFT);
        lines.setMinWidth(0);
        HBox.setHgrow(lines, Priority.ALWAYS);
        return lines;
    }

    /** A place that is shown stays pressed when it is pressed again. */
    private static void keepSelected(ToggleButton toggle, Place its, ReadOnlyObjectProperty<Place> place) {
        toggle.selectedProperty().subscribe(selected -> {
            if (!selected && place.get() == its) toggle.setSelected(true);
        });
    }

    private void show(Work.State state) {
        facts.setText(FactsText.of(state.song().facts(), state.timeline()));
        int count = state.snags().size();
        snags.setText(count == 0 ? Words.of("snags.none") : Words.of("snags.count", count));
        snags.pseudoClassStateChanged(CLEAN, count == 0);
    }

    private void showTitle(Work work) {
        title.setText(work.song().facts().title() + (work.isUnsaved() ? "  •" : ""));
        title.setAccessibleText(work.song().facts().title() + (work.isUnsaved() ? Words.of("song.isUnsaved") : ""));
    }
}
