package tactus.app.sheet;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.concurrent.Task;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.field.Bound;
import tactus.app.field.Images;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.written.song.Handout;
import tactus.formats.sheet.Sheet;
import tactus.formats.sheet.SheetLook;
import tactus.words.Words;

/** The pages as they print. Style class {@code sheet-view}. */
public final class SheetView extends BorderPane {

    private static final float PREVIEW_DPI = 108;
    private static final double LEAST_WIDTH = 280;
    private static final double BESIDE_PAGES = 54;

    private final Work work;
    private final Settings settings;
    private final Consumer<Task<?>> background;
    private final StackPane pages = new StackPane();
    private final ScrollPane scroll;
    private final HandoutPanel panel;
    private Work.State drawn;
    private SheetLook drawnLook;

    /** @param background runs what takes long */
    public SheetView(Work work, Settings settings, Actions actions, Consumer<Task<?>> background) {
        this.work = work;
        this.settings = settings;
        this.background = background;
        panel = new HandoutPanel(work, settings, new HandoutModel(work, settings), actions);
        getStyleClass().add("sheet-view");
        setLeft(choices(actions));
        scroll = new ScrollPane(pages);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("page-scroll");
        scroll.setAccessibleText(Words.of("sheet.pages"));
        setCenter(scroll);
        new Bound(this)
                .follow(
                        this::refresh,
                        work.stateProperty(),
                        settings.paperProperty(),
                        settings.lowStringOnTopProperty(),
                        settings.leftHandedProperty(),
                        settings.rolesProperty());
    }

    private ScrollPane choices(Actions actions) {
        var scroll = new ScrollPane(panel);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().addAll("side-column", "handout-scroll");
        return scroll;
    }

    /** Draws the pages anew if they are in sight and not as the song is. */
    private void refresh() {
        boolean same =
                work.stateProperty().get() == drawn && settings.sheetLook().equals(drawnLook);
        if (getScene() == null || same) return;
        drawn = work.stateProperty().get();
        drawnLook = settings.sheetLook();
        var drawing = new Drawing(drawn, drawnLook);
        Work.State wanted = drawn;
        SheetLook wantedLook = drawnLook;
        drawing.setOnSucceeded(_ -> {
            if (wanted == drawn && wantedLook == drawnLook) show(drawing.getValue());
        });
        background.accept(drawing);
    }

    private void show(Drawn sheet) {
        panel.say(sheet.percent(), sheet.images().size(), sheet.fits());
        boolean sideBySide = drawn.song().lesson().handout().fit() == Handout.Fit.TWO_PAGES;
        Pane row = sideBySide ? new HBox() : new VBox();
        row.getStyleClass().add("pages");
        int inRow = sideBySide ? sheet.images().size() : 1;
        row.getChildren()
                .setAll(sheet.images().stream().map(image -> page(image, inRow)).toList());
        pages.getChildren().setAll(row);
    }

    /** A page no wider than its share of the room. */
    private StackPane page(Image image, int inRow) {
        var view = new ImageView(image);
        view.setPreserveRatio(true);
        view.setSmooth(true);
        view.fitWidthProperty()
                .bind(Bindings.createDoubleBinding(
                        () -> Math.min(
                                image.getWidth(), Math.max(LEAST_WIDTH, scroll.getWidth() / inRow - BESIDE_PAGES)),
                        scroll.widthProperty()));
        var page = new StackPane(view);
        page.getStyleClass().add("page");
        page.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        return page;
    }

    /** The pages of a sheet and how they came out. */
    private record Drawn(List<Image> images, int percent, boolean fits) {}

    /** Draws every page of a song. */
    private static final class Drawing extends Task<Drawn> {

        private final Work.State state;
        private final SheetLook look;

        Drawing(Work.State state, SheetLook look) {
            this.state = state;
            this.look = look;
        }

        @Override
        protected Drawn call() throws Exception {
            Sheet sheet = Sheet.of(state.song(), state.timeline(), look);
            var images = new ArrayList<Image>();
            for (BufferedImage page : sheet.images(PREVIEW_DPI)) {
                if (isCancelled()) break;
                images.add(Images.of(page));
            }
            return new Drawn(images, sheet.percent(), sheet.fits());
        }
    }
}
