package tactus.core.counsel.snag;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.statement.Statement;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.FitChoice;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/** What mends the rules. */
public sealed interface RuleFix extends Fix {

    /**
     * What happens where a pattern does not come out even is said, of all the places at once.
     *
     * @param choice its short form, through the changes, or the cut as it is
     */
    record SayFit(List<On> places, FitChoice choice) implements RuleFix {

        /**
         * Chords of a section; going on through the changes is said of the whole section.
         *
         * @param chords their numbers, from 1
         */
        public record On(SectionId section, List<Integer> chords) {

            public On {
                Objects.requireNonNull(section);
                chords = List.copyOf(chords);
            }
        }

        public SayFit {
            Objects.requireNonNull(choice);
            places = List.copyOf(places);
        }

        @Override
        public Statement label() {
            return Statement.of(
                    switch (choice) {
                        case SHORT -> "fix.short-form";
                        case CARRY -> "fix.carry";
                        default -> "fix.cut";
                    });
        }

        @Override
        public Song appliedTo(Song song) {
            Song next = song;
            for (On on : places) {
                if (song.section(on.section).isEmpty()) continue;
                Where section = Where.in(on.section);
                List<Where> where = choice == FitChoice.CARRY
                        ? List.of(section)
                        : on.chords.stream()
                                .map(chord -> section.withPart(new Part.OnChord(chord)))
                                .toList();
                for (Where each : where) next = next.withRule(new Rule(each, Play.OPEN.with(choice)));
            }
            return next;
        }
    }

    /** A pattern is assigned to a section. */
    record Assign(SectionId section, PatternId pattern, String name) implements RuleFix {

        public Assign {
            Objects.requireNonNull(name);
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(section);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.assign", name);
        }

        @Override
        public Song appliedTo(Song song) {
            boolean there =
                    song.pattern(pattern).isPresent() && song.section(section).isPresent();
            return there ? song.withRule(new Rule(Where.in(section), Play.pattern(pattern))) : song;
        }
    }

    /** @param isEarlier whether it is the earlier of two that contradict each other */
    record DeleteRule(Rule rule, boolean isEarlier) implements RuleFix {

        public DeleteRule {
            Objects.requireNonNull(rule);
        }

        @Override
        public Statement label() {
            return Statement.of(isEarlier ? "fix.delete-earlier" : "fix.delete-rule");
        }

        @Override
        public Song appliedTo(Song song) {
            var rest = new ArrayList<>(song.rules());
            rest.remove(rule);
            return song.withRules(rest);
        }
    }

    /** A version plays only beats. */
    record OnlyBeats(String version) implements RuleFix {

        public OnlyBeats {
            Objects.requireNonNull(version);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.only-beats", version);
        }

        @Override
        public Song appliedTo(Song song) {
            Where where = Where.EVERYWHERE.withVersion(Optional.of(version));
            return song.versions().named(version).isEmpty()
                    ? song
                    : song.withRule(new Rule(where, Play.OPEN.with(FormChoice.of(Form.Derivation.LIGHT_BEATS))));
        }
    }
}
