package tactus.app.shape;

import java.util.List;
import java.util.stream.Stream;
import tactus.app.fact.SetUpModel;
import tactus.core.chord.ChordName;
import tactus.core.harmony.Chord;
import tactus.core.pitch.NoteSchool;
import tactus.core.refusal.Refusal;
import tactus.core.shape.Voicing;
import tactus.core.song.Song;

/** A chord from its name, with its usual shape, or from its shape, under the name it sounds as. */
final class ChordFromText {

    private final Song song;
    private final SetUpModel setUp;
    private final NoteSchool school;

    ChordFromText(Song song, SetUpModel setUp, NoteSchool school) {
        this.song = song;
        this.setUp = setUp;
        this.school = school;
    }

    /** @throws Refusal if one of them cannot be read; then none is */
    List<Chord> readAll(String text) {
        if (ChordName.isNoChord(text)) throw new Refusal("shape.no-chord");
        List<String> words = Stream.of(text.split("[\\s,;|]+"))
                .filter(word -> !word.isEmpty())
                .toList();
        return words.isEmpty()
                ? List.of(read(text))
                : words.stream().map(this::read).toList();
    }

    /** @throws Refusal if it is neither, sounds nothing, or is out of the hand's reach */
    Chord read(String text) {
        return text.strip().matches("[xX0-9][xX0-9-]*") ? named(Voicing.parse(text)) : shaped(text);
    }

    private Chord named(Voicing voicing) {
        List<Integer> sounding = voicing.pitchClasses(song.facts().tuning(), 0);
        if (sounding.isEmpty()) throw new Refusal("shape.silent", voicing);
        return new Chord(song.facts().naming().names(sounding).getFirst().name().toString(), voicing);
    }

    private Chord shaped(String text) {
        ChordName name = ChordName.parse(text, school);
        Voicing voicing = setUp.usual(name).orElseThrow(() -> new Refusal("shape.out-of-reach", name));
        return new Chord(name.toString(), voicing);
    }
}
