package tactus.app.bench.pattern;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.WholeNumberSpinner;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Division;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** Name, meter, length, division and hand of the pattern on the bench. Style class {@code frame-bar}. */
public final class PatternFrameBar extends HBox {

    private final Bound bound = new Bound(this);
    private final BenchModel bench;
    private final ProblemLabel problem;
    private final TextField name = new TextField();
    private final ComboBox<String> meter = new ComboBox<>();
    private final WholeNumberSpinner beats = new WholeNumberSpinner(1, 32);
    private final WholeNumberSpinner pickup = new WholeNumberSpinner(0, 3);
    private final ComboBox<Division> division = new ComboBox<>();
    private final ComboBox<Hand> hand = new ComboBox<>();
    private final ComboBox<Feel> feel = new ComboBox<>();

    /** @param problem where it is said why a change cannot be */
    public PatternFrameBar(BenchModel bench, ProblemLabel problem) {
        this.bench = bench;
        this.problem = problem;
        getStyleClass().add("frame-bar");
        meter.setEditable(true);
        meter.getItems().setAll("2/4", "3/4", "4/4", "5/4", "6/8", "9/8", "12/8", "7/8", "2+2+3/8");
        getChildren()
                .setAll(
                        field("name", name),
                        field("meter", meter),
                        field("beats", beats),
                        field("pickup", pickup),
                        field("division", division),
                        field("hand", hand),
                        field("feel", feel));
        listen();
        bound.follow(bench.patternProperty(), this::show);
    }

    private static NamedField field(String key, Control control) {
        control.setId("pattern-" + key);
        return new NamedField(Words.of("bench." + key), control);
    }

    private void listen() {
        bound.take(name.textProperty(), text -> change("name", pattern -> pattern.withName(text)));
        bound.take(name.focusedProperty(), focused -> {
            if (!focused) bound.showing(() -> bench.patternProperty().get().ifPresent(this::showName));
        });
        bound.take(meter.valueProperty(), text -> change("meter", pattern -> pattern.withMeter(Meter.parse(text))));
        bound.take(beats.valueProperty(), count -> change("beats", pattern -> pattern.withBeats(count)));
        bound.take(
                pickup.valueProperty(),
                count -> change(
                        "pickup", pattern -> pattern.withFrame(pattern.frame().withPickup(count))));
        bound.take(division.valueProperty(), chosen -> change("division", pattern -> pattern.withDivision(chosen)));
        bound.take(hand.valueProperty(), chosen -> change("hand", pattern -> pattern.withHand(chosen)));
        bound.take(
                feel.valueProperty(),
                chosen -> change(
                        "feel", pattern -> pattern.withFrame(pattern.frame().withFeel(chosen))));
    }

    private static String feelName(Feel feel) {
        if (feel.isStraight()) return Words.of("feel.straight");
        return feel.equals(Feel.TRIPLET_SWING)
                ? Words.of("feel.triplet")
                : feel.equals(Feel.LIGHT_SWING) ? Words.of("feel.light") : Words.of("feel.other", feel);
    }

    private void change(String what, UnaryOperator<Pattern> change) {
        problem.say(bench.change(what, change));
    }

    private void show(Optional<Pattern> shown) {
        setDisable(shown.isEmpty());
        if (shown.isEmpty()) clear();
        shown.ifPresent(this::show);
    }

    /** Without a pattern nothing of the last one is left. */
    private void clear() {
        problem.setText("");
        name.setText("");
        meter.setValue(null);
        division.setValue(null);
        hand.setValue(null);
        feel.setValue(null);
    }

    private void show(Pattern pattern) {
        problem.setText("");
        if (!name.isFocused() || !name.getText().strip().equals(pattern.name())) showName(pattern);
        meter.setValue(pattern.meter().toString());
        beats.setMost(PatternFrame.mostBeats(pattern.meter()));
        beats.show(pattern.beats());
        pickup.setMost(pattern.meter().beats().size() - 1);
        pickup.show(pattern.frame().pickup());
        division.setConverter(new ChosenText<>(value -> noteName(value.slotLength(pattern.meter()))));
        division.getItems().setAll(Division.in(pattern.meter()));
        division.setValue(pattern.division());
        hand.setConverter(new ChosenText<>(PatternFrameBar::handName));
        hand.getItems().setAll(hands(pattern));
        hand.setValue(pattern.hand());
        feel.setConverter(new ChosenText<>(PatternFrameBar::feelName));
        feel.getItems()
                .setAll(Stream.of(
                                Feel.STRAIGHT,
                                Feel.LIGHT_SWING,
                                Feel.TRIPLET_SWING,
                                pattern.frame().feel())
                        .distinct()
                        .toList());
        feel.setValue(pattern.frame().feel());
    }

    private void showName(Pattern pattern) {
        name.setText(pattern.name());
    }

    private static List<Hand> hands(Pattern pattern) {
        Length slot = pattern.division().slotLength(pattern.meter());
        var rates = Stream.of(
                        slot.times(2), slot, slot.dividedBy(2), pattern.hand().rate())
                .distinct()
                .toList();
        return Stream.concat(rates.stream().map(Hand::pendulum), rates.stream().map(Hand::allDown))
                .toList();
    }

    private static String handName(Hand hand) {
        return Words.of("hand." + hand.mode(), noteName(hand.rate()));
    }

    /** {@code eighths}; the fraction where there is no word. */
    private static String noteName(Length length) {
        String key = "note." + length.toString().replace('/', '.');
        return List.of("1/2", "1/4", "1/8", "1/16", "1/32", "1/6", "1/12", "1/24", "3/8", "3/16")
                        .contains(length.toString())
                ? Words.of(key)
                : MusicText.note(length);
    }
}
