package tactus.formats.sheet;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import tactus.core.laid.outline.Ribbon;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.HandPicture;
import tactus.core.laid.picture.Passage;
import tactus.core.laid.timeline.PlayedForm;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.rule.What;
import tactus.core.written.song.Handout;
import tactus.core.written.song.Song;

/** Small pictures of the hand among the bars: in front of the name of what is played, or one in every bar. */
final class RibbonPictures {

    /** How wide the one in front of a name is, with the gap behind it; narrower where there is little room. */
    private static final double EMBLEM = 38;

    private static final double NARROW_EMBLEM = 28;

    private static final double GAP = 3;
    /** How high the one of a bar is. */
    private static final double BAR = 34;

    private static final double NARROWEST = 24;

    private final Song song;
    private final Timeline timeline;
    private final SheetLook look;
    private final Handout.Pictures which;

    RibbonPictures(Song song, Timeline timeline, SheetLook look) {
        this.song = song.asShown();
        this.timeline = timeline;
        this.look = look;
        which = song.lesson().handout().pictures();
    }

    /** How much room the pictures of bars need below a ribbon; 0 if there are none. */
    double height() {
        return which == Handout.Pictures.EVERY_BAR ? BAR : 0;
    }

    /**
     * Puts a picture of what {@code ribbon} plays, in its form, at the left of a box.
     *
     * @param room how wide the box is
     * @param text how wide what is to stand behind it is
     * @return how much room it has taken
     */
    double layEmblem(Pen pen, Ribbon ribbon, double left, double top, double room, double height, double text)
            throws IOException {
        Optional<Pattern> pattern = emblem(ribbon);
        double emblem = room < EMBLEM + text ? NARROW_EMBLEM : EMBLEM;
        if (pattern.isEmpty() || room < emblem + text) return 0;
        double width = emblem - GAP;
        HandPicture picture = picture(Passage.of(pattern.get()), Frame.Size.TINY, width, height);
        new PrintedPicture(pen, song.facts().tuning(), look.notes(), left, top).printStrokes(picture, width, height);
        return emblem;
    }

    /** An event is said in words alone; where every bar has a picture, none stands in front of a name. */
    private Optional<Pattern> emblem(Ribbon ribbon) {
        boolean isEvent = ribbon.what().orElse(null) instanceof What.Event;
        if (which != Handout.Pictures.WHERE_IT_CHANGES || isEvent) return Optional.empty();
        return ribbon.pattern().flatMap(id -> PlayedForm.pattern(song, id, ribbon.form()));
    }

    /** Puts a picture of what each of {@code bars} plays under a ribbon, each as wide as its bar. */
    void layBars(Pen pen, List<TimelineBar> bars, List<Double> lefts, List<Double> widths, double top)
            throws IOException {
        if (which != Handout.Pictures.EVERY_BAR) return;
        int strings = song.facts().tuning().strings();
        for (int i = 0; i < bars.size(); i++) {
            if (widths.get(i) < NARROWEST) continue;
            Passage passage = Passage.of(timeline, bars.get(i), strings);
            HandPicture picture = picture(passage, Frame.Size.SMALL, widths.get(i) - 2, BAR - GAP);
            new PrintedPicture(pen, song.facts().tuning(), look.notes(), lefts.get(i) + 1, top).print(picture);
        }
    }

    private HandPicture picture(Passage passage, Frame.Size size, double width, double height) {
        return HandPicture.of(passage, new Frame(size, width, height, look.lowStringOnTop(), look.roles()));
    }
}
