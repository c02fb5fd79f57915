package tactus.app.window;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.layout.HBox;
import javafx.scene.text.Text;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.field.Bound;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.advice.NextStep;
import tactus.core.counsel.advice.SinceOpened;
import tactus.words.Words;

/** What comes next in the work on this song, in one quiet line; pressed, it goes there. Style class {@code next-line}. */
final class NextLine extends HBox {

    private static final double AROUND = 16;

    private final Work work;
    private final Settings settings;
    private final Actions actions;
    private final Hyperlink line = new Hyperlink();
    private final Button close = new Button();
    private final Set<NextStep.Kind> dismissed = EnumSet.noneOf(NextStep.Kind.class);
    private SinceOpened progress = SinceOpened.NONE;
    private Optional<NextStep> shown = Optional.empty();
    private String whole = "";
    private String brief = "";

    NextLine(Work work, Settings settings, PlayerModel player, Actions actions) {
        this.work = work;
        this.settings = settings;
        this.actions = actions;
        getStyleClass().add("next-line");
        setMinWidth(0);
        line.setId("next-step");
        line.setMinWidth(0);
        line.setOnAction(
                _ -> shown.flatMap(step -> actions.find(action(step.kind()))).ifPresent(Action::run));
        close.setId("next-dismiss");
        close.setGraphic(new FontIcon(Feather.X));
        close.setAccessibleText(Words.of("next.dismiss"));
        close.getStyleClass().add("flat");
        close.setOnAction(_ -> {
            shown.ifPresent(step -> dismissed.add(step.kind()));
            show();
        });
        getChildren().setAll(line, close);
        managedProperty().bind(visibleProperty());
        var bound = new Bound(this);
        bound.follow(work.openedProperty(), _ -> begin());
        bound.follow(this::show, work.stateProperty(), settings.showsNextProperty());
        actions.tell(id -> {
            if (id.equals("panel.capo")) did(progress.withCapoCompared());
        });
        bound.follow(player.playingProperty(), plays -> {
            if (plays) did(progress.withHeard());
        });
    }

    private void begin() {
        dismissed.clear();
        did(SinceOpened.NONE);
    }

    void sawSheet() {
        did(progress.withSheetSeen());
    }

    private void did(SinceOpened now) {
        progress = now;
        show();
    }

    private void show() {
        shown = settings.showsNextProperty().get()
                ? NextStep.of(work.song(), work.timeline(), work.snags().size(), progress, dismissed)
                : Optional.empty();
        setVisible(shown.isPresent());
        shown.ifPresent(step -> {
            String key = actions.find(action(step.kind())).map(Action::keyText).orElse("");
            String said = Words.of("next.line", Words.say(step.said()));
            brief = said;
            whole = key.isEmpty() ? said : said + "  (" + key + ")";
            line.setText(whole);
            line.setAccessibleText(whole);
        });
    }

    /** Where there is little room the key is left out, then all of it: half a sentence helps nobody. */
    @Override
    protected void layoutChildren() {
        double room = getWidth() - close.prefWidth(-1) - AROUND;
        String text = width(whole) <= room ? whole : brief;
        if (!line.getText().equals(text)) line.setText(text);
        boolean fits = width(text) <= room;
        line.setVisible(fits);
        close.setVisible(fits);
        super.layoutChildren();
    }

    private double width(String text) {
        var measured = new Text(text);
        measured.setFont(line.getFont());
        return measured.getLayoutBounds().getWidth();
    }

    /** The command that does the step, or goes where it is done. */
    private static String action(NextStep.Kind kind) {
        return switch (kind) {
            case SECTION -> "section.new";
            case CHORDS -> "harmony.line";
            case SHAPES -> "panel.shape";
            case PATTERN -> "bench.dictate";
            case ASSIGN -> "place.arrangement";
            case CAPO -> "panel.capo";
            case ORDER -> "order.line";
            case SNAGS -> "view.snags";
            case HEAR -> "play.toggle";
            case SHEET -> "place.sheet";
        };
    }
}
