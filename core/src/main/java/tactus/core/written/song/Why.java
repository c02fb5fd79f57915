package tactus.core.written.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import tactus.core.written.rule.PassPlan;
import tactus.core.written.rule.Piece;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.RuleBook;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Numbered;

/**
 * Why something is played at one place: for each thing that rules say, the one that wins and those that it beats.
 *
 * @param reasons what is played first
 */
public record Why(List<Reason> reasons) {

    /** What rules decide, each on its own. */
    public enum About {
        WHAT(Play::what),
        FORM(Play::form),
        FIT(Play::fit),
        LOUDNESS(Play::dynamics),
        KEY(Play::raise),
        TEMPO(Play::pace),
        SHAPE(Play::shapes),
        SECOND_GUITAR(Play::second);

        private final Function<Play, Optional<?>> says;

        About(Function<Play, Optional<?>> says) {
            this.says = says;
        }

        /** What {@code play} says about it. */
        Optional<Object> of(Play play) {
            return says.apply(play).map(Object.class::cast);
        }
    }

    /**
     * A rule that wins.
     *
     * @param beaten the rules it beats, the most specific first
     * @param isTied whether one of them is just as specific, so that only the order in which they were written decides
     */
    public record Reason(About about, Rule winner, List<Rule> beaten, boolean isTied) {
        public Reason {
            Objects.requireNonNull(about);
            Objects.requireNonNull(winner);
            beaten = List.copyOf(beaten);
        }

        /**
         * The rule that lets a beaten one win where both speak: of a bar of the section the one for a single use of it. Empty
         * where the winner's place is within that of the beaten one already.
         */
        public Optional<Rule> letting(Rule loser) {
            Where both = winner.where().within(loser.where());
            return both.isNarrowerThan(winner.where()) ? Optional.of(new Rule(both, loser.play())) : Optional.empty();
        }
    }

    public Why {
        reasons = List.copyOf(reasons);
    }

    /**
     * Asks about the start of a chord.
     *
     * @param use the index of the entry of the running order, from 0
     * @param pass from 1
     * @param span the chord, from 0
     */
    public static Why at(Song written, int use, int pass, int span) {
        Song song = written.asShown();
        var passes = new Passes(song);
        Numbered section = passes.numbered(use, pass);
        var book = new RuleBook(song.rules());
        List<Rule> rules = book.at(book.in(passes.situation(use, pass)));
        Optional<Piece> piece = PassPlan.of(section, rules, passes.round(section.section())).pieces().stream()
                .filter(each -> each.span() == span)
                .findFirst();
        List<Rule> here =
                piece.map(each -> PassPlan.holding(rules, section, each)).orElse(List.of());
        var reasons = new ArrayList<Reason>();
        for (About about : About.values()) add(reasons, here, about);
        return new Why(reasons);
    }

    private static void add(List<Reason> reasons, List<Rule> rules, About about) {
        RuleBook.decide(rules, about::of)
                .ifPresent(verdict -> reasons.add(new Reason(
                        about,
                        verdict.winner(),
                        verdict.beaten(),
                        !verdict.ties().isEmpty())));
    }
}
