package tactus.core.counsel.edit;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.placing.Given;
import tactus.core.patterns.placing.Placing;
import tactus.core.written.section.Section;
import tactus.core.written.section.Use;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Overlay;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;
import tactus.core.written.song.Versions;

/**
 * Gives a song another meter. Bars that have the song's follow it, in its versions too, and chords keep their number of bars; patterns whose
 * strokes were said are placed anew, others stay as they are, so that it is told where they no longer fit.
 *
 * @param lexicon the words in which patterns were said
 */
public record ChangeMeter(Meter meter, Lexicon lexicon) implements Edit {

    public ChangeMeter {
        Objects.requireNonNull(meter);
        Objects.requireNonNull(lexicon);
    }

    @Override
    public Statement label() {
        return Statement.of("edit.fact", Aspect.METER);
    }

    @Override
    public Song appliedTo(Song song) {
        Meter before = song.facts().meter();
        if (before.equals(meter)) return song;
        var other = new OtherMeter(before, meter);
        Song changed = song.withFacts(song.facts().withMeter(meter));
        for (Section section : song.sections())
            changed = changed.withSection(other.section(section, Assignment.round(song, section)));
        changed = changed.withUses(
                song.uses().stream().map(use -> use(other, song, use)).toList());
        for (Pattern pattern : song.patterns()) changed = changed.withPattern(placed(pattern, before));
        return changed.withVersions(new Versions(
                song.versions().all().stream()
                        .map(version -> version(other, song, version))
                        .toList(),
                song.versions().shown()));
    }

    private static Use use(OtherMeter other, Song song, Use use) {
        Length round = song.section(use.section())
                .map(section -> Assignment.round(song, section))
                .orElse(Length.ZERO);
        return other.use(use, round);
    }

    private Version version(OtherMeter other, Song song, Version version) {
        Overlay overlay = version.overlay();
        return version.withOverlay(overlay.withSections(overlay.sections().stream()
                        .map(section -> other.section(section, Assignment.round(song, section)))
                        .toList())
                .withUses(
                        overlay.uses().stream()
                                .map(use -> use(other, song, use))
                                .toList(),
                        overlay.order())
                .withPatterns(overlay.patterns().stream()
                        .map(pattern -> placed(pattern, other.from()))
                        .toList()));
    }

    /** The pattern placed anew as it was said last; itself where it was not said, has a meter of its own or cannot be placed. */
    private Pattern placed(Pattern pattern, Meter before) {
        if (!pattern.meter().equals(before) || pattern.story().said().isEmpty()) return pattern;
        int bars = Math.max(1, pattern.beats() / before.beats().size());
        int beats = bars * meter.beats().size();
        try {
            if (beats > PatternFrame.mostBeats(meter)) return pattern;
            Dictation said = Dictation.parse(pattern.story().said().getLast(), lexicon);
            Placing placing = Placing.of(said, meter, beats, Given.NOTHING);
            if (placing.best().isEmpty()) return pattern;
            return placing.pattern(placing.best().getFirst(), pattern).withForm(pattern.form());
        } catch (Refusal unplaced) {
            return pattern;
        }
    }

    @Override
    public List<Consequence> consequences(Song before) {
        Song after = appliedTo(before);
        Meter from = before.facts().meter();
        if (after.equals(before) || before.sections().isEmpty()) return List.of();
        long bars = before.sections().stream()
                .flatMap(section -> section.bars().stream())
                .filter(from::equals)
                .count();
        long placed = before.patterns().stream()
                .filter(pattern -> !after.pattern(pattern.id()).equals(Optional.of(pattern)))
                .count();
        List<String> left = after.patterns().stream()
                .filter(pattern -> pattern.meter().equals(from))
                .map(Pattern::name)
                .toList();
        return Stream.of(new Consequence.OtherMeter(from, meter, (int) bars, (int) placed, left))
                .map(each -> (Consequence) each)
                .toList();
    }
}
