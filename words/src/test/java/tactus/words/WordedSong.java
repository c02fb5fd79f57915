package tactus.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.reading.sentence.LengthWords;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.harmony.Span;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;

/** Small songs, written in a teacher's words. */
final class WordedSong {

    static final SectionId VERSE = new SectionId("verse");
    static final PatternId PATTERN = new PatternId("p");

    private WordedSong() {}

    private static final List<String> SHAPES = List.of("C x32010", "G 320003", "D xx0232");

    /** {@code song} with a shape for those of C, G and D that are played in it. */
    static Song shaped(Song song) {
        Song shaped = song;
        for (String chord : SHAPES) {
            String[] parts = chord.split(" ");
            boolean played = song.sections().stream()
                    .flatMap(section -> section.spans().stream())
                    .anyMatch(span -> span.chord().equals(parts[0]));
            if (played) shaped = shaped.withChord(new Chord(parts[0], Voicing.parse(parts[1])));
        }
        return shaped;
    }

    /** A verse that is played once at 120 with the pattern P, and shapes for C, G and D. */
    static Song song(String meters, String spans, String line) {
        List<Meter> bars = Stream.of(meters.split(" ")).map(Meter::parse).toList();
        Song song = Song.empty("Song");
        song = song.withFacts(song.facts().withMeter(bars.getFirst()).withTempo(Tempo.of(120, bars.getFirst())));
        song = song.withPattern(Pattern.empty(PATTERN, "P", bars.getFirst()).withLine(line))
                .withSection(new Section(VERSE, "Verse", bars, spans(spans), 1))
                .withOrder(List.of(VERSE));
        return Assignment.assigned(shaped(song), Where.in(VERSE), Optional.of(PATTERN));
    }

    private static List<Span> spans(String text) {
        var lengths = new LengthWords(Words.lexicon());
        var spans = new ArrayList<Span>();
        for (String span : text.split(", ")) {
            if (span.isEmpty()) continue;
            String[] parts = span.split(": ");
            spans.add(new Span(parts[0], lengths.parse(parts[1])));
        }
        return spans;
    }

    static Section section(String id, String name, String line) {
        HarmonyLine read = HarmonyLine.parse(line, Meter.of(4, 4), Optional.empty(), Words.lexicon());
        return new Section(new SectionId(id), name, read.bars(), read.spans(), 1);
    }

    /** {@code song} with rules, a sentence each. */
    static Song ruled(Song song, String... sentences) {
        Song ruled = song;
        for (String sentence : sentences) {
            ruled = ruled.withRule(new SongWords(ruled).rules().parse(sentence));
        }
        return ruled;
    }
}
