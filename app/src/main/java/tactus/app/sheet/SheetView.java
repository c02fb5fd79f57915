package tactus.app.sheet;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.concurrent.Task;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.field.Bound;
import tactus.app.work.Export;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.formats.sheet.Paper;
import tactus.formats.sheet.Sheet;
import tactus.words.Words;

/** The pages as they print. Style class {@code sheet-view}. */
public final class SheetView extends BorderPane {

    private static final float PREVIEW_DPI = 108;

    private final Work work;
    private final Settings settings;
    private final Consumer<Task<?>> background;
    private final VBox pages = new VBox();
    private final ToggleGroup papers = new ToggleGroup();
    private Work.State drawn;
    private Paper drawnPaper;

    /** @param background runs what takes long */
    public SheetView(Work work, Settings settings, Actions actions, Consumer<Task<?>> background) {
        this.work = work;
        this.settings = settings;
        this.background = background;
        getStyleClass().add("sheet-view");
        pages.getStyleClass().add("pages");
        setLeft(choices(actions));
        var scroll = new ScrollPane(new StackPane(pages));
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("page-scroll");
        scroll.setAccessibleText(Words.of("sheet.pages"));
        setCenter(scroll);
        new Bound(this).follow(work.stateProperty(), _ -> refresh());
    }

    private VBox choices(Actions actions) {
        var title = new Label(Words.of("sheet.paper"));
        title.getStyleClass().add("column-title");
        var row = new HBox();
        row.getStyleClass().add("paper-row");
        for (Paper paper : Paper.values()) {
            var button = new ToggleButton(paper.title());
            button.setToggleGroup(papers);
            button.setSelected(paper == settings.paperProperty().get());
            button.setOnAction(_ -> {
                button.setSelected(true);
                settings.paperProperty().set(paper);
                refresh();
            });
            row.getChildren().add(button);
        }
        var out = new Label(Words.of("sheet.out"));
        out.getStyleClass().add("column-title");
        var column = new VBox(title, row, out);
        for (Export export : Export.values()) {
            var button = actions.wordedButton("export." + export.ending());
            button.setMaxWidth(Double.MAX_VALUE);
            column.getChildren().add(button);
        }
        column.getStyleClass().add("side-column");
        return column;
    }

    private Paper paper() {
        return settings.paperProperty().get();
    }

    /** Draws the pages anew if they are in sight and not as the song is. */
    private void refresh() {
        boolean same = work.stateProperty().get() == drawn && paper() == drawnPaper;
        if (getScene() == null || same) return;
        drawn = work.stateProperty().get();
        drawnPaper = paper();
        var drawing = new Drawing(drawn, drawnPaper);
        Work.State wanted = drawn;
        drawing.setOnSucceeded(_ -> {
            if (wanted == drawn)
                pages.getChildren()
                        .setAll(drawing.getValue().stream().map(SheetView::page).toList());
        });
        background.accept(drawing);
    }

    private static StackPane page(Image image) {
        var page = new StackPane(new ImageView(image));
        page.getStyleClass().add("page");
        page.setMaxSize(image.getWidth(), image.getHeight());
        return page;
    }

    /** Draws every page of a song. */
    private static final class Drawing extends Task<List<Image>> {

        private final Work.State state;
        private final Paper paper;

        Drawing(Work.State state, Paper paper) {
            this.state = state;
            this.paper = paper;
        }

        @Override
        protected List<Image> call() throws Exception {
            var images = new ArrayList<Image>();
            for (BufferedImage page :
                    Sheet.of(state.song(), state.timeline(), paper).images(PREVIEW_DPI)) {
                if (isCancelled()) break;
                images.add(image(page));
            }
            return images;
        }

        private static Image image(BufferedImage page) {
            int width = page.getWidth();
            int height = page.getHeight();
            int[] pixels = page.getRGB(0, 0, width, height, null, 0, width);
            var image = new WritableImage(width, height);
            image.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
            return image;
        }
    }
}
