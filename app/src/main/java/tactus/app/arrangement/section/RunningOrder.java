package tactus.app.arrangement.section;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import tactus.app.work.Work;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.section.Section;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Passes;
import tactus.core.written.song.Song;
import tactus.words.Words;

/**
 * The sections as they are played, each as long as its bars; sections that are not played stand at the end. Style class
 * {@code running-order}.
 */
public final class RunningOrder extends ListView<RunningOrder.Entry> {

    /**
     * A line of the list.
     *
     * @param use its place in the running order; empty if it is not played
     * @param name its own, or that of its section
     * @param bars of all its passes
     * @param except what is other this time, in short; empty if it is the same
     * @param level how loud it is, 0 to 5
     * @param longest the bars of the longest entry
     */
    public record Entry(
            OptionalInt use,
            Section section,
            String name,
            String pattern,
            int bars,
            int passes,
            String except,
            double level,
            int longest) {}

    private static final PseudoClass IN_VIEW = PseudoClass.getPseudoClass("in-view");
    private static final PseudoClass SOUNDING = PseudoClass.getPseudoClass("sounding");

    private final ObjectProperty<OptionalInt> playing =
            new SimpleObjectProperty<>(this, "playing", OptionalInt.empty());

    private final ObjectProperty<OptionalInt> inView = new SimpleObjectProperty<>(this, "inView", OptionalInt.empty());

    public RunningOrder() {
        getStyleClass().add("running-order");
        setAccessibleText(Words.of("arrangement.order"));
        setPlaceholder(new Label(Words.of("arrangement.noSections")));
        setCellFactory(_ -> new Cell());
        getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
    }

    /** @param group entries that are chosen together with it */
    public void show(Work.State state, Choice choice, List<Integer> group) {
        List<Entry> entries = entries(state.song(), state.timeline());
        if (!getItems().equals(entries)) getItems().setAll(entries);
        entries.stream()
                .filter(entry -> choice.use().isPresent()
                        ? entry.use().equals(choice.use())
                        : choice.section().filter(entry.section().id()::equals).isPresent())
                .findFirst()
                .ifPresent(entry -> select(entries.indexOf(entry), group));
    }

    private void select(int chosen, List<Integer> group) {
        boolean together = group.size() > 1 && group.contains(chosen);
        List<Integer> wanted = together ? group : List.of(chosen);
        if (getSelectionModel().getSelectedIndices().equals(wanted)) return;
        getSelectionModel().clearAndSelect(chosen);
        if (together) wanted.forEach(getSelectionModel()::select);
    }

    private static List<Entry> entries(Song song, Timeline timeline) {
        Map<Integer, Integer> bars = new HashMap<>();
        for (TimelineBar bar : timeline.bars()) if (bar.number() > 0) bars.merge(bar.use(), 1, Integer::sum);
        Map<Integer, Double> levels = new HashMap<>();
        Map<Integer, String> played = new HashMap<>();
        for (TimelineSpan span : timeline.spans()) {
            levels.merge(span.use(), span.played().swell().at(1), Math::max);
            span.pattern().flatMap(song::pattern).ifPresent(pattern -> played.putIfAbsent(span.use(), pattern.name()));
        }
        int longest = bars.values().stream().mapToInt(Integer::intValue).max().orElse(1);
        var passes = new Passes(song);
        var entries = new ArrayList<Entry>();
        for (int use = 0; use < song.uses().size(); use++) {
            Section section = song.section(song.uses().get(use).section()).orElseThrow();
            double level = levels.getOrDefault(use, Swell.USUAL.at(0));
            entries.add(new Entry(
                    OptionalInt.of(use),
                    section,
                    song.nameOf(song.uses().get(use)),
                    played.getOrDefault(use, pattern(song, section)),
                    bars.getOrDefault(use, 0),
                    passes.count(use),
                    except(song, use),
                    level,
                    longest));
        }
        song.sections().stream()
                .filter(section -> !song.order().contains(section.id()))
                .map(section -> unplayed(song, section, longest))
                .forEach(entries::add);
        return entries;
    }

    /** A section that stands nowhere in the running order. */
    private static Entry unplayed(Song song, Section section, int longest) {
        return new Entry(
                OptionalInt.empty(),
                section,
                section.name(),
                pattern(song, section),
                section.bars().size(),
                section.passes(),
                "",
                Swell.USUAL.at(0),
                longest);
    }

    /** How many things are other in an entry than in its section. */
    private static String except(Song song, int use) {
        UseChoice entry = UseChoice.entry(song.uses().get(use).id());
        long rules = song.rules().stream()
                .filter(rule -> rule.where().use().equals(entry))
                .count();
        long count = song.uses().get(use).excepts().size() + rules;
        return count == 0 ? "" : Words.of("arrangement.except", count);
    }

    private static String pattern(Song song, Section section) {
        return Assignment.of(song, section.id())
                .flatMap(song::pattern)
                .map(Pattern::name)
                .orElse(Words.of("assign.nothing"));
    }

    /** The entry that sounds; empty while none does. */
    public ObjectProperty<OptionalInt> playingProperty() {
        return playing;
    }

    /** The entry that is at the top of the page. */
    public ObjectProperty<OptionalInt> inViewProperty() {
        return inView;
    }

    private final class Cell extends ListCell<Entry> {

        private final Label name = new Label();
        private final Tooltip tip = new Tooltip();
        private String facts = "";
        private final Region length = new Region();
        private final Label other = new Label();
        private final HBox row = new HBox(new VBox(new HBox(8, name, other), length));

        Cell() {
            setPrefWidth(0);
            name.getStyleClass().add("section-name");
            other.getStyleClass().add("section-other");
            other.setMinWidth(0);
            length.getStyleClass().add("section-length");
            playing.subscribe(_ -> showPlaying());
            inView.subscribe(_ -> showPlaying());
        }

        @Override
        protected void updateItem(Entry entry, boolean empty) {
            super.updateItem(entry, empty);
            setGraphic(empty ? null : row);
            showPlaying();
            setAccessibleText("");
            setTooltip(null);
            if (empty) return;
            String times = entry.passes() > 1 ? "  ×" + entry.passes() : "";
            name.setText(entry.name() + times);
            String bars = Words.of("count.bars", entry.bars());
            String played = bars + " · " + entry.pattern();
            facts = entry.use().isEmpty() ? Words.of("arrangement.notPlayed") : played;
            other.setText(entry.use().isEmpty() ? facts : entry.except());
            tip.setText(name.getText() + "\n" + facts + (entry.except().isEmpty() ? "" : "\n" + entry.except()));
            setTooltip(tip);
            length.setMaxWidth(Math.max(6, 200.0 * entry.bars() / entry.longest()));
            double thickness = 3 + 1.6 * entry.level();
            length.setMinHeight(thickness);
            length.setPrefHeight(thickness);
            setAccessibleText(name.getText() + ", " + facts + " " + entry.except());
        }

        private void showPlaying() {
            Entry entry = getItem();
            pseudoClassStateChanged(
                    SOUNDING,
                    entry != null && entry.use().isPresent() && entry.use().equals(playing.get()));
            pseudoClassStateChanged(
                    IN_VIEW,
                    entry != null && entry.use().isPresent() && entry.use().equals(inView.get()));
        }
    }
}
