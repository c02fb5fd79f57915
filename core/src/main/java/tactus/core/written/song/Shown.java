package tactus.core.written.song;

import java.util.ArrayList;
import java.util.Optional;
import java.util.TreeMap;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;

/** A song as its shown version has it. */
final class Shown {

    private Shown() {}

    static Song of(Song song) {
        return song.versions().shownOne().map(version -> of(song, version)).orElse(song);
    }

    private static Song of(Song song, Version version) {
        Song shown = song;
        if (!version.standIns().isEmpty()) {
            var chords = new ArrayList<>(song.chords());
            chords.replaceAll(chord -> standIn(version, chord).orElse(chord));
            shown = shown.withChords(chords);
        }
        if (version.isPlain()) {
            shown = shown.withPatterns(
                    shown.patterns().stream().map(Shown::plain).toList());
        }
        return version.overlay().over(shown.withFacts(version.facts().over(shown.facts())));
    }

    private static Optional<Chord> standIn(Version version, Chord chord) {
        return version.standIns().stream()
                .filter(each -> each.name().equals(chord.name()))
                .findFirst();
    }

    private static Pattern plain(Pattern pattern) {
        return pattern.moves().isEmpty()
                ? pattern
                : new Pattern(
                        pattern.id(),
                        pattern.name(),
                        pattern.frame(),
                        pattern.strokes(),
                        new TreeMap<>(),
                        pattern.picking(),
                        pattern.story(),
                        pattern.form());
    }
}
