package tactus.core.edit;

import java.util.Objects;
import tactus.core.pattern.PatternId;
import tactus.core.rule.Rule;
import tactus.core.rule.What;
import tactus.core.song.Song;
import tactus.core.statement.Statement;

/** Plays one pattern wherever another one was played, and takes that away. */
public record ReplacePattern(PatternId gone, PatternId kept, String name) implements Edit {

    public ReplacePattern {
        Objects.requireNonNull(gone);
        Objects.requireNonNull(kept);
        Objects.requireNonNull(name);
    }

    @Override
    public Statement label() {
        return Statement.of("edit.call-both", name);
    }

    @Override
    public Song appliedTo(Song song) {
        if (song.pattern(kept).isEmpty() || song.pattern(gone).isEmpty()) return song;
        var rules = song.rules().stream().map(this::replaced).toList();
        var sections = song.sections().stream()
                .map(section -> section.withSecond(section.second().stream()
                        .map(id -> id.equals(gone) ? kept : id)
                        .toList()))
                .toList();
        return song.withRules(rules).withSections(sections).withoutPattern(gone);
    }

    private Rule replaced(Rule rule) {
        boolean says = rule.pattern().filter(gone::equals).isPresent();
        return says ? rule.withPlay(rule.play().with(new What.Plays(kept))) : rule;
    }
}
