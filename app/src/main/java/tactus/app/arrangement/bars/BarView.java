package tactus.app.arrangement.bars;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import tactus.app.hand.HandView;
import tactus.app.work.Settings;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.Passage;
import tactus.core.laid.timeline.Fit;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.stroke.RoleSchool;
import tactus.core.music.time.CountSchool;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Stretch.Bounds;
import tactus.core.written.song.Song;
import tactus.formats.font.ChordText;
import tactus.words.BarNote;
import tactus.words.Words;

/**
 * A bar: its number, the chords where they start, what is cut, where somebody sings and, where there is room, the strokes. Style class
 * {@code bar-view}; states {@code :sounding} and, on a chord, {@code :chosen}, {@code :cut} and {@code :target}.
 */
final class BarView extends Region {

    private static final PseudoClass SOUNDING = PseudoClass.getPseudoClass("sounding");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");
    private static final PseudoClass CUT = PseudoClass.getPseudoClass("cut");
    private static final PseudoClass TARGET = PseudoClass.getPseudoClass("target");

    private final TimelineBar bar;
    private final PageRow.Line line;
    private final Zoom zoom;
    private final PageHand hand;
    private final Label number = new Label();
    private final Label noChord = new Label(Words.of("arrangement.noChord"));
    private final List<Region> voice = new ArrayList<>();
    private final List<Bounds> sung;
    private final HandView picture = new HandView(Frame.Size.SMALL);
    private final List<TimelineSpan> spans;
    private final List<Label> chords;

    /** @param hand is told what is done here */
    BarView(PageRow.Line line, TimelineBar bar, Look look, PageHand hand) {
        this.bar = bar;
        this.line = line;
        this.zoom = look.zoom();
        this.hand = hand;
        this.spans = line.timeline().spansIn(bar);
        getStyleClass().add("bar-view");
        number.getStyleClass().add("bar-number");
        noChord.getStyleClass().addAll("bar-chord", "no-chord");
        noChord.pseudoClassStateChanged(CUT, true);
        number.setText(numbered(look));
        chords = spans.stream().map(span -> chord(span, look)).toList();
        getChildren().add(number);
        if (zoom.hasPicture()) addPicture(look);
        sung = line.timeline().margin().sung().stream().filter(this::isHere).toList();
        sung.forEach(_ -> addVoice());
        getChildren().addAll(chords);
        if (spans.isEmpty()) getChildren().add(noChord);
        else setOnMousePressed(press -> hand.chooseChord(line, spanAt(press.getX()), press.isShiftDown()));
        setOnMouseDragReleased(drag -> hand.dropOnChord(line, spanAt(drag.getX())));
        String names = spans.stream().map(TimelineSpan::chord).collect(Collectors.joining(" "));
        setAccessibleText(Words.of("arrangement.bar", bar.number(), names));
    }

    /** Its number in the song, that within its section where the two differ, and its meter where it is not the usual one. */
    private String numbered(Look look) {
        boolean usual = bar.meter().equals(look.usualMeter());
        String number = zoom == Zoom.OVERVIEW ? Integer.toString(bar.number()) : BarNote.barNumbers(List.of(bar));
        return number + (usual ? "" : "   " + bar.meter());
    }

    private void addPicture(Look look) {
        picture.setPassage(Passage.of(line.timeline(), bar, look.strings())
                .countedIn(look.reading().counting(), bar.number() == 0 ? look.usualMeter() : bar.meter()));
        picture.lowStringOnTopProperty().set(look.reading().lowStringOnTop());
        picture.rolesProperty().set(look.reading().roles());
        getChildren().add(picture);
    }

    /** The chord at {@code x}, as its index in the section. */
    private int spanAt(double x) {
        int found = 0;
        for (int i = 0; i < spans.size(); i++) if (chords.get(i).getLayoutX() <= x) found = i;
        return spans.isEmpty() ? 0 : spans.get(found).inSection().orElse(0);
    }

    /** What all bars of a song share. */
    record Look(Song song, Reading reading, Zoom zoom) {

        Meter usualMeter() {
            return song.facts().meter();
        }

        /** Whether nobody has said how long a chord lasts. */
        boolean isOpen(TimelineBar bar, TimelineSpan span) {
            return song.section(bar.section())
                    .filter(section -> span.inSection().isPresent()
                            && span.inSection().getAsInt() < section.spans().size())
                    .filter(section ->
                            section.spans().get(span.inSection().getAsInt()).length() instanceof SpanLength.Open)
                    .isPresent();
        }

