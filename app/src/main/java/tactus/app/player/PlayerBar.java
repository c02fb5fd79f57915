package tactus.app.player;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;
import tactus.app.action.Actions;
import tactus.app.action.LateTooltip;
import tactus.app.field.Bound;
import tactus.app.work.Work;
import tactus.core.laid.sum.Recording;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.written.section.Use;
import tactus.formats.font.MusicText;
import tactus.sound.score.Playback;
import tactus.words.Words;

/** Plays, stops, and says where one is. Style class {@code player-bar}. */
public final class PlayerBar extends HBox {

    private final Bound bound = new Bound(this);
    private final Work work;
    private final PlayerModel player;
    private final Label place = new Label();
    private final Label tempo = new Label();
    private final Slider speed = new Slider(100 * Playback.SLOWEST, 100 * Playback.FASTEST, 100);

    public PlayerBar(Work work, PlayerModel player, Actions actions) {
        this.work = work;
        this.player = player;
        getStyleClass().add("player-bar");
        setAlignment(Pos.CENTER_LEFT);
        place.setId("player-place");
        place.getStyleClass().add("player-place");
        tempo.getStyleClass().add("player-tempo");
        getChildren()
                .setAll(
                        playButton(actions),
                        place,
                        toggle(actions, "play.loop"),
                        toggle(actions, "play.countIn"),
                        toggle(actions, "play.clicks"),
                        speedField(),
                        tempo,
                        gainField());
        bound.follow(player.positionProperty(), _ -> showPlace());
        bound.follow(player.startBarProperty(), _ -> showPlace());
        work.stateProperty().subscribe(_ -> {
            showPlace();
            showTempo();
        });
        bound.follow(player.speedProperty(), _ -> showTempo());
    }

    private Button playButton(Actions actions) {
        Button play = actions.button("play.toggle");
        play.getStyleClass().add("play-button");
        player.playingProperty().subscribe(on -> play.setGraphic(new FontIcon(on ? Feather.SQUARE : Feather.PLAY)));
        return play;
    }

    private ToggleButton toggle(Actions actions, String id) {
        ToggleButton toggle = actions.toggle(id);
        toggle.setText(actions.get(id).text());
        var state = switch (id) {
            case "play.loop" -> player.loopsProperty();
            case "play.countIn" -> player.countsInProperty();
            case "play.clicks" -> player.clicksProperty();
            default -> throw new IllegalArgumentException(id);
        };
        // The action changes the state; bound to it, a click would change it twice.
        state.subscribe(toggle::setSelected);
        return toggle;
    }

    private HBox speedField() {
        speed.setId("speed");
        speed.setBlockIncrement(5);
        speed.setMajorTickUnit(25);
        speed.setMinorTickCount(4);
        speed.setSnapToTicks(true);
        speed.setAccessibleText(Words.of("player.speed"));
        LateTooltip.install(speed, Words.of("player.speed"));
        speed.valueProperty().subscribe(percent -> player.speedProperty().set(percent.doubleValue() / 100));
        player.speedProperty().subscribe(part -> speed.setValue(part.doubleValue() * 100));
        var field = new HBox(speed);
        field.getStyleClass().add("slider-field");
        field.setAlignment(Pos.CENTER);
        return field;
    }

    private HBox gainField() {
        var gain = new Slider(0, 1, player.gainProperty().get());
        gain.setAccessibleText(Words.of("player.gain"));
        LateTooltip.install(gain, Words.of("player.gainCaution"));
        gain.getStyleClass().add("gain");
        player.gainProperty().bind(gain.valueProperty());
        var icon = new FontIcon(Feather.VOLUME_1);
        var field = new HBox(icon, gain);
        field.getStyleClass().add("slider-field");
        field.setAlignment(Pos.CENTER);
        return field;
    }

    private void showTempo() {
        var facts = work.song().facts();
        long perMinute =
                Math.round(facts.tempo().perMinute() * player.speedProperty().get());
        long percent = Math.round(player.speedProperty().get() * 100);
        tempo.setText(
                Words.of("player.tempo", percent, MusicText.note(facts.tempo().beat()), perMinute));
    }

    private void showPlace() {
        if (player.isPlayingPattern()) place.setText(Words.of("player.pattern"));
        else if (player.isCountingIn()) place.setText(Words.of("player.countingIn"));
        else place.setText(player.barNow().or(this::startBar).map(this::said).orElse(""));
    }

    private Optional<TimelineBar> startBar() {
        return work.timeline().bar(player.startBarProperty().get());
    }

    private String said(TimelineBar bar) {
        List<Use> uses = work.song().uses();
        String name = bar.use() < uses.size() ? work.song().nameOf(uses.get(bar.use())) : "";
        return Words.of("player.bar", bar.number(), name, Recording.clock(bar.seconds()));
    }
}
