package tactus.app.arrangement.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.Typing;
import tactus.app.place.PanelBox;
import tactus.app.place.SentenceRow;
import tactus.app.work.Work;
import tactus.core.counsel.suggestion.Suggestion;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.Section;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** What is played, as rules: those of the section to be chosen, all of them as sentences to be written. */
public final class RulesPanel extends PanelBox {

    private final Bound bound = new Bound(this);
    private final Work work;
    private final ArrangementModel arrangement;
    private final RulesModel rules;
    private final ComboBox<Optional<Pattern>> always = patterns("assign-pattern", Words.of("assign.nothing"));
    private final ComboBox<Optional<Pattern>> last = patterns("assign-last-pass", Words.of("assign.same"));
    private final NamedField lastField = new NamedField(Words.of("assign.lastPass"), last);
    private final ComboBox<Target> target = new ComboBox<>();
    private final TextField sentence = new TextField();
    private final ProblemLabel problem = new ProblemLabel();
    private final Label writing = title("rules.write");
    private final Label reading = quiet("");
    private final Label really = quiet("");
    private final VBox sentences = new VBox();
    private final VBox suggestions = new VBox();
    private final VBox notThere = new VBox();
    private boolean saysTaken;

    public RulesPanel(Work work, ArrangementModel arrangement, RulesModel rules) {
        this.work = work;
        this.arrangement = arrangement;
        this.rules = rules;
        sentences.getStyleClass().add("sentences");
        suggestions.getStyleClass().add("sentences");
        target.setId("rule-target");
        target.getItems().setAll(Target.values());
        target.setConverter(new ChosenText<>(Target::title));
        target.valueProperty().bindBidirectional(rules.targetProperty());
        sentence.setId("rule-sentence");
        sentence.setPromptText(Words.of("rules.prompt"));
        sentence.setAccessibleText(Words.of("rules.write"));
        getChildren()
                .setAll(
                        new NamedField(Words.of("assign.section"), always),
                        lastField,
                        really,
                        new NamedField(Words.of("rules.target"), target),
                        quiet(Words.of("rules.keys")),
                        writing,
                        sentence,
                        problem,
                        reading,
                        notThere,
                        hint(),
                        title("assign.all"),
                        sentences,
                        suggestions);
        reading.setId("rule-reading");
        notThere.setId("rule-not-there");
        notThere.getStyleClass().add("sentences");
        notThere.managedProperty().bind(notThere.visibleProperty());
        notThere.setVisible(false);
        reading.visibleProperty().bind(reading.textProperty().isNotEmpty());
        reading.managedProperty().bind(reading.visibleProperty());
        lastField.managedProperty().bind(lastField.visibleProperty());
        really.managedProperty().bind(really.visibleProperty());
        listen();
    }

    /** What can be said, shown while one writes. */
    private Node hint() {
        Label hint = quiet(Words.of("rules.hint"));
        hint.visibleProperty().bind(sentence.focusedProperty());
        hint.managedProperty().bind(hint.visibleProperty());
        return hint;
    }

    private void listen() {
        bound.take(always.valueProperty(), chosen -> rules.assignToSection(chosen.map(Pattern::id), false));
        bound.take(last.valueProperty(), chosen -> rules.assignToSection(chosen.map(Pattern::id), true));
        var typing = new Typing<>(rules::reading, this::show, () -> show(RulesModel.Reading.NOTHING));
        sentence.textProperty().subscribe((_, text) -> typing.read(text));
        sentence.setOnAction(_ -> take());
        rules.editedProperty().subscribe((_, index) -> {
            writing.setText(Words.of(index.isPresent() ? "rules.rewrite" : "rules.write"));
            sentence.setText(rules.editedText());
            if (index.isPresent()) sentence.requestFocus();
        });
        work.openedProperty().subscribe((_, _) -> {
            sentence.clear();
            show(RulesModel.Reading.NOTHING);
        });
        bound.follow(work.stateProperty(), _ -> leaveTaken());
    }

