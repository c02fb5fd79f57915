package tactus.core.written.song;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;

/** Songs in a few words: {@code song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu")}. */
public final class SongFixture {

    public static final SectionId VERSE = new SectionId("verse");
    public static final PatternId PATTERN = new PatternId("p");

    private SongFixture() {}

    /** One section played once at 120, with shapes for C, G and D. */
    public static Song song(String meters, String spans, String line) {
        List<Meter> bars = Arrays.stream(meters.split(" ")).map(Meter::parse).toList();
        Pattern pattern = Pattern.empty(PATTERN, "P", bars.getFirst()).withLine(line);
        Song song = Song.empty("Song")
                .withFacts(
                        Song.empty("Song").facts().withMeter(bars.getFirst()).withTempo(Tempo.of(120, bars.getFirst())))
                .withChord(new Chord("C", Voicing.parse("x32010")))
                .withChord(new Chord("G", Voicing.parse("320003")))
                .withChord(new Chord("D", Voicing.parse("xx0232")))
                .withPattern(pattern)
                .withSection(new Section(VERSE, "Verse", bars, spans(spans), 1))
                .withOrder(List.of(VERSE));
        return Assignment.assigned(song, Where.in(VERSE), Optional.of(PATTERN));
    }

    private static List<Span> spans(String text) {
        var spans = new ArrayList<Span>();
        for (String span : text.split(", ")) {
            if (span.isEmpty()) continue;
            var parts = span.split(": ");
            spans.add(new Span(parts[0], English.length(parts[1])));
        }
        return spans;
    }
}
