package tactus.app.bench.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.bench.pattern.PictureCards;
import tactus.app.bench.pattern.PictureCards.Card;
import tactus.app.field.Bound;
import tactus.app.work.Settings;
import tactus.core.laid.picture.Passage;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.Unread;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.placing.Mend;
import tactus.core.patterns.placing.Placement;
import tactus.core.patterns.placing.Placing;
import tactus.words.Words;

/** Where what was said can fall, as pictures; or what would mend it. */
public final class PlacementsPanel extends VBox {

    private final Bound bound = new Bound(this);
    private final DictationModel model;
    private final Settings settings;
    private final PictureCards cards;
    private final Label read = new Label();
    private final Label before = new Label();

    public PlacementsPanel(DictationModel model, Settings settings) {
        this.model = model;
        this.settings = settings;
        cards = new PictureCards(settings);
        getStyleClass().add("bench-panel");
        VBox.setVgrow(cards, Priority.ALWAYS);
        read.setId("dictation-read");
        for (Label line : List.of(read, before)) {
            line.getStyleClass().add("quiet");
            line.setWrapText(true);
            line.setMinHeight(USE_PREF_SIZE);
            line.managedProperty().bind(line.textProperty().isNotEmpty());
        }
        getChildren().setAll(read, cards, before);
        bound.follow(model.answerProperty(), this::show);
        bound.follow(
                settings.countingProperty(), _ -> show(model.answerProperty().get()));
    }

    private void show(DictationModel.Answer answer) {
        before.setText(answer.isEmpty() ? "" : model.comparison().orElse(""));
        read.setText(answer.placing().map(PlacementsPanel::read).orElse(""));
        cards.show(
                answer.placing().map(this::cards).orElse(List.of()),
                Words.of(answer.wrong().isPresent() ? "dictation.unread" : "dictation.empty"));
    }

    /** What was understood, where it is not what was said, and what there is to say of the words. */
    private static String read(Placing placing) {
        Dictation.Notes notes = placing.dictation().notes();
        Stream<String> others = Stream.concat(
                        notes.remarks().stream(),
                        notes.unread().stream().skip(1).map(Unread::leftOut))
                .map(Words::say);
        return Stream.concat(
                        DictationModel.readAs(placing).stream().map(said -> Words.of("dictation.read-as", said)),
                        others)
                .collect(Collectors.joining(" "));
    }

    private List<Card> cards(Placing placing) {
        var all = new ArrayList<Card>();
        List<DictationModel.Offer> offers = DictationModel.offers(placing);
        for (int i = 0; i < offers.size(); i++) {
            int index = i;
            Placing of = offers.get(i).placing();
            Placement placement = offers.get(i).placement();
            all.add(new Card(
                    String.join(" ", of.counts(placement)),
                    placing.dictation().notes().unread().isEmpty() ? key(i) : "",
                    passage(of.pattern(placement, blank(of))),
                    Stream.concat(offers.get(i).meant().stream(), placement.reasons().stream())
                            .map(Words::say)
                            .collect(Collectors.joining(" · ")),
                    false,
                    () -> model.take(index)));
        }
        for (int i = 0; i < placing.mends().size(); i++)
            all.add(card(placing.mends().get(i), i));
        return all;
    }

    private Card card(Mend mend, int index) {
        Placing mended = mend.placed();
        Pattern pattern = mended.pattern(mended.best().getFirst(), blank(mended));
        return new Card(
                Words.of("dictation.mend", index + 1),
                key(index),
                passage(pattern),
                Words.say(mend.change()),
                false,
                () -> model.take(index));
    }

    private static String key(int index) {
        return index == 0 ? "Enter" : index < 8 ? "Alt+" + (index + 1) : "";
    }

    private static Pattern blank(Placing placing) {
        return Pattern.empty(new PatternId("said"), "said", placing.frame());
    }

    private Passage passage(Pattern pattern) {
        return Optional.of(pattern)
                .map(Passage::of)
                .map(passage -> passage.countedIn(settings.countingProperty().get(), pattern.meter()))
                .orElseThrow();
    }
}