    private void take() {
        if (sentence.getText().isBlank()) return;
        RulesModel.Reading taken = rules.take(sentence.getText());
        if (!problem.say(taken.outcome())) return;
        sentence.clear();
        read("rules.taken", taken.said());
        saysTaken = true;
        showNotThere();
    }

    /** What was taken is no longer so once the song is changed again. */
    private void leaveTaken() {
        if (!saysTaken || rules.taken().isPresent()) return;
        saysTaken = false;
        read("rules.taken", Optional.empty());
        showNotThere();
    }

    private void showNotThere() {
        Optional<TakenRule> taken = rules.taken();
        notThere.getChildren().clear();
        taken.ifPresent(
                each -> each.notThere().forEach(line -> notThere.getChildren().add(quiet(line))));
        if (taken.filter(TakenRule::isBeaten).isPresent())
            notThere.getChildren().add(link(Words.of("rules.everywhere"), this::holdEverywhere));
        notThere.setVisible(!notThere.getChildren().isEmpty());
    }

    private void holdEverywhere() {
        String said = reading.getText();
        rules.holdEverywhere();
        reading.setText(said);
        saysTaken = true;
        sentence.requestFocus();
        showNotThere();
    }

    private void show(RulesModel.Reading typed) {
        saysTaken = false;
        notThere.setVisible(false);
        problem.say(typed.outcome());
        read("rules.reading", typed.said());
    }

    private void read(String how, Optional<String> said) {
        reading.setText(said.map(text -> Words.of(how, text)).orElse(""));
    }

    private ComboBox<Optional<Pattern>> patterns(String id, String nothing) {
        var box = new ComboBox<Optional<Pattern>>();
        box.setId(id);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setConverter(new ChosenText<>(pattern ->
                pattern.map(each -> number(each) + "  " + each.name()).orElse(nothing)));
        return box;
    }

    private int number(Pattern pattern) {
        return work.song().patterns().indexOf(pattern) + 1;
    }

    @Override
    public void show() {
        try (var _ = bound.showing()) {
            Song song = work.song();
            Optional<Section> section = arrangement.section();
            always.setDisable(section.isEmpty());
            show(always, section.flatMap(each -> Assignment.of(song, each.id())));
            show(last, section.flatMap(each -> Assignment.ofLastPass(song, each.id())));
            lastField.setVisible(section.filter(_ -> arrangement.passes() > 1).isPresent());
            Optional<String> other = rules.playedOtherwise();
            really.setText(other.orElse(""));
            really.setVisible(other.isPresent());
            fill(sentences, rules.sentences(), this::row, Words.of("rules.none"));
            List<Suggestion> found = rules.suggestions();
            fill(suggestions, found, this::suggestion, "");
            if (!found.isEmpty()) suggestions.getChildren().addFirst(title("rules.suggestions"));
        }
    }

    private void show(ComboBox<Optional<Pattern>> box, Optional<PatternId> assigned) {
        List<Optional<Pattern>> choices = new ArrayList<>();
        choices.add(Optional.empty());
        work.song().patterns().forEach(pattern -> choices.add(Optional.of(pattern)));
        if (!box.getItems().equals(choices)) box.getItems().setAll(choices);
        box.setValue(assigned.flatMap(work.song()::pattern));
    }

    private Node row(RulesModel.Sentence rule) {
        var row = new SentenceRow(rule.text(), () -> rules.edit(rule.index()), () -> rules.delete(rule.index()));
        if (rule.isAlternative()) row.with(Words.of("rules.play-this"), () -> rules.playInstead(rule.index()));
        if (!rule.isHere()) row.getStyleClass().add("elsewhere");
        return row;
    }

    private Node suggestion(Suggestion suggestion) {
        return link(Words.say(suggestion.reason()), () -> rules.take(suggestion));
    }

    @Override
    public Node first() {
        return sentence;
    }
}
