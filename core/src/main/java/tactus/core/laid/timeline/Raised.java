package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Shape;
import tactus.core.music.shape.Voicing;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.rule.Raise;
import tactus.core.written.section.Section;
import tactus.core.written.song.Song;

/** A part of a song in another key: the capo moved, or every shape moved up the neck with a barre for its open strings. */
final class Raised {

    private Raised() {}

    /** The strings that strokes sound there. */
    static Strings strings(Song song, Optional<Raise> raise) {
        int capo = song.facts().capo();
        if (raise.isEmpty() || raise.get().way() == Raise.Way.LEFT_OUT) return new Strings(song, capo);
        int up = raise.get().semitones();
        if (raise.get().way() == Raise.Way.CAPO) {
            int moved = capo + up;
            return new Strings(song, moved >= 0 && moved <= Instrument.HIGHEST_CAPO ? moved : capo);
        }
        return new Strings(song.withChords(withRaised(song, up)), capo);
    }

    /** The song's shapes, and those that its chords become {@code up} semitones higher. */
    static List<Chord> withRaised(Song song, int up) {
        var all = new ArrayList<>(song.chords());
        Neck neck = Neck.USUAL.withCapo(song.facts().capo());
        for (Chord chord : song.chords()) {
            String name = name(song, chord.name(), up);
            boolean known = all.stream().anyMatch(each -> each.name().equals(name));
            if (!known)
                moved(chord.voicing(), up, neck)
                        .or(() -> usual(song, name))
                        .ifPresent(voicing -> all.add(new Chord(name, voicing)));
        }
        return all;
    }

    /** The shape moved along the neck; empty where no usual hand can hold it there, as that of an open B7. */
    private static Optional<Voicing> moved(Voicing voicing, int up, Neck neck) {
        if (voicing.frets().stream().anyMatch(fret -> fret != Voicing.NOT_PLAYED && fret + up < 0))
            return Optional.empty();
        var there = new Voicing(voicing.frets().stream()
                .map(fret -> fret == Voicing.NOT_PLAYED ? fret : fret + up)
                .toList());
        return Optional.of(there)
                .filter(neck::reaches)
                .filter(held -> Grip.of(held, neck, FrettingHand.USUAL).isPresent());
    }

    /** The shape that the chord is usually given. */
    private static Optional<Voicing> usual(Song song, String name) {
        return Chord.meaning(name)
                .flatMap(new ShapeSearch(song.facts().tuning(), Neck.USUAL, FrettingHand.USUAL)::first)
                .map(Shape::voicing);
    }

    /** {@code section} with the chords that are held there. */
    static Section chords(Song song, Section section, Optional<Raise> raise) {
        if (raise.filter(each -> each.way() == Raise.Way.SHAPES).isEmpty()) return section;
        int up = raise.get().semitones();
        return section.withSpans(section.spans().stream()
                .map(span -> new Span(name(song, span.chord(), up), span.length()))
                .toList());
    }

    private static String name(Song song, String chord, int up) {
        return Chord.meaning(chord)
                .map(meaning -> Chord.labelledAs(
                        chord,
                        meaning.transposed(
                                        up,
                                        song.facts().spelling(),
                                        song.facts().shapesKey().plus(up))
                                .toString()))
                .orElse(chord);
    }
}
