package tactus.words;

import java.util.Collection;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.harmony.Chord;
import tactus.core.pattern.PatternId;
import tactus.core.section.SectionId;
import tactus.core.sentence.HintSentence;
import tactus.core.song.Hint;
import tactus.core.song.HintPlace;
import tactus.core.song.Song;

/** Hints as they stand beside what they are about, on the screen, on the stand and on the sheet. */
public final class HintWords {

    private final Song song;
    private final HintSentence sentences;

    public HintWords(Song song) {
        this.song = song;
        sentences = new HintSentence(Words.lexicon(), song);
    }

    /** Those of the song as a whole. */
    public List<String> ofSong() {
        return texts(HintPlace.OfSong.class::isInstance);
    }

    /** Those of a section and its bars, in one line; empty if there are none. */
    public String ofSection(SectionId id) {
        return hints(place -> place.inSection().filter(id::equals).isPresent()).stream()
                .map(hint -> hint.about() instanceof HintPlace.OfBar(var _, int bar)
                        ? Words.lexicon().say("stretch-bars.one", bar) + ": " + hint.text()
                        : hint.text())
                .collect(Collectors.joining(" · "));
    }

    /** Those of a pattern and its strokes. */
    public List<String> ofPattern(PatternId id) {
        return hints(place -> place.inPattern().filter(id::equals).isPresent()).stream()
                .map(hint -> hint.about() instanceof HintPlace.OfStroke stroke
                        ? count(stroke) + ": " + hint.text()
                        : hint.text())
                .toList();
    }

    private String count(HintPlace.OfStroke stroke) {
        return song.pattern(stroke.pattern()).stream()
                .flatMap(pattern -> pattern.grid().slots().stream())
                .filter(slot -> slot.index() == stroke.slot())
                .map(slot -> slot.count().toString())
                .findFirst()
                .orElse("");
    }

    /** Those of chords and of changes between them, each with its place: {@code F: keep the first finger down}. */
    public List<String> ofChords() {
        return hints(place -> place instanceof HintPlace.OfChord || place instanceof HintPlace.OfChange).stream()
                .map(sentences::of)
                .toList();
    }

    /** Those of chords that are among {@code chords}, and of changes between two of them. */
    public List<String> ofChords(Collection<String> chords) {
        return hints(place -> switch (place) {
                    case HintPlace.OfChord(String chord) -> isAmong(chord, chords);
                    case HintPlace.OfChange(String from, String to) -> isAmong(from, chords) && isAmong(to, chords);
                    default -> false;
                })
                .stream()
                .map(sentences::of)
                .toList();
    }

    /** A name without a label speaks of every shape. */
    private static boolean isAmong(String chord, Collection<String> chords) {
        return chords.contains(chord)
                || Chord.label(chord).isEmpty()
                        && chords.stream().map(Chord::plainName).anyMatch(chord::equals);
    }

    private List<Hint> hints(Predicate<HintPlace> about) {
        return song.lesson().hints(about);
    }

    private List<String> texts(Predicate<HintPlace> about) {
        return hints(about).stream().map(Hint::text).toList();
    }

    /** Everything that concerns a section with these chords and patterns, for the stand. */
    public String forStand(SectionId section, Collection<String> chords, Collection<PatternId> patterns) {
        return Stream.of(
                        ofSong().stream(),
                        Stream.of(ofSection(section)),
                        ofChords(chords).stream(),
                        patterns.stream().flatMap(id -> ofPattern(id).stream()))
                .flatMap(texts -> texts)
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining("  ·  "));
    }
}
