package tactus.app.arrangement.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TakenField;
import tactus.app.place.PanelBox;
import tactus.app.place.SentenceRow;
import tactus.core.written.section.Section;
import tactus.words.Words;

/** What goes along with the bars of the section. */
public final class MarksPanel extends PanelBox {

    private final Bound bound = new Bound(this);
    private final MarksModel marks;
    private final ProblemLabel voiceProblem = new ProblemLabel();
    private final ProblemLabel cueProblem = new ProblemLabel();
    private final ProblemLabel namesProblem = new ProblemLabel();
    private final TakenField voice;
    private final TextField cue = new TextField();
    private final VBox cues = new VBox();
    private final TakenField aliases;
    private final ComboBox<Optional<Section>> tag = new ComboBox<>();
    private final TakenField second;
    private final TakenField key;
    private final VBox walks = new VBox();

    public MarksPanel(MarksModel marks) {
        this.marks = marks;
        voice = new TakenField("marks-voice", marks::takeVoice, voiceProblem);
        aliases = new TakenField("marks-aliases", marks::takeAliases, namesProblem);
        second = new TakenField("marks-second", marks::takeSecond, namesProblem);
        key = new TakenField("marks-key", marks::takeKey, namesProblem);
        key.setPromptText(Words.of("marks.keyPrompt"));
        cue.setId("marks-cue");
        cue.setPromptText(Words.of("marks.cuePrompt"));
        cue.setOnAction(_ -> addCue());
        voice.setPromptText(Words.of("marks.voicePrompt"));
        second.setPromptText(Words.of("marks.secondPrompt"));
        aliases.setPromptText(Words.of("marks.aliasesPrompt"));
        cues.getStyleClass().add("sentences");
        walks.getStyleClass().add("sentences");
        tag.setId("marks-tag");
        tag.setMaxWidth(Double.MAX_VALUE);
        tag.setConverter(new ChosenText<>(section -> section.map(Section::name).orElse(Words.of("marks.noTag"))));
        bound.take(tag.valueProperty(), chosen -> marks.takeTag(chosen.map(Section::id)), namesProblem::say);
        getChildren()
                .setAll(
                        new NamedField(Words.of("marks.voice"), voice),
                        voiceProblem,
                        new NamedField(Words.of("marks.cue"), cue),
                        cueProblem,
                        cues,
                        new NamedField(Words.of("marks.second"), second),
                        new NamedField(Words.of("marks.key"), key),
                        new NamedField(Words.of("marks.tag"), tag),
                        new NamedField(Words.of("marks.aliases"), aliases),
                        namesProblem,
                        title("marks.walks"),
                        walks);
    }

    private void addCue() {
        if (cueProblem.say(marks.addCue(cue.getText()))) cue.clear();
    }

    @Override
    public void show() {
        try (var _ = bound.showing()) {
            voice.show(marks.isVoiceSaid() ? "" : marks.voice());
            voice.setDisable(marks.isVoiceSaid());
            voice.setPromptText(Words.of(marks.isVoiceSaid() ? "marks.voiceSaid" : "marks.voicePrompt"));
            aliases.show(marks.aliases());
            second.show(marks.second());
            key.show(marks.key());
            List<String> said = marks.cues();
            fill(
                    cues,
                    IntStream.range(0, said.size()).boxed().toList(),
                    index -> new SentenceRow(said.get(index), () -> {}, () -> marks.removeCue(index)),
                    "");
            List<Optional<Section>> tags = new ArrayList<>();
            tags.add(Optional.empty());
            marks.possibleTags().forEach(section -> tags.add(Optional.of(section)));
            if (!tag.getItems().equals(tags)) tag.getItems().setAll(tags);
            tag.setValue(marks.tag());
            fill(
                    walks,
                    IntStream.rangeClosed(2, 4)
                            .boxed()
                            .flatMap(beats -> marks.walk(beats).stream())
                            .toList(),
                    walk -> link(
                            Words.of("marks.walk", walk.from(), walk.to(), walk.beats(), walk.notes()),
                            () -> marks.take(walk)),
                    Words.of("marks.noWalk"));
        }
    }

    @Override
    public Node first() {
        return voice;
    }
}
