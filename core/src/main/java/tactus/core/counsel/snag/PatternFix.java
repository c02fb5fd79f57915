package tactus.core.counsel.snag;

import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.music.stroke.Direction;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.What;
import tactus.core.written.song.Song;

/** What mends patterns. */
public sealed interface PatternFix extends Fix {

    /** A stroke goes the other way. */
    record Turn(PatternId pattern, int slot, Direction way) implements PatternFix {

        public Turn {
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(way);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.turn", way);
        }

        @Override
        public Song appliedTo(Song song) {
            return song.pattern(pattern)
                    .filter(each -> slot < each.grid().size())
                    .map(each -> song.withPattern(each.withStroke(
                            slot, each.at(each.grid().slots().get(slot)).withWay(way))))
                    .orElse(song);
        }
    }

    /** What was said is no longer kept with the pattern. */
    record ForgetSaying(PatternId pattern, String said) implements PatternFix {

        public ForgetSaying {
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(said);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.forget-saying", said);
        }

        @Override
        public Song appliedTo(Song song) {
            return song.pattern(pattern)
                    .map(each -> song.withPattern(each.withStory(each.story().without(said))))
                    .orElse(song);
        }
    }

    /** One name for two patterns that are the same rhythm. */
    record CallBoth(PatternId gone, PatternId kept, String name) implements PatternFix {

        public CallBoth {
            Objects.requireNonNull(gone);
            Objects.requireNonNull(kept);
            Objects.requireNonNull(name);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.call-both", name);
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
}
