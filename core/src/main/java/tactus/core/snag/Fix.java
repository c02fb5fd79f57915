package tactus.core.snag;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.edit.Edit;
import tactus.core.edit.ReplacePattern;
import tactus.core.harmony.Chord;
import tactus.core.harmony.Span;
import tactus.core.pattern.Form;
import tactus.core.pattern.PatternId;
import tactus.core.rule.FitChoice;
import tactus.core.rule.FormChoice;
import tactus.core.rule.Part;
import tactus.core.rule.Play;
import tactus.core.rule.Rule;
import tactus.core.rule.Where;
import tactus.core.section.Cue;
import tactus.core.section.SectionId;
import tactus.core.shape.FrettingHand;
import tactus.core.shape.Neck;
import tactus.core.shape.ShapeSearch;
import tactus.core.song.Song;
import tactus.core.statement.Statement;
import tactus.core.stroke.Direction;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;

/** What mends a snag in one step. A song that has changed since so that it no longer applies stays as it is. */
public sealed interface Fix extends Edit {

    /** A chord is held as long as its bars. */
    record Hold(SectionId section, int index, Span span) implements Fix {

        public Hold {
            Objects.requireNonNull(section);
            Objects.requireNonNull(span);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.hold", span.chord(), span.length());
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withSection(section, each -> index < each.spans().size() ? each.withSpan(index, span) : each);
        }
    }

    /**
     * A chord is held as in a sibling, and the section becomes as long as that.
     *
     * @param sibling the sibling's name
     */
    record HoldAsIn(SectionId section, int index, Span span, int bars, String sibling) implements Fix {

        public HoldAsIn {
            Objects.requireNonNull(section);
            Objects.requireNonNull(sibling);
            Objects.requireNonNull(span);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.hold-as-in", span.chord(), span.length(), sibling);
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withSection(
                    section,
                    each -> index < each.spans().size()
                            ? each.withSpan(index, span).withBars(resized(each.bars()))
                            : each);
        }

        private List<Meter> resized(List<Meter> now) {
            if (bars <= now.size()) return now.subList(0, bars);
            var longer = new ArrayList<>(now);
            longer.addAll(Collections.nCopies(bars - now.size(), now.getLast()));
            return longer;
        }
    }

    /**
     * What happens where a pattern does not come out even is said.
     *
     * @param choice its short form, or the cut as it is
     */
    record SayFit(SectionId section, int span, FitChoice choice) implements Fix {

        public SayFit {
            Objects.requireNonNull(choice);
            Objects.requireNonNull(section);
        }

        @Override
        public Statement label() {
            return Statement.of(choice == FitChoice.SHORT ? "fix.short-form" : "fix.cut");
        }

        @Override
        public Song appliedTo(Song song) {
            Where where = Where.in(section).withPart(new Part.OnChord(span + 1));
            return song.section(section).isEmpty() ? song : song.withRule(new Rule(where, Play.OPEN.with(choice)));
        }
    }

    /** A pattern is assigned to a section. */
    record Assign(SectionId section, PatternId pattern, String name) implements Fix {

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
    record DeleteRule(Rule rule, boolean isEarlier) implements Fix {

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

    /** A chord gets its easiest shape. */
    record TakeShape(String chord) implements Fix {

        public TakeShape {
            Objects.requireNonNull(chord);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.take-shape", chord);
        }

        @Override
        public Song appliedTo(Song song) {
            var neck = new Neck(Neck.USUAL.scaleLength(), song.facts().capo());
            return Chord.meaning(chord)
                    .flatMap(meaning ->
                            new ShapeSearch(song.facts().tuning(), neck, FrettingHand.USUAL).easiest(meaning))
                    .map(shape -> song.withChord(new Chord(chord, shape.voicing())))
                    .orElse(song);
        }
    }

    /** An exception is taken back. */
    record TakeBack(int entry, int index) implements Fix {

        @Override
        public Statement label() {
            return Statement.of("fix.take-back");
        }

        @Override
        public Song appliedTo(Song song) {
            return song.use(entry)
                    .filter(use -> use.excepts().size() > index)
                    .map(use -> song.withUse(use.minus(index)))
                    .orElse(song);
        }
    }

    /** A section is called otherwise. */
    record Rename(SectionId section, String name) implements Fix {

        public Rename {
            Objects.requireNonNull(name);
            Objects.requireNonNull(section);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.rename", name);
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withSection(section, each -> each.withName(name));
        }
    }

    /** A part is no longer planned. */
    record TakeOffPlan(String part) implements Fix {

        public TakeOffPlan {
            Objects.requireNonNull(part);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.take-off-plan");
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withLesson(song.lesson()
                    .withPlanned(song.lesson().planned().stream()
                            .filter(each -> !each.equals(part))
                            .toList()));
        }
    }

    /** A version plays only beats. */
    record OnlyBeats(String version) implements Fix {

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

    /** @param perMinute in the song's beats */
    record TakeTempo(double perMinute) implements Fix {

        @Override
        public Statement label() {
            return Statement.of("fix.take-tempo", PlayedSnag.rounded(perMinute, 1));
        }

        @Override
        public Song appliedTo(Song song) {
            var tempo = new Tempo(perMinute, song.facts().tempo().beat());
            return song.withFacts(song.facts().withTempo(tempo));
        }
    }

    /** A stroke goes the other way. */
    record Turn(PatternId pattern, int slot, Direction way) implements Fix {

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

    /** One name for two patterns that are the same rhythm. */
    record CallBoth(PatternId gone, PatternId kept, String name) implements Fix {

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
            return new ReplacePattern(gone, kept, name).appliedTo(song);
        }
    }

    /** A cue that counts on is written. */
    record WriteCue(SectionId section, Cue cue) implements Fix {

        public WriteCue {
            Objects.requireNonNull(cue);
            Objects.requireNonNull(section);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.write-cue", cue.text());
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withSection(section, each -> {
                var cues = new ArrayList<>(each.cues());
                cues.add(cue);
                return each.withCues(cues);
            });
        }
    }
}
