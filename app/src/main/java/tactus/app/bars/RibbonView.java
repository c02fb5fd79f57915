package tactus.app.bars;

import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import tactus.app.hand.HandView;
import tactus.core.outline.Ribbon;
import tactus.core.picture.Frame;
import tactus.core.picture.Passage;
import tactus.core.rule.FormChoice;
import tactus.core.rule.What;
import tactus.core.song.Song;
import tactus.words.SongWords;
import tactus.words.Words;

/**
 * What is played from one place to another: emblem and name. Style class {@code ribbon}, with {@code event} where it is no
 * pattern, {@code form} where a form of it is played, {@code second} for a second guitar and {@code nothing} where nothing
 * is.
 */
final class RibbonView extends Region {

    private static final double EMBLEM = 44;

    private final HandView emblem = new HandView(Frame.Size.TINY);
    private final Label name = new Label();
    private final boolean hasEmblem;
    private final String whole;
    private final String brief;

    /** @param begins whether it begins here, and not on a line above */
    RibbonView(Song song, SongWords words, Ribbon ribbon, boolean begins, boolean isSecond, boolean lowStringOnTop) {
        getStyleClass().add("ribbon");
        name.getStyleClass().add("ribbon-name");
        var pattern = ribbon.pattern().flatMap(song::pattern);
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
        String called = pattern.map(each -> each.name()).orElse("");
        whole = text(words, ribbon, called, isSecond);
        brief = ribbon.form().rule().filter(_ -> hasForm).map(words.rules()::of).orElse(whole);
        name.setOpacity(begins ? 1 : 0.7);
        setAccessibleText(whole);
        Tooltip.install(this, new Tooltip(whole));
        getChildren().add(name);
    }

    private static String text(SongWords words, Ribbon ribbon, String pattern, boolean isSecond) {
        if (ribbon.what().orElse(null) instanceof What.Event event)
            return words.rules().of(event);
        if (pattern.isEmpty()) return Words.of("page.nothing");
        String named = ribbon.form().equals(FormChoice.FULL)
                ? pattern
                : pattern + ", " + words.rules().of(ribbon.form());
        return isSecond ? Words.of("page.second", named) : named;
    }

    /** Where there is little room the form alone is named, then nothing; the whole stands in the tool tip. */
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
        String text = BarWidths.text(whole) <= room ? whole : brief;
        name.setText(text);
        name.setVisible(BarWidths.text(text) <= room);
        name.resizeRelocate(left, 0, Math.max(0, room), height);
    }
}
