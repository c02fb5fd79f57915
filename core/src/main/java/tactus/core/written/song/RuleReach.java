package tactus.core.written.song;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.IntStream;
import tactus.core.music.time.BarLines;
import tactus.core.written.rule.PassPlan;
import tactus.core.written.rule.Piece;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.RuleBook;
import tactus.core.written.rule.Situation;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Numbered;
import tactus.core.written.section.PassChoice;

/**
 * How far a rule of a song holds in the place that it speaks of.
 *
 * @param isAnywhere whether there is such a place in the song at all
 * @param beaten what is played otherwise there
 * @param without the entries of the running order, from 0, that it speaks of but for the pass, which they have not
 */
public record RuleReach(boolean isAnywhere, List<Beaten> beaten, List<WithoutPass> without) {

    /** So often rules that beat it are looked for behind those that were beaten. */
    private static final int MOST_TURNS = 8;

    /**
     * A rule that comes first in a part of the place and says otherwise.
     *
     * @param bars of the song, from 1, in order
     */
    public record Beaten(Rule winner, List<Integer> bars) {
        public Beaten {
            Objects.requireNonNull(winner);
            bars = List.copyOf(bars);
        }
    }

    /**
     * An entry of the running order that goes round too seldom to have the pass that is meant.
     *
     * @param use from 0
     * @param passes how often it goes round
     */
    public record WithoutPass(int use, int passes) {}

    public RuleReach {
        beaten = List.copyOf(beaten);
        without = List.copyOf(without);
    }

    /** Whether it holds wherever it speaks. */
    public boolean isWhole() {
        return isAnywhere && beaten.isEmpty() && without.isEmpty();
    }

    /** How far {@code rule}, which is one of its rules, holds in {@code song} as it is shown. */
    public static RuleReach of(Song song, Rule rule) {
        return new Search(song, rule).reach();
    }

    /** {@code song} with {@code rule}, and with what it says said as narrowly as by those that would beat it in its place. */
    public static Song everywhere(Song song, Rule rule) {
        Song next = song;
        for (int turn = 0; turn < MOST_TURNS; turn++) {
            List<Beaten> beaten = of(next, rule).beaten;
            if (beaten.isEmpty()) break;
            for (Beaten each : beaten)
                next = next.withRule(new Rule(each.winner.where().within(rule.where()), rule.play()));
        }
        return next;
    }

    private static final class Search {

        private final Song song;
        private final Rule rule;
        private final Where onAnyPass;
        private final Passes passes;
        private final RuleBook book;
        private final Map<Rule, TreeSet<Integer>> beaten = new LinkedHashMap<>();
        private boolean isAnywhere;

        Search(Song song, Rule rule) {
            this.song = song;
            this.rule = rule;
            onAnyPass = rule.where().withPass(PassChoice.EVERY);
            passes = new Passes(song);
            book = new RuleBook(song.rules());
        }

        RuleReach reach() {
            var without = new ArrayList<WithoutPass>();
            int before = 0;
            for (int use = 0; use < song.uses().size(); use++) {
                boolean isMeant = false;
                boolean isThere = false;
                int count = passes.count(use);
                for (int pass = 1; pass <= count; pass++) {
                    Situation situation = passes.situation(use, pass);
                    isMeant |= situation.isIn(onAnyPass);
                    if (situation.isIn(rule.where())) {
                        isThere = true;
                        look(passes.numbered(use, pass), situation, before);
                    }
                    before += passes.section(use, pass).bars().size();
                }
                if (isMeant && !isThere) without.add(new WithoutPass(use, count));
            }
            return new RuleReach(
                    isAnywhere,
                    beaten.entrySet().stream()
                            .map(each -> new Beaten(each.getKey(), List.copyOf(each.getValue())))
                            .toList(),
                    without);
        }

        /** @param before how many bars of the song come before the pass */
        private void look(Numbered section, Situation situation, int before) {
            List<Rule> rules = book.at(book.in(situation));
            for (Piece piece :
                    PassPlan.of(section, rules, passes.round(section.section())).pieces()) {
                if (PassPlan.holding(List.of(rule), section, piece).isEmpty()) continue;
                isAnywhere = true;
                List<Rule> here = PassPlan.holding(rules, section, piece);
                for (Why.About about : Why.About.values())
                    winner(here, about)
                            .ifPresent(winner -> beaten.computeIfAbsent(winner, _ -> new TreeSet<>())
                                    .addAll(bars(section.lines(), piece, before + 1)));
            }
        }

        private static List<Integer> bars(BarLines lines, Piece piece, int first) {
            return IntStream.range(lines.barAt(piece.start()), lines.bars())
                    .takeWhile(bar -> lines.start(bar).isLessThan(piece.end()))
                    .mapToObj(bar -> first + bar)
                    .toList();
        }

        /** The rule that decides about it otherwise than this one says; empty if this one says nothing. */
        private Optional<Rule> winner(List<Rule> here, Why.About about) {
            if (about.of(rule.play()).isEmpty()) return Optional.empty();
            return RuleBook.decide(here, about::of)
                    .map(RuleBook.Verdict::winner)
                    .filter(winner -> !about.of(winner.play()).equals(about.of(rule.play())));
        }
    }
}
