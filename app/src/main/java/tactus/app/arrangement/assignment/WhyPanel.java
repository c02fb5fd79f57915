package tactus.app.arrangement.assignment;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.place.PanelBox;
import tactus.core.ground.language.Lexicon;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.written.rule.Rule;
import tactus.core.written.song.Why;
import tactus.words.Words;

/** Why the chosen chord is played as it is: the rules that win there and those that they beat. */
public final class WhyPanel extends PanelBox {

    private final ArrangementModel arrangement;
    private final RulesModel rules;
    private final Label place = plain("");
    private final VBox reasons = new VBox();

    public WhyPanel(ArrangementModel arrangement, RulesModel rules) {
        this.arrangement = arrangement;
        this.rules = rules;
        place.getStyleClass().add("why-place");
        reasons.getStyleClass().add("reasons");
        reasons.setId("reasons");
        getChildren().setAll(title("why.title"), place, reasons);
    }

    @Override
    public void show() {
        Optional<Why> why = rules.why();
        place.setText(arrangement.chosenSpan().map(this::place).orElse(Words.of("why.nothing")));
        fill(reasons, why.map(Why::reasons).orElse(List.of()), this::reason, Words.of("why.noRule"));
    }

    private String place(TimelineSpan span) {
        int bar = arrangement
                .timeline()
                .barAt(span.start())
                .map(each -> each.number())
                .orElse(0);
        return Words.of("why.place", bar, span.chord(), rules.played(span));
    }

    private Node reason(Why.Reason reason) {
        var box = new VBox(quiet(Words.of("why.about", Words.of("why." + Lexicon.code(reason.about())))));
        box.getStyleClass().add("reason");
        box.getChildren().add(link(rules.sentence(reason.winner()), () -> rules.edit(reason.winner())));
        for (Rule beaten : reason.beaten()) {
            box.getChildren().add(quiet(beats(reason.winner(), beaten)));
            reason.letting(beaten)
                    .ifPresent(rule -> box.getChildren()
                            .add(link(Words.of("why.let", rules.sentence(rule)), () -> rules.add(rule))));
        }
        if (reason.isTied()) box.getChildren().add(quiet(Words.of("why.tied")));
        return box;
    }

    /** What is beaten, and which reach comes before which where they are not the same. */
    private String beats(Rule winner, Rule beaten) {
        String sentence = Words.of("why.beats", rules.sentence(beaten));
        return winner.where().level() == beaten.where().level()
                ? sentence
                : Words.of("why.before", sentence, reach(winner), reach(beaten));
    }

    /** How far a rule reaches: the nearer one wins. */
    private static String reach(Rule rule) {
        return Words.of("why.reach." + Lexicon.code(rule.where().level()));
    }

    @Override
    public Node first() {
        return this;
    }
}
