package tactus.core.taught.shelf;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.counsel.snag.Snags;
import tactus.core.ground.language.Lexicon;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Key;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.taught.practice.Demand;
import tactus.core.written.harmony.Chord;
import tactus.core.written.section.Section;
import tactus.core.written.section.Syllable;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;

/**
 * What a song can be found by.
 *
 * @param place where it is kept, as whoever keeps it names places
 * @param facts those of the song as it is written
 * @param chords the names of its shapes, in the order of their first use
 * @param degrees its chords as distances from the key with what they are, so that the same song in another key has the same
 * @param hasBarre whether a finger must hold several strings down for any of them
 * @param rhythms its patterns as lines
 * @param words everything that is sung, cues included, and the note
 * @param snags how many things do not fit
 * @param demands what each version asks of whoever plays it, the full one first
 */
public record ShelvedSong(
        String place,
        Facts facts,
        List<String> chords,
        String degrees,
        boolean hasBarre,
        List<String> rhythms,
        String words,
        int snags,
        List<Demand> demands) {

    public ShelvedSong {
        Objects.requireNonNull(place);
        Objects.requireNonNull(facts);
        Objects.requireNonNull(degrees);
        Objects.requireNonNull(words);
        chords = List.copyOf(chords);
        rhythms = List.copyOf(rhythms);
        demands = List.copyOf(demands);
    }

    public String title() {
        return facts.title();
    }

    /** What {@code written}, kept at {@code place}, can be found by, whichever of its versions happens to be shown. */
    public static ShelvedSong of(String place, Song written, Lexicon lexicon) {
        Song song = written.withVersions(written.versions().withShown(Optional.empty()));
        Facts facts = song.facts();
        Timeline timeline = Timeline.of(song);
        List<String> chords = song.sections().stream()
                .flatMap(section -> section.spans().stream())
                .map(span -> Chord.plainName(span.chord()))
                .distinct()
                .toList();
        return new ShelvedSong(
                place,
                facts,
                chords,
                degrees(chords, facts.shapesKey()),
                song.chords().stream().anyMatch(ShelvedSong::hasBarre),
                song.patterns().stream().map(Pattern::line).distinct().toList(),
                words(song),
                Snags.of(song, timeline, lexicon).size(),
                Demand.ofVersions(song, timeline));
    }

    /** {@code 0 5 7 9m}: distances in semitones, sorted. */
    private static String degrees(List<String> chords, Key key) {
        var degrees = new TreeSet<String>();
        for (String chord : chords) {
            Chord.meaning(chord).ifPresent(name -> degrees.add(degree(name, key)));
        }
        return String.join(" ", degrees);
    }

    private static String degree(ChordName name, Key key) {
        int above = Math.floorMod(name.root().pitchClass() - key.tonic(), 12);
        String quality = new ChordName(name.root(), name.quality())
                .toString()
                .substring(name.root().toString().length());
        return above + quality;
    }

    private static boolean hasBarre(Chord chord) {
        return chord.grip(Neck.USUAL, FrettingHand.USUAL)
                .or(() -> chord.grip(Neck.USUAL, FrettingHand.LARGEST))
                .filter(Grip::hasBarre)
                .isPresent();
    }

    private static String words(Song song) {
        Stream<String> sung = song.sections().stream().flatMap(ShelvedSong::words);
        return Stream.concat(Stream.of(song.facts().note()), sung).collect(Collectors.joining(" "));
    }

    private static Stream<String> words(Section section) {
        Stream<String> lines = section.words().stream().map(line -> joined(line.syllables()));
        return Stream.concat(section.cues().stream().map(cue -> cue.text()), lines);
    }

    /** Syllables of a word together. */
    private static String joined(List<Syllable> syllables) {
        var text = new StringBuilder();
        for (Syllable each : syllables) text.append(each.text()).append(each.goesOn() ? "" : " ");
        return text.toString().strip();
    }
}
