package tactus.core.music.chord;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import tactus.core.ground.statement.Statement;
import tactus.core.music.pitch.NoteName;

/**
 * A name that fits what sounds.
 *
 * @param missing notes of the name that do not sound
 * @param cost how far it is from being the plain name; the best guess has the least
 */
public record NameGuess(ChordName name, Set<Degree> missing, double cost) {

    public NameGuess {
        Objects.requireNonNull(missing);
        Objects.requireNonNull(name);
    }

    /** Why it is called so: which notes are left out, and what lies lowest. */
    public List<Statement> reasons() {
        Statement notes = missing.isEmpty()
                ? Statement.of("name.whole")
                : Statement.of(
                        "name.left-out",
                        missing.size(),
                        missing.stream().sorted().toList());
        return lowest().map(bass -> List.of(notes, bass)).orElse(List.of(notes));
    }

    private Optional<Statement> lowest() {
        if (!name.isSlash()) {
            return missing.contains(Degree.ROOT) ? Optional.empty() : Optional.of(Statement.of("name.root-lowest"));
        }
        NoteName bass = name.bass();
        int interval = Math.floorMod(bass.pitchClass() - name.root().pitchClass(), 12);
        List<Degree> role = name.quality().degrees().stream()
                .filter(degree -> degree.semitones() == interval)
                .toList();
        return Optional.of(
                role.isEmpty()
                        ? Statement.of("name.foreign-lowest", bass)
                        : Statement.of("name.degree-lowest", bass, role.getFirst()));
    }
}
