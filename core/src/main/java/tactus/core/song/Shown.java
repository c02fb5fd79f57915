package tactus.core.song;

import java.util.ArrayList;
import java.util.Optional;
import java.util.TreeMap;
import tactus.core.harmony.Chord;
import tactus.core.pattern.Pattern;
import tactus.core.pitch.Instrument;

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
        if (version.capo().isPresent()) shown = withCapo(shown, version.capo().getAsInt());
        Song before = shown;
        Song whole = version.company()
                .map(company -> before.withFacts(before.facts().withCompany(company)))
                .orElse(before);
        return version.overlay().over(whole);
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

    /** The capo moves under the same shapes, and the key with it. */
    private static Song withCapo(Song song, int capo) {
        Instrument guitar = song.facts().instrument();
        return song.withFacts(song.facts()
                .withInstrument(guitar.withCapo(capo))
                .withKey(song.facts().key().plus(capo - guitar.capo())));
    }
}
