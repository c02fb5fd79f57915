package tactus.app.hand;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.transform.Transform;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.HandPicture;
import tactus.core.laid.picture.Passage;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.stroke.RoleSchool;

/**
 * The hand over the strings. Style class {@code hand-view}; at which size it is shown is settled when it is made. While
 * a position is played its slot glows and the hand moves along its path.
 */
public final class HandView extends InkCanvas {

    private final Frame.Size size;
    private final ObjectProperty<Optional<Passage>> passage =
            new SimpleObjectProperty<>(this, "passage", Optional.empty());
    private final ObjectProperty<Tuning> tuning = new SimpleObjectProperty<>(this, "tuning", Tuning.STANDARD);
    private final BooleanProperty lowStringOnTop = new SimpleBooleanProperty(this, "lowStringOnTop", true);
    private final ObjectProperty<RoleSchool> roles = new SimpleObjectProperty<>(this, "roles", RoleSchool.LETTERS);
    private final BooleanProperty saysH = new SimpleBooleanProperty(this, "saysH");
    private final ObjectProperty<OptionalInt> writing =
            new SimpleObjectProperty<>(this, "writing", OptionalInt.empty());
    private final DoubleProperty playing = new SimpleDoubleProperty(this, "playing", Double.NaN);
    private final ObjectProperty<List<Fallen>> fallen = new SimpleObjectProperty<>(this, "fallen", List.of());
    private Optional<HandPicture> picture = Optional.empty();
    private Still stillOf;
    private Image still;

    /**
     * Where strokes on a slot really fell.
     *
     * @param late in whole notes, less than 0 for early
     * @param spread how far they lay apart, in whole notes
     * @param isMissed whether it did not come at all
     */
    public record Fallen(int slot, double late, double spread, boolean isMissed) {}

    /** What a still image was painted from; another ink means another theme. */
    private record Still(HandPicture picture, Tuning tuning, boolean saysH, Inks inks, double scale) {}

    public HandView(Frame.Size size) {
        this.size = size;
        getStyleClass().add("hand-view");
        passage.subscribe(_ -> draw());
        lowStringOnTop.subscribe(_ -> draw());
        roles.subscribe(_ -> draw());
        repaintOn(List.of(tuning, saysH, writing, playing, fallen, focusedProperty()));
        widthProperty().subscribe(_ -> forget());
        heightProperty().subscribe(_ -> forget());
    }

    private void forget() {
        picture = Optional.empty();
    }

    private void draw() {
        forget();
        repaint();
    }

    /** The picture as it is laid out now; empty while there is nothing to show or no room. */
    public Optional<HandPicture> picture() {
        if (picture.isEmpty() && getWidth() > 1 && getHeight() > 1) {
            var frame = new Frame(size, getWidth(), getHeight(), lowStringOnTop.get(), roles.get());
            picture = passage.get().map(shown -> HandPicture.of(shown, frame));
        }
        return picture;
    }

    @Override
    protected void paint(GraphicsContext brush, double width, double height) {
        picture().ifPresent(shown -> {
            HandPainting painting = painting(brush, shown);
            writing.get().ifPresent(slot -> painting.paintCursor(slot, isFocused()));
            double at = playing.get();
            if (at >= 0 && at < shown.passage().length().toDouble()) {
                painting.paintMoment(at, () -> drawStill(brush, shown));
            } else {
                painting.paintStill();
            }
            painting.paintFallen(fallen.get());
        });
    }

    private HandPainting painting(GraphicsContext brush, HandPicture shown) {
        NoteSchool notes = saysH.get() ? NoteSchool.WITH_H : NoteSchool.INTERNATIONAL;
        return new HandPainting(brush, shown, string -> tuning.get().note(string, notes), inks());
    }

    /** Dot for dot: an image that is stretched by part of a dot takes twice as long. */
    private void drawStill(GraphicsContext brush, HandPicture shown) {
        Image image = still(shown);
        brush.drawImage(image, 0, 0, image.getWidth() / stillOf.scale(), image.getHeight() / stillOf.scale());
    }

    /** What does not move, as an image: while the hand moves, only the rest is painted for every frame. */
    private Image still(HandPicture shown) {
        double scale = getScene() == null || getScene().getWindow() == null
                ? 1
                : getScene().getWindow().getRenderScaleX();
        var wanted = new Still(shown, tuning.get(), saysH.get(), inks(), scale);
        if (!wanted.equals(stillOf)) {
            stillOf = wanted;
            still = paintedOnce(shown, scale);
        }
        return still;
    }

    private Image paintedOnce(HandPicture shown, double scale) {
        var canvas = new Canvas(shown.frame().width(), shown.frame().height());
        painting(canvas.getGraphicsContext2D(), shown).paintStill();
        var parameters = new SnapshotParameters();
        parameters.setFill(Color.TRANSPARENT);
        parameters.setTransform(Transform.scale(scale, scale));
        return canvas.snapshot(parameters, null);
    }

    /** What is shown; nothing if empty. */
    public ObjectProperty<Optional<Passage>> passageProperty() {
        return passage;
    }

    public void setPassage(Passage shown) {
        passage.set(Optional.of(shown));
    }

    /** Names the strings of a large picture. */
    public ObjectProperty<Tuning> tuningProperty() {
        return tuning;
    }

    public BooleanProperty lowStringOnTopProperty() {
        return lowStringOnTop;
    }

    /** Whether a string that sounds B natural is called H. */
    public BooleanProperty saysHProperty() {
        return saysH;
    }

    /** How the fingers of the picking hand are called. */
    public ObjectProperty<RoleSchool> rolesProperty() {
        return roles;
    }

    /** The slot that is written next, if one is. */
    public ObjectProperty<OptionalInt> writingProperty() {
        return writing;
    }

    /** Where strokes really fell, over the picture of where they belong. */
    public ObjectProperty<List<Fallen>> fallenProperty() {
        return fallen;
    }

    /** What is sounding, in whole notes from the start of the passage; not a number if nothing is. */
    public DoubleProperty playingProperty() {
        return playing;
    }
}
