package tactus.app.setup.shape;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import tactus.app.setup.fact.SetUpModel;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.shape.Voicing;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Song;

/** A chord from its name, with its usual shape, or from its shape, under the name it sounds as. */
final class ChordFromText {

    private final Song song;
    private final SetUpModel setUp;
    private final NoteSchool school;
    private final Function<ChordName, List<Voicing>> otherShapes;

    /** @param otherShapes finds more shapes of a name that has one */
    ChordFromText(Song song, SetUpModel setUp, NoteSchool school, Function<ChordName, List<Voicing>> otherShapes) {
        this.song = song;
        this.setUp = setUp;
        this.school = school;
        this.otherShapes = otherShapes;
    }

    /** @throws Refusal if one of them cannot be read; then none is */
    List<Chord> readAll(String text) {
        if (ChordName.isNoChord(text)) throw new Refusal("shape.no-chord");
        List<String> words = Stream.of(text.split("[\\s,;|]+"))
                .filter(word -> !word.isEmpty())
                .toList();
        if (words.size() > 1) return words.stream().map(this::read).toList();
        Chord chord = read(words.isEmpty() ? text : words.getFirst());
        return List.of(song.chord(chord.name()).isPresent() ? another(chord, isShape(text)) : chord);
    }

    /** One more shape of a name that has one, under a label of its own; the same where it is held so already. */
    private Chord another(Chord chord, boolean isShaped) {
        List<Chord> known = song.chords().stream()
                .filter(each -> each.meaning().equals(chord.meaning()))
                .toList();
        Optional<Chord> same = known.stream()
                .filter(each -> isShaped && each.voicing().equals(chord.voicing()))
                .findFirst();
        if (same.isPresent()) return same.get();
        Optional<Voicing> voicing = isShaped
                ? Optional.of(chord.voicing())
                : otherShapes.apply(chord.meaning().orElseThrow()).stream()
                        .filter(shape ->
                                known.stream().noneMatch(each -> each.voicing().equals(shape)))
                        .findFirst();
        int number = 2;
        while (song.chord(chord.name() + Chord.LABELLED + number).isPresent()) number++;
        String name = chord.name() + Chord.LABELLED + number;
        return voicing.map(shape -> new Chord(name, shape)).orElse(chord);
    }

    private static boolean isShape(String text) {
        return text.strip().matches("[xX0-9][xX0-9-]*");
    }

    /** @throws Refusal if it is neither, sounds nothing, or is out of the hand's reach */
    Chord read(String text) {
        return isShape(text) ? named(Voicing.parse(text)) : shaped(text);
    }

    private Chord named(Voicing voicing) {
        List<Integer> sounding = voicing.pitchClasses(song.facts().tuning(), 0);
        if (sounding.isEmpty()) throw new Refusal("shape.silent", voicing);
        return new Chord(song.facts().naming().names(sounding).getFirst().name().toString(), voicing);
    }

    private Chord shaped(String text) {
        ChordName name = ChordName.parse(Chord.plainName(text), school);
        Voicing voicing = setUp.usual(name).orElseThrow(() -> new Refusal("shape.out-of-reach", name));
        return new Chord(Chord.labelledAs(text.strip(), name.toString()), voicing);
    }
}