        int strings() {
            return song.facts().tuning().strings();
        }
    }

    /** How whoever reads is used to having it written. */
    record Reading(boolean lowStringOnTop, NoteSchool school, RoleSchool roles, CountSchool counting) {
        static Reading of(Settings settings) {
            return new Reading(
                    settings.lowStringOnTopProperty().get(),
                    settings.noteSchool(),
                    settings.rolesProperty().get(),
                    settings.countingProperty().get());
        }
    }

    private boolean isHere(Bounds bounds) {
        return bounds.from().isLessThan(bar.end()) && bar.start().isLessThan(bounds.to());
    }

    private void addVoice() {
        var line = new Region();
        line.getStyleClass().add("voice-line");
        line.setAccessibleText(Words.of("arrangement.sung"));
        voice.add(line);
        getChildren().add(line);
    }

    private Label chord(TimelineSpan span, Look look) {
        boolean starts = !span.start().isLessThan(bar.start()) && !span.goesOn();
        boolean cut = span.fit().filter(Fit::isCut).isPresent() && span.end().compareTo(bar.end()) <= 0;
        String name = ChordText.of(span.chord(), look.reading().school());
        boolean open = look.isOpen(bar, span);
        var label = new Label((starts ? name : "(" + name + ")") + (open ? " ?" : "") + (cut ? " ✂" : ""));
        label.pseudoClassStateChanged(OPEN, open);
        label.getStyleClass().add("bar-chord");
        label.pseudoClassStateChanged(CUT, cut);
        int index = span.inSection().orElse(0);
        label.setOnMousePressed(press -> {
            hand.chooseChord(line, index, press.isShiftDown());
            press.consume();
        });
        label.setOnDragDetected(drag -> {
            label.startFullDrag();
            drag.consume();
        });
        label.setOnMouseDragEntered(drag -> {
            if (isChord(drag.getGestureSource())) hand.chooseChord(line, index, true);
            else label.pseudoClassStateChanged(TARGET, true);
        });
        label.setOnMouseDragExited(_ -> label.pseudoClassStateChanged(TARGET, false));
        label.setOnMouseDragReleased(drag -> {
            if (!isChord(drag.getGestureSource())) hand.dropOnChord(line, index);
            drag.consume();
        });
        return label;
    }

    private static boolean isChord(Object source) {
        return source instanceof Label label && label.getStyleClass().contains("bar-chord");
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double small = zoom == Zoom.OVERVIEW ? 16 : 17;
        double head = zoom.head();
        number.resizeRelocate(5, 0, width - 6, small);
        noChord.resizeRelocate(4, small, width - 8, head - small - 1);
        for (int i = 0; i < voice.size(); i++) {
            double from = 4 + bar.part(sung.get(i).from()) * (width - 8);
            double to = 4 + bar.part(sung.get(i).to()) * (width - 8);
            voice.get(i).resizeRelocate(from, head - 2, to - from, 2.5);
        }
        for (int i = 0; i < chords.size(); i++) {
            double from = 4 + bar.part(spans.get(i).start()) * (width - 8);
            double to = 4 + bar.part(spans.get(i).end()) * (width - 8);
            chords.get(i).resizeRelocate(from, small - 1, Math.max(18, to - from - 1), head - small - 1);
        }
        if (zoom.hasPicture()) picture.resizeRelocate(1, head, width - 2, Math.max(10, zoom.picture() - 2));
    }

    /** Marks the chords that are chosen; where several are, they are marked as one. */
    void showChosen(IntPredicate isChosen) {
        for (int i = 0; i < chords.size(); i++) {
            boolean chosen = spans.get(i).inSection().isPresent()
                    && isChosen.test(spans.get(i).inSection().getAsInt());
            chords.get(i).pseudoClassStateChanged(CHOSEN, chosen);
        }
    }

    /** Shows the moment {@code within} the bar, in whole notes from its start; not a number if it does not sound. */
    void showPlaying(double within) {
        boolean sounds = !Double.isNaN(within);
        pseudoClassStateChanged(SOUNDING, sounds);
        if (zoom.hasPicture()) picture.playingProperty().set(within);
    }

    TimelineBar bar() {
        return bar;
    }
}
