package tactus.app.arrangement.assignment;

import javafx.scene.control.CheckBox;
import tactus.app.player.PlayerModel;
import tactus.words.Words;

/** Whether a section that goes round in a loop is played as it is written, without what is other this time. */
public final class PlayWithout extends CheckBox {

    public PlayWithout(PlayerModel player) {
        super(Words.of("except.without"));
        setId("except-without");
        setWrapText(true);
        selectedProperty().bindBidirectional(player.withoutExceptionsProperty());
    }
}
