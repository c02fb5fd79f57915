package tactus.app.player;

import java.util.List;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import tactus.app.action.LateTooltip;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.core.laid.performance.CountVoice;
import tactus.core.laid.performance.Layer;
import tactus.core.laid.performance.Mix;
import tactus.core.laid.performance.MixVoice;
import tactus.core.music.time.CountSchool;
import tactus.words.Words;

/** What is heard: the voices, each with its level, what the counting voice says, and what of the part is played. */
public final class MixPanel extends VBox {

    private final Bound bound = new Bound(this);
    private final MixModel model;
    private final ComboBox<CountVoice.Said> says =
            chooser("says", List.of(CountVoice.Said.values()), CountVoice.Said::code);
    private final ComboBox<CountVoice.Silence> silence =
            chooser("silence", List.of(CountVoice.Silence.values()), CountVoice.Silence::code);
    private final ComboBox<Layer> layer = chooser("layer", List.of(Layer.values()), Layer::code);
    private final CheckBox names = new CheckBox(Words.of("mix.names"));

    public MixPanel(MixModel model) {
        this.model = model;
        getStyleClass().add("mix-panel");
        var title = new Label(Words.of("mix.title"));
        title.getStyleClass().add("column-title");
        getChildren().add(title);
        for (MixVoice voice : MixVoice.values()) getChildren().add(row(voice));
        var part = new Label(Words.of("mix.part"));
        part.getStyleClass().add("column-title");
        names.setId("mix-names");
        names.setWrapText(true);
        getChildren()
                .addAll(
                        part,
                        new NamedField(Words.of("mix.layer"), layer),
                        new NamedField(Words.of("mix.says"), says),
                        new NamedField(Words.of("mix.silence"), silence),
                        names);
        bound.take(layer.valueProperty(), model.layerProperty()::set);
        bound.take(
                says.valueProperty(),
                chosen -> voice(now -> new CountVoice(now.school(), chosen, now.chords(), now.silence())));
        bound.take(
                silence.valueProperty(),
                chosen -> voice(now -> new CountVoice(now.school(), now.said(), now.chords(), chosen)));
        bound.take(
                names.selectedProperty(),
                on -> voice(now -> new CountVoice(now.school(), now.said(), on, now.silence())));
        bound.follow(model.layerProperty(), layer::setValue);
        bound.follow(model.voiceProperty(), this::show);
    }

    private static <T> ComboBox<T> chooser(String key, List<T> all, Function<T, String> code) {
        var box = new ComboBox<T>();
        box.setId("mix-" + key);
        box.getItems().setAll(all);
        box.setConverter(new ChosenText<>(value -> Words.of("mix." + key + "." + code.apply(value))));
        box.setMaxWidth(Double.MAX_VALUE);
        return box;
    }

    /** The voice counts as the song is counted elsewhere in the window. */
    public void count(CountSchool school) {
        voice(now -> new CountVoice(school, now.said(), now.chords(), now.silence()));
    }

    private void voice(Function<CountVoice, CountVoice> change) {
        model.voiceProperty().set(change.apply(model.voiceProperty().get()));
    }

    private void show(CountVoice voice) {
        says.setValue(voice.said());
        silence.setValue(voice.silence());
        names.setSelected(voice.chords());
    }

    private Node row(MixVoice voice) {
        String name = Words.of("mix.voice." + voice.code());
        var heard = new ToggleButton(name);
        heard.setId("mix-" + voice.code());
        heard.getStyleClass().add("mix-voice");
        LateTooltip.install(heard, Words.of("mix.heard", name));
        var level = new Slider(Mix.SOFTEST, Mix.LOUDEST, 0);
        level.setId("mix-level-" + voice.code());
        level.setBlockIncrement(3);
        level.setAccessibleText(Words.of("mix.level", name));
        LateTooltip.install(level, Words.of("mix.level", name));
        var only = new ToggleButton(Words.of("mix.only"));
        only.setId("mix-only-" + voice.code());
        only.setAccessibleText(Words.of("mix.only-voice", name));
        LateTooltip.install(only, Words.of("mix.only-voice", name));
        only.setMinWidth(Region.USE_PREF_SIZE);
        heard.setOnAction(_ -> model.hear(voice, heard.isSelected()));
        only.setOnAction(_ ->
                mix(mix -> (only.isSelected() ? mix.withMuted(voice, false) : mix).withSolo(voice, only.isSelected())));
        bound.take(
                level.valueProperty(),
                value -> mix(mix -> mix.withLevel(voice, (int) Math.round(value.doubleValue()))));
        bound.follow(model.mixProperty(), mix -> {
            heard.setSelected(!mix.muted().contains(voice));
            only.setSelected(mix.solo().contains(voice));
            level.setValue(mix.level(voice));
        });
        var row = new HBox(heard, level, only);
        HBox.setHgrow(level, Priority.ALWAYS);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("mix-row");
        return row;
    }

    private void mix(Function<Mix, Mix> change) {
        model.mixProperty().set(change.apply(model.mixProperty().get()));
    }
}
