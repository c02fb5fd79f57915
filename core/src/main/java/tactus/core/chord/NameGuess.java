package tactus.core.chord;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import tactus.core.pitch.NoteName;

/**
 * A name that fits what sounds.
 *
 * @param missing notes of the name that do not sound
 * @param cost how far it is from being the plain name; the best guess has the least
 */
public record NameGuess(ChordName name, Set<Degree> missing, double cost) {

    /** Why it is called so, as a sentence: {@code The fifth is left out; E, the major third, lies lowest.} */
    public String reason() {
        var parts = new ArrayList<String>();
        parts.add(missing.isEmpty() ? "every note of the name is there" : leftOut() + " left out");
        bass().ifPresent(parts::add);
        String sentence = String.join("; ", parts);
        return Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1) + ".";
    }

    private String leftOut() {
        List<String> words =
                missing.stream().map(degree -> "the " + degree.word()).toList();
        return String.join(" and ", words) + (words.size() == 1 ? " is" : " are");
    }

    private Optional<String> bass() {
        if (!name.isSlash())
            return missing.contains(Degree.ROOT) ? Optional.empty() : Optional.of("its root lies lowest");
        NoteName bass = name.bass();
        int interval = Math.floorMod(bass.pitchClass() - name.root().pitchClass(), 12);
        String role = name.quality().degrees().stream()
                .filter(degree -> degree.semitones() == interval)
                .map(degree -> "the " + degree.word())
                .collect(Collectors.joining());
        return Optional.of(bass + ", " + (role.isEmpty() ? "not one of its notes" : role) + ", lies lowest");
    }
}
