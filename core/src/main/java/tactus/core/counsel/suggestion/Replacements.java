package tactus.core.counsel.suggestion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.ground.statement.Statement;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Quantity;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.variation.Variation;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

/** What a version's rule for the whole song makes of every pattern, and what it takes from the fretting hand. */
public final class Replacements {

    private Replacements() {}

    /** A sentence for each pattern of {@code song} that {@code version} plays otherwise. */
    public static List<Statement> of(Song song, Version version) {
        var found = new ArrayList<Statement>();
        Optional<Form.Derivation> form = song.rules().stream()
                .filter(rule -> rule.where().equals(Where.EVERYWHERE.withVersion(Optional.of(version.name()))))
                .map(Rule::play)
                .flatMap(play -> play.form().stream())
                .flatMap(choice -> choice.rule().stream())
                .findFirst();
        for (Pattern pattern : song.patterns()) {
            form.flatMap(rule -> lighter(pattern, rule)).ifPresent(found::add);
            if (version.isPlain() && !pattern.moves().isEmpty())
                found.add(Statement.of("replacement.plain", pattern.name()));
        }
        return found;
    }

    private static Optional<Statement> lighter(Pattern pattern, Form.Derivation rule) {
        return Variation.of(pattern, rule)
                .map(light -> Statement.of(
                        "replacement.form",
                        pattern.name(),
                        FormChoice.of(rule),
                        Quantity.strokes(struck(light)),
                        struck(pattern)));
    }

    private static long struck(Pattern pattern) {
        return pattern.played().stream().filter(Stroke::isStruck).count();
    }
}
