package tactus.app.bars;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import tactus.app.hand.HandView;
import tactus.app.work.Settings;
import tactus.core.picture.Frame;
import tactus.core.picture.Passage;
import tactus.core.pitch.NoteSchool;
import tactus.core.section.Stretch.Bounds;
import tactus.core.song.Song;
import tactus.core.stroke.RoleSchool;
import tactus.core.time.CountSchool;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.timeline.Fit;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;
import tactus.core.timeline.TimelineSpan;
import tactus.formats.font.ChordText;
import tactus.words.BarNote;
import tactus.words.Words;

/**
 * A bar: its number, the chords where they start, the strokes, what is cut, where somebody sings, and words and loudness. Style class {@code bar-view}; states
 * {@code :sounding} and, on a chord, {@code :chosen} and {@code :cut}.
 */
final class BarView extends Region {

    private static final PseudoClass SOUNDING = PseudoClass.getPseudoClass("sounding");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass CUT = PseudoClass.getPseudoClass("cut");
    private static final double HEAD = 40;

    private final TimelineBar bar;
    private final Label number = new Label();
    private final Label noChord = new Label(Words.of("arrangement.noChord"));
    private final Label note = new Label();
    private final List<Region> voice = new ArrayList<>();
    private final List<Bounds> sung;
    private final HandView picture = new HandView(Frame.Size.SMALL);
    private final List<TimelineSpan> spans;
    private final List<Label> chords;

    /** @param choose is told the index in the section of a chord that is clicked */
    BarView(Timeline timeline, TimelineBar bar, Look look, IntConsumer choose) {
        this.bar = bar;
        this.spans = timeline.spansIn(bar);
        getStyleClass().add("bar-view");
        number.getStyleClass().add("bar-number");
        noChord.getStyleClass().addAll("bar-chord", "no-chord");
        noChord.pseudoClassStateChanged(CUT, true);
        boolean usual = bar.meter().equals(look.usualMeter());
        number.setText(bar.number() + (usual ? "" : "   " + bar.meter()));
        picture.setPassage(Passage.of(timeline, bar, look.strings())
                .countedIn(look.reading().counting(), bar.number() == 0 ? look.usualMeter() : bar.meter()));
        picture.lowStringOnTopProperty().set(look.reading().lowStringOnTop());
        picture.rolesProperty().set(look.reading().roles());
        chords = spans.stream()
                .map(span -> chord(span, look.reading().school(), choose))
                .toList();
        getChildren().add(number);
        note.getStyleClass().add("bar-note");
        note.setText(BarNote.of(look.song(), timeline, bar));
        getChildren().add(note);
        getChildren().add(picture);
        sung = timeline.margin().sung().stream().filter(this::isHere).toList();
        sung.forEach(_ -> addVoice());
        getChildren().addAll(chords);
        if (spans.isEmpty()) getChildren().add(noChord);
        else setOnMousePressed(_ -> choose.accept(spans.getFirst().inSection().orElse(0)));
        String names = spans.stream().map(TimelineSpan::chord).collect(Collectors.joining(" "));
        setAccessibleText(Words.of("arrangement.bar", bar.number(), names));
    }

    /** What all bars of a song share. */
    record Look(Song song, Reading reading) {

        Meter usualMeter() {
            return song.facts().meter();
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

    private Label chord(TimelineSpan span, NoteSchool school, IntConsumer choose) {
        boolean starts = !span.start().isLessThan(bar.start()) && !span.goesOn();
        boolean cut = span.fit().filter(Fit::isCut).isPresent() && span.end().compareTo(bar.end()) <= 0;
        String name = ChordText.of(span.chord(), school);
        var label = new Label((starts ? name : "(" + name + ")") + (cut ? "  ✂" : ""));
        label.getStyleClass().add("bar-chord");
        label.pseudoClassStateChanged(CUT, cut);
        label.setOnMousePressed(press -> {
            choose.accept(span.inSection().orElse(0));
            press.consume();
        });
        return label;
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        noChord.resizeRelocate(4, 16, width - 8, 23);
        double numbered = Math.min(width - 8, number.prefWidth(-1));
        number.resizeRelocate(6, 1, numbered, 17);
        note.resizeRelocate(12 + numbered, 1, Math.max(0, width - 18 - numbered), 17);
        for (int i = 0; i < voice.size(); i++) {
            double from = 4 + part(sung.get(i).from().max(bar.start())) * (width - 8);
            double to = 4 + part(sung.get(i).to().min(bar.end())) * (width - 8);
            voice.get(i).resizeRelocate(from, HEAD - 1, to - from, 3);
        }
        for (int i = 0; i < chords.size(); i++) {
            double from = 4 + part(spans.get(i).start().max(bar.start())) * (width - 8);
            double to = 4 + part(spans.get(i).end().min(bar.end())) * (width - 8);
            chords.get(i).resizeRelocate(from, 16, Math.max(20, to - from - 2), 23);
        }
        picture.resizeRelocate(1, HEAD, width - 2, Math.max(10, getHeight() - HEAD - 2));
    }

    private double part(Length at) {
        return at.minus(bar.start()).dividedBy(bar.meter().length()).toDouble();
    }

    /** Marks the chord with the index {@code chosen} in the section, if it sounds here. */
    void showChosen(int chosen) {
        for (int i = 0; i < chords.size(); i++) {
            chords.get(i).pseudoClassStateChanged(CHOSEN, spans.get(i).isAt(chosen));
        }
    }

    /** Shows {@code position}, in whole notes from the start of the song, if it is in this bar. */
    void showPlaying(double position) {
        double within = position - bar.start().toDouble();
        boolean sounds = within >= 0 && within < bar.meter().length().toDouble();
        pseudoClassStateChanged(SOUNDING, sounds);
        picture.playingProperty().set(sounds ? within : Double.NaN);
    }
}
