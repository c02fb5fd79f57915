package tactus.core.snag;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.section.Section;
import tactus.core.snag.Snag.Fix;
import tactus.core.snag.Snag.Kind;
import tactus.core.snag.Snag.Number;

/** The snags found so far. */
final class Finds {

    private final List<Snag> all = new ArrayList<>();

    void add(Kind kind, Place place, String where, String sentence, Optional<Fix> fix, Number... numbers) {
        all.add(new Snag(kind, place, where, sentence, List.of(numbers), fix));
    }

    /** Adds a snag at the start of a section. */
    void add(Kind kind, Section section, String sentence, Optional<Fix> fix, Number... numbers) {
        add(kind, new Place.InSection(section.id(), 0, 0), section.name(), sentence, fix, numbers);
    }

    List<Snag> all() {
        return all;
    }
}
