package tactus.app.arrangement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import tactus.app.field.NamedField;
import tactus.app.words.Words;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.song.Section;
import tactus.core.song.Song;

/** What is played in the chosen section, to be chosen, and in all sections, as sentences. Style class {@code assignments}. */
final class Assignments extends VBox {

    private final ArrangementModel model;
    private final ComboBox<Optional<Pattern>> always = patterns("assign-pattern", Words.of("assign.nothing"));
    private final ComboBox<Optional<Pattern>> last = patterns("assign-last-pass", Words.of("assign.same"));
    private final NamedField lastField = new NamedField(Words.of("assign.lastPass"), last);
    private final VBox sentences = new VBox();
    private Song song = Song.empty("?");
    private boolean showing;

    Assignments(ArrangementModel model) {
        this.model = model;
        getStyleClass().add("assignments");
        var title = new Label(Words.of("assign.title"));
        title.getStyleClass().add("column-title");
        var hint = new Label(Words.of("assign.hint"));
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        var all = new Label(Words.of("assign.all"));
        all.getStyleClass().add("column-title");
        sentences.getStyleClass().add("sentences");
        getChildren()
                .setAll(title, new NamedField(Words.of("assign.section"), always), lastField, hint, all, sentences);
        lastField.managedProperty().bind(lastField.visibleProperty());
        always.valueProperty().subscribe((_, chosen) -> assign(chosen, false));
        last.valueProperty().subscribe((_, chosen) -> assign(chosen, true));
    }

    private ComboBox<Optional<Pattern>> patterns(String id, String nothing) {
        var box = new ComboBox<Optional<Pattern>>();
        box.setId(id);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(Optional<Pattern> pattern) {
                if (pattern == null || pattern.isEmpty()) return nothing;
                return song.patterns().indexOf(pattern.get()) + 1 + "  "
                        + pattern.get().name();
            }

            @Override
            public Optional<Pattern> fromString(String text) {
                throw new UnsupportedOperationException("is only chosen, never typed");
            }
        });
        return box;
    }

    private void assign(Optional<Pattern> chosen, boolean toLastPass) {
        if (!showing && chosen != null) model.assign(chosen.map(Pattern::id), toLastPass);
    }

    void show(Song shown) {
        song = shown;
        showing = true;
        Optional<Section> section = model.section();
        setDisable(section.isEmpty());
        show(always, section.flatMap(Section::pattern));
        show(last, section.flatMap(Section::lastPassPattern));
        lastField.setVisible(section.filter(chosen -> chosen.passes() > 1).isPresent());
        sentences
                .getChildren()
                .setAll(shown.sections().stream().map(this::sentence).toList());
        showing = false;
    }

    private void show(ComboBox<Optional<Pattern>> box, Optional<PatternId> assigned) {
        List<Optional<Pattern>> choices = new ArrayList<>();
        choices.add(Optional.empty());
        song.patterns().forEach(pattern -> choices.add(Optional.of(pattern)));
        if (!box.getItems().equals(choices)) box.getItems().setAll(choices);
        box.setValue(assigned.flatMap(song::pattern));
    }

    private Hyperlink sentence(Section section) {
        String always = Words.of("assign.sentence", section.name(), name(section.pattern()));
        boolean differs = section.passes() > 1 && section.lastPassPattern().isPresent();
        String text = differs ? always + Words.of("assign.sentenceLast", name(section.lastPassPattern())) : always;
        var link = new Hyperlink(text);
        link.setWrapText(true);
        link.setOnAction(_ -> model.chooseSection(section.id()));
        return link;
    }

    private String name(Optional<PatternId> id) {
        return id.flatMap(song::pattern).map(Pattern::name).orElse(Words.of("assign.nothing"));
    }
}
