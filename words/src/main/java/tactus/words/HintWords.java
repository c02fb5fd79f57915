package tactus.words;

import java.util.Collection;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.rhythm.CellWords;
import tactus.core.reading.sentence.HintSentence;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.ChordMove;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Hint;
import tactus.core.written.song.HintPlace;
import tactus.core.written.song.Song;

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

    /** The same after the teacher's own words for its cell, for those who have only the page. */
    public List<String> forPlaying(PatternId id) {
        Stream<String> own = song
                .pattern(id)
                .flatMap(pattern -> CellWords.of(pattern, song.lesson().mnemonics()))
                .map(words -> Words.of("hints.mnemonic", words.words()))
                .stream();
        return Stream.concat(own, ofPattern(id).stream()).toList();
    }

    private String count(HintPlace.OfStroke stroke) {
        return song.pattern(stroke.pattern()).stream()
                .flatMap(pattern -> pattern.grid().slots().stream())
                .filter(slot -> slot.index() == stroke.slot())
                .map(slot -> slot.count().toString())
                .findFirst()
                .orElse("");
    }

    /**
     * Those of chords and of changes between them, each with its place, {@code F: keep the first finger down}, after the
     * fingers that move on a chord.
     */
    public List<String> ofChords() {
        return Stream.concat(
                        moves(_ -> true),
                        hints(place -> place instanceof HintPlace.OfChord || place instanceof HintPlace.OfChange)
                                .stream()
                                .map(sentences::of))
                .toList();
    }

    private Stream<String> moves(Predicate<Chord> wanted) {
        return song.asShown().chords().stream()
                .filter(chord -> !chord.moves().isEmpty() && wanted.test(chord))
                .map(HintWords::moves);
    }

    /** {@code D: 1 string 1 to fret 0, 1& hammer-on or pull-off on string 1 to fret 2}. */
    private static String moves(Chord chord) {
        return Words.of(
                "chord-moves.line",
                chord.name(),
                chord.moves().stream().map(HintWords::said).collect(Collectors.joining(", ")));
    }

    private static String said(ChordMove at) {
        FingerMove move = at.move();
        if (move.fret().isEmpty()) return Words.of("chord-moves.back", at.count(), move.string());
        String how = switch (move.sound()) {
            case SILENT -> "chord-moves.silent";
            case SLURRED -> "chord-moves.slurred";
            case SLID -> "chord-moves.slid";
        };
        return Words.of(how, at.count(), move.string(), move.fret().get());
    }

    /** Those of chords that are among {@code chords}, and of changes between two of them. */
    public List<String> ofChords(Collection<String> chords) {
        return Stream.concat(moves(chord -> chords.contains(chord.name())), hintsOf(chords))
                .toList();
    }

    private Stream<String> hintsOf(Collection<String> chords) {
        return hints(place -> switch (place) {
                    case HintPlace.OfChord(String chord) -> isAmong(chord, chords);
                    case HintPlace.OfChange(String from, String to) -> isAmong(from, chords) && isAmong(to, chords);
                    default -> false;
                })
                .stream()
                .map(sentences::of);
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
                        patterns.stream().flatMap(id -> forPlaying(id).stream()))
                .flatMap(texts -> texts)
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining("  ·  "));
    }
}
