package tactus.core.counsel.edit;

import java.util.List;
import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.PlayedForm;
import tactus.core.laid.timeline.Timeline;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/** Takes a pattern away; where it was played nothing is. */
public record DeletePattern(PatternId id, String name) implements Edit {

    public DeletePattern {
        Objects.requireNonNull(id);
        Objects.requireNonNull(name);
    }

    /** Returns the edit that takes {@code pattern} away. */
    public static DeletePattern of(Pattern pattern) {
        return new DeletePattern(pattern.id(), pattern.name());
    }

    @Override
    public Statement label() {
        return Statement.of("edit.delete", name);
    }

    @Override
    public Song appliedTo(Song song) {
        return song.withoutPattern(id);
    }

    @Override
    public List<Consequence> consequences(Song before) {
        List<SectionId> played = PlayedForm.sections(before, Timeline.of(before), id);
        if (played.isEmpty()) return List.of();
        return before.pattern(id).stream()
                .<Consequence>map(pattern -> new Consequence.NothingPlayed(pattern, played))
                .toList();
    }
}
