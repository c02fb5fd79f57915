package tactus.core.laid.timeline;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Raise;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.What;

/**
 * A chord as played, or as much of it as one rule speaks of.
 *
 * @param end where it ends, at the end of its section at the latest
 * @param use which entry of the running order it belongs to, from 0
 * @param pass which time round that section goes, from 1
 * @param inSection which span of the section it is, from 0; empty in front of the first bar
 * @param goesOn whether it is a later piece of a chord
 * @param played what is played over it
 * @param raise how the section lies in another key here, if it does
 */
public record TimelineSpan(
        String chord,
        Length start,
        Length end,
        int use,
        int pass,
        OptionalInt inSection,
        boolean goesOn,
        Played played,
        Optional<Raise> raise) {

    public TimelineSpan {
        Objects.requireNonNull(chord);
        Objects.requireNonNull(end);
        Objects.requireNonNull(inSection);
        Objects.requireNonNull(played);
        Objects.requireNonNull(raise);
        Objects.requireNonNull(start);
    }

    /**
     * What is played over a chord, and why.
     *
     * @param what what the rules say; empty if none does
     * @param pattern the pattern whose strokes are there
     * @param form its form
     * @param fit how the pattern fills it; empty where none is played
     * @param swell how loud
     * @param rule the rule that decided what is played
     */
    public record Played(
            Optional<What> what,
            Optional<PatternId> pattern,
            FormChoice form,
            Optional<Fit> fit,
            Swell swell,
            Optional<Rule> rule) {

        public Played {
            Objects.requireNonNull(fit);
            Objects.requireNonNull(form);
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(rule);
            Objects.requireNonNull(swell);
            Objects.requireNonNull(what);
        }

        /** Nothing is played and no rule speaks of it. */
        static final Played NOTHING = new Played(
                Optional.empty(), Optional.empty(), FormChoice.FULL, Optional.empty(), Swell.USUAL, Optional.empty());
    }

    /** Whether it is the span with the index {@code span} of its section. */
    public boolean isAt(int span) {
        return inSection.isPresent() && inSection.getAsInt() == span;
    }

    /** See {@link Played#pattern}. */
    public Optional<PatternId> pattern() {
        return played.pattern();
    }

    /** How many semitones higher its strings sound than elsewhere in the song. */
    public int semitonesUp() {
        return raise.filter(each -> each.way() == Raise.Way.CAPO)
                .map(Raise::semitones)
                .orElse(0);
    }

    /** See {@link Played#fit}. */
    public Optional<Fit> fit() {
        return played.fit();
    }
}
