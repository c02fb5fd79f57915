package tactus.app.arrangement.bars;

import java.util.Optional;
import tactus.core.patterns.pattern.PatternId;

/** What is done with a pattern that was dragged to the page. */
public interface PatternDrop {

    /** The pattern that is being dragged, if one is. */
    Optional<PatternId> dragged();

    void onSection(PatternId pattern);

    void onChosen(PatternId pattern);
}
