package tactus.app.arrangement;

import java.util.Optional;
import tactus.app.arrangement.bars.PatternDrop;
import tactus.app.arrangement.bars.PatternPalette;
import tactus.core.patterns.pattern.PatternId;

/** What becomes of a pattern that is dragged onto the page. */
final class Dropped implements PatternDrop {

    private final ArrangementParts parts;
    private final PatternPalette palette;

    Dropped(ArrangementParts parts, PatternPalette palette) {
        this.parts = parts;
        this.palette = palette;
    }

    @Override
    public Optional<PatternId> dragged() {
        return palette.dragged();
    }

    @Override
    public void onSection(PatternId pattern) {
        parts.rules().assignToSection(Optional.of(pattern), false);
    }

    @Override
    public void onChosen(PatternId pattern) {
        parts.rules().assignToChords(pattern);
    }
}
