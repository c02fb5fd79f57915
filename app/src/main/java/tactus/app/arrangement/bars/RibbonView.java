package tactus.app.arrangement.bars;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import tactus.app.hand.HandView;
import tactus.core.laid.outline.LineOfBars;
import tactus.core.laid.outline.Ribbon;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.Passage;
import tactus.core.laid.timeline.PlayedForm;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.What;
import tactus.core.written.song.Song;
import tactus.words.RibbonWords;
import tactus.words.SongWords;

/**
 * What is played from one place to another: emblem and name. Style class {@code ribbon}, with {@code event} where it is no
 * pattern, {@code form} where a form of it is played, {@code second} for a second guitar and {@code nothing} where nothing
 * is.
 */
final class RibbonView extends Region {

    private static final double EMBLEM = 44;
    private static final double ROOM_FOR_DOTS = 40;
    private static final double ROOM_FOR_LETTER = 7;
    private static final double OVER = 3;

    private final HandView emblem = new HandView(Frame.Size.TINY);
    private final Label name = new Label();
    private final boolean hasEmblem;
    private final RibbonWords says;

    RibbonView(Song song, SongWords words, LineOfBars.Placed placed, boolean isSecond, boolean lowStringOnTop) {
        Ribbon ribbon = placed.ribbon();
        getStyleClass().add("ribbon");
        name.getStyleClass().add("ribbon-name");
        Optional<Pattern> pattern = ribbon.pattern().flatMap(id -> PlayedForm.pattern(song, id, ribbon.form()));
        boolean isEvent = ribbon.what().orElse(null) instanceof What.Event;
        boolean hasForm = pattern.isPresent() && !ribbon.form().equals(FormChoice.FULL);
        if (isEvent) getStyleClass().add("event");
        if (hasForm) getStyleClass().add("form");
        if (isSecond) getStyleClass().add("second");
        if (pattern.isEmpty() && !isEvent) getStyleClass().add("nothing");
        hasEmblem = pattern.isPresent() && !isEvent;
        if (hasEmblem) {
            emblem.setPassage(Passage.of(pattern.get()));
            emblem.lowStringOnTopProperty().set(lowStringOnTop);
            getChildren().add(emblem);
        }
        says = RibbonWords.of(song, words, ribbon, isSecond);
        name.setOpacity(placed.begins() ? 1 : 0.7);
        setAccessibleText(says.whole());
        Tooltip.install(this, new Tooltip(says.whole()));
        getChildren().add(name);
    }

    /** Where there is little room the form alone is named, then its first letters; the whole stands in the tool tip. */
    @Override
    protected void layoutChildren() {
        double left = 4;
        double height = getHeight();
        boolean roomForEmblem = hasEmblem && getWidth() >= EMBLEM;
        emblem.setVisible(roomForEmblem);
        if (roomForEmblem) {
            emblem.resizeRelocate(left, 2, EMBLEM - 4, height - 4);
            left += EMBLEM + 2;
        }
        double room = getWidth() - left - 2;
        String text = BarWidths.text(says.whole()) <= room ? says.whole() : says.brief();
        name.setText(text);
        name.setTextOverrun(room < ROOM_FOR_DOTS ? OverrunStyle.CLIP : OverrunStyle.ELLIPSIS);
        name.setVisible(room >= ROOM_FOR_LETTER);
        // Letters may be higher than the ribbon, and stand in its middle.
        name.resizeRelocate(left, -OVER, Math.max(0, room), height + 2 * OVER);
    }
}
