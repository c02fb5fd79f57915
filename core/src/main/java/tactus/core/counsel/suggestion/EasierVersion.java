package tactus.core.counsel.suggestion;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.statement.Statement;
import tactus.core.music.search.StandIn;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.patterns.pattern.Form;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

/**
 * An easier version of a song, made by rule: every pattern's strokes on beats only, stand-ins for shapes that are hard,
 * nothing that the fretting hand adds.
 *
 * @param song with the version, which is shown
 * @param replacements what it replaces
 */
public record EasierVersion(Song song, List<Statement> replacements) {

    public EasierVersion {
        Objects.requireNonNull(song);
        replacements = List.copyOf(replacements);
    }

    /**
     * Makes the version called {@code name}, or makes it anew.
     *
     * @throws IllegalArgumentException if no version can be called that
     */
    public static EasierVersion of(Song full, String name, Neck neck, FrettingHand hand) {
        var replacements = new ArrayList<Statement>();
        var standIns = new ArrayList<Chord>();
        for (Chord chord : full.chords()) {
            standIn(full, chord, neck, hand).ifPresent(easier -> {
                standIns.add(new Chord(chord.name(), easier.shape().voicing()));
                replacements.add(Statement.of(
                        "replacement.shape",
                        chord.name(),
                        easier.shape().voicing(),
                        chord.voicing(),
                        easier.givenUp()));
            });
        }
        boolean plain =
                full.patterns().stream().anyMatch(pattern -> !pattern.moves().isEmpty());
        Version version = Version.of(name).withStandIns(standIns).withPlain(plain);
        Where everywhere = Where.EVERYWHERE.withVersion(Optional.of(version.name()));
        var versions = full.versions().with(version);
        Song made = full.withVersions(versions.withShown(Optional.of(version.name())))
                .withRule(new Rule(everywhere, Play.OPEN.with(FormChoice.of(Form.Derivation.LIGHT_BEATS))));
        replacements.addAll(Replacements.of(made, version));
        return new EasierVersion(made, replacements);
    }

    private static Optional<StandIn> standIn(Song full, Chord chord, Neck neck, FrettingHand hand) {
        if (!chord.fits(full.facts().tuning())) return Optional.empty();
        return chord.meaning()
                .flatMap(meaning ->
                        StandIn.of(meaning, chord.voicing(), full.facts().tuning(), neck, hand));
    }
}
