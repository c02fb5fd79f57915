package tactus.core.counsel.snag;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.language.Lexicon;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;

/** What snags are looked for in: a song, how it is laid out, and the words of the language it is written in. */
record LaidSong(Song song, Timeline timeline, Lexicon lexicon) {

    LaidSong {
        Objects.requireNonNull(song);
        Objects.requireNonNull(timeline);
        Objects.requireNonNull(lexicon);
    }

    Pattern pattern(PatternId id) {
        return song.pattern(id).orElseThrow();
    }

    Section section(SectionId id) {
        return song.section(id).orElseThrow();
    }

    /** The section that {@code span} belongs to. */
    Section section(TimelineSpan span) {
        return section(song.uses().get(span.use()).section());
    }

    SnagPlace.InUse place(TimelineSpan span) {
        return SnagPlace.InUse.at(span.use(), span.pass(), span.inSection().orElse(0));
    }

    SnagPlace.InUse place(TimelineBar bar, TimelineSpan span) {
        return SnagPlace.InUse.at(bar.use(), bar.pass(), span.inSection().orElse(0));
    }

    /** The bar of {@code section} in which the chord with the index {@code span} begins. */
    SnagPlace.InSection ofChord(Section section, int span) {
        Length start = section.edges(Assignment.round(song, section)).get(span);
        return new SnagPlace.InSection(
                section.id(), new SnagPlace.Bar(section.barLines().barAt(start)), new SnagPlace.Chord(span));
    }

    /** The bar with the number {@code bar}, from 1, and the chord that is held when it begins; the last one if there are fewer. */
    SnagPlace.InSection ofBar(Section section, int bar) {
        int index = Math.clamp(bar - 1L, 0, section.bars().size() - 1);
        Length start = section.barLines().start(index);
        List<Length> edges = section.edges(Assignment.round(song, section));
        int span = 0;
        while (span + 1 < section.spans().size() && !start.isLessThan(edges.get(span + 1))) span++;
        return new SnagPlace.InSection(section.id(), new SnagPlace.Bar(index), new SnagPlace.Chord(span));
    }

    /** Plays in {@code section} the pattern that most rules assign, if there is any pattern. */
    Optional<Fix> assignCommon(SectionId section) {
        Map<PatternId, Integer> counts = new LinkedHashMap<>();
        song.rules().forEach(rule -> rule.pattern().ifPresent(id -> counts.merge(id, 1, Integer::sum)));
        Optional<Pattern> common = counts.entrySet().stream()
                .max(Comparator.comparingInt(Map.Entry::getValue))
                .flatMap(most -> song.pattern(most.getKey()));
        List<Pattern> all = song.patterns();
        return common.or(() -> all.stream().findFirst())
                .map(pattern -> new RuleFix.Assign(section, pattern.id(), pattern.name()));
    }
}
