package tactus.app.window;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListCell;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.app.action.Action;
import tactus.app.arrangement.bars.PatternPalette;
import tactus.app.place.Place;
import tactus.core.patterns.library.Level;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.picking.FingerSchool;
import tactus.core.patterns.picking.PickingStyle;
import tactus.core.patterns.picking.Strike;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;

/** Nothing a teacher must read is cut: in every place and panel, every demo song, both sizes and themes. */
class CutTextTest extends WindowTest {

    private static final String AGAINST_THE_HAND = "-d-U-d-u";
    private static final List<String> PANELS = List.of("panel.", "bench.", "arrange.");

    @ParameterizedTest
    @CsvSource({"1280, 800, false", "1100, 700, true"})
    void everyTextHasItsRoom(int width, int height, boolean dark) {
        robot.interact(() -> {
            stage.setWidth(width);
            stage.setHeight(height);
            window.settings().darkProperty().set(dark);
        });
        var cut = new TreeSet<String>();
        for (DemoSong demo : DemoSong.values()) {
            robot.interact(() -> work.begin(wordy(demo.song())));
            for (Place place : window.places()) {
                robot.interact(() -> window.show(place));
                collect(demo + " " + place.id(), cut);
            }
            if (demo != DemoSong.LANTERN_WALK) continue;
            for (Action action : window.actions().all()) {
                if (PANELS.stream().noneMatch(action.id()::startsWith)) continue;
                robot.interact(action::run);
                collect(demo + " " + action.id(), cut);
            }
        }
        assertEquals("", String.join("\n", cut));
    }

    /** With the facts said whose words are the longest, and two snags below the first pattern. */
    private static Song wordy(Song song) {
        Facts facts = song.facts();
        Pattern first = song.patterns().getFirst();
        Song slipped = first.line().length() == AGAINST_THE_HAND.length()
                ? song.withPattern(first.withLine(AGAINST_THE_HAND))
                : song;
        return slipped.withFacts(facts.withLevel(Optional.of(Level.FIRST_LESSONS))
                .withPicking(new PickingStyle(FingerSchool.LOW_ON_SIX, Optional.of(Strike.THUMB_AND_INDEX))));
    }

    private void collect(String where, TreeSet<String> cut) {
        settle();
        var found = new ArrayList<String>();
        robot.interact(() -> {
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
            collect(stage.getScene().getRoot(), found);
        });
        found.forEach(text -> cut.add(where + ": " + text));
    }

    private void collect(Parent parent, List<String> cut) {
        for (Node node : parent.getChildrenUnmodifiable()) {
            // Rows of a list may be shortened; the whole stands in their tool tip.
            if (!node.isVisible() || isRow(node) || node instanceof PatternPalette) continue;
            if (node instanceof Labeled label && isCut(label)) cut.add(name(label) + " \"" + label.getText() + "\"");
            if (node instanceof Control control && isBesideTheWindow(control))
                cut.add("beside the window: " + control.getId() + " " + control.getStyleClass());
            if (node instanceof Control control && isBesideItsPlace(control))
                cut.add("beside its place: " + control.getId() + " " + control.getStyleClass());
            if (node instanceof Parent inner) collect(inner, cut);
        }
    }

    /** Whether a control that cannot be scrolled to stands over the window's edge. */
    private boolean isBesideTheWindow(Control control) {
        for (Node up = control.getParent(); up != null; up = up.getParent()) if (up instanceof ScrollPane) return false;
        Bounds bounds = control.localToScene(control.getLayoutBounds());
        return bounds.getWidth() > 0
                && (bounds.getMinX() < -1
                        || bounds.getMaxX() > stage.getScene().getWidth() + 1
                        || bounds.getMinY() < -1
                        || bounds.getMaxY() > stage.getScene().getHeight() + 1);
    }

    /** Whether a control reaches over the side of what it stands in, and so over what stands beside. */
    private static boolean isBesideItsPlace(Control control) {
        Bounds bounds = control.localToScene(control.getLayoutBounds());
        if (bounds.getWidth() == 0) return false;
        for (Node up = control.getParent(); up != null; up = up.getParent()) if (up instanceof ScrollPane) return false;
        for (Node up = control.getParent(); up instanceof Region && up.getClip() == null; up = up.getParent()) {
            Bounds place = up.localToScene(up.getLayoutBounds());
            if (bounds.getMinX() < place.getMinX() - 1 || bounds.getMaxX() > place.getMaxX() + 1) return true;
        }
        return false;
    }

    /** Of a choice what is chosen is to be read whole. */
    private static boolean isRow(Node node) {
        return node instanceof ListCell<?> && !(node.getParent() instanceof ComboBoxBase<?>);
    }

    /** The text that is painted is another than the one that is meant. */
    private static boolean isCut(Labeled label) {
        if (label.getText() == null || label.getText().isEmpty()) return false;
        if (label.getWidth() < 1 || label.getHeight() < 1 || !isOnPage(label)) return false;
        for (Node part : label.getChildrenUnmodifiable()) {
            if (part instanceof Text text
                    && !text.getText().isEmpty()
                    && !text.getText().equals(label.getText()))
                return text.getText().endsWith("…") || text.getText().endsWith("...");
        }
        return false;
    }

    /** Whether it can be scrolled to. */
    private static boolean isOnPage(Node node) {
        for (Node up = node.getParent(); up != null; up = up.getParent()) {
            if (up instanceof ScrollPane scroll) {
                Bounds bounds = node.localToScene(node.getLayoutBounds());
                return bounds.getWidth() > 0 && scroll.getWidth() > 0;
            }
        }
        return true;
    }

    private static String name(Labeled label) {
        return label.getId() != null ? "#" + label.getId() : String.join(".", label.getStyleClass());
    }
}
