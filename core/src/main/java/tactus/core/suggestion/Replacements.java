package tactus.core.suggestion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.pattern.Form;
import tactus.core.pattern.Pattern;
import tactus.core.rule.FormChoice;
import tactus.core.rule.Rule;
import tactus.core.rule.Where;
import tactus.core.song.Song;
import tactus.core.song.Version;
import tactus.core.stroke.Stroke;
import tactus.core.variation.Variation;

/** What a version's rule for the whole song makes of every pattern, and what it takes from the fretting hand. */
public final class Replacements {

    private Replacements() {}

    /** A sentence for each pattern of {@code song} that {@code version} plays otherwise. */
    public static List<String> of(Song song, Version version) {
        var found = new ArrayList<String>();
        Optional<Form.Rule> form = song.rules().stream()
                .filter(rule -> rule.where().equals(Where.EVERYWHERE.withVersion(Optional.of(version.name()))))
                .map(Rule::play)
                .flatMap(play -> play.form().stream())
                .flatMap(choice -> choice.rule().stream())
                .findFirst();
        for (Pattern pattern : song.patterns()) {
            form.flatMap(rule -> lighter(pattern, rule)).ifPresent(found::add);
            if (version.isPlain() && !pattern.moves().isEmpty())
                found.add(pattern.name() + ": without its finger moves");
        }
        return found;
    }

    private static Optional<String> lighter(Pattern pattern, Form.Rule rule) {
        return Variation.of(pattern, rule)
                .map(light -> pattern.name() + ": " + FormChoice.of(rule) + ", " + struck(light) + " strokes for "
                        + struck(pattern));
    }

    private static long struck(Pattern pattern) {
        return pattern.played().stream().filter(Stroke::isStruck).count();
    }
}
