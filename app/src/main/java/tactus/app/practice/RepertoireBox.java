package tactus.app.practice;

import java.util.List;
import javafx.scene.layout.VBox;
import tactus.core.taught.logbook.Repertoire;
import tactus.words.ReachWords;
import tactus.words.Words;

/** What a student can play, and what is missing for the next songs. */
final class RepertoireBox extends VBox {

    private static final int WITHIN = 8;
    private static final int NEXT = 5;

    RepertoireBox(Repertoire repertoire) {
        setId("class-repertoire");
        List<Repertoire.Entry> within = repertoire.within();
        add(Words.of("class.plays", within.size()), "quiet");
        within.stream().limit(WITHIN).forEach(entry -> add(ReachWords.title(entry), "class-text"));
        if (within.size() > WITHIN) add(Words.of("open.more", within.size() - WITHIN), "quiet");
        List<Repertoire.Entry> next = repertoire.next();
        if (!next.isEmpty()) add(Words.of("class.plays-next"), "quiet");
        next.stream().limit(NEXT).forEach(entry -> add(ReachWords.line(entry), "class-text"));
    }

    private void add(String said, String style) {
        getChildren().add(PageText.text(said, style));
    }
}
