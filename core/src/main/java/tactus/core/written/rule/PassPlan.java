package tactus.core.written.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.written.harmony.Chord;
import tactus.core.written.section.Numbered;
import tactus.core.written.section.Section;
import tactus.core.written.section.Stretch.Bounds;

/**
 * One pass of a section cut into pieces, each with one answer of the rules.
 *
 * @param pieces in order; together they are as long as the chords, within the bars
 * @param assigned what is played on each
 */
public record PassPlan(List<Piece> pieces, List<Assigned> assigned) {

    public PassPlan {
        pieces = List.copyOf(pieces);
        assigned = List.copyOf(assigned);
    }

    /**
     * Cuts a pass where a rule starts or ends.
     *
     * @param section as it is on this pass
     * @param rules those that hold there or in a part of it, the most specific first
     * @param round how long one round is, for chords that are counted in rounds
     */
    public static PassPlan of(Numbered section, List<Rule> rules, Length round) {
        return of(section, rules, round, section.section().sung());
    }

    /** @param sung where somebody sings, as {@link Section#sung} has it */
    public static PassPlan of(Numbered section, List<Rule> rules, Length round, List<Bounds> sung) {
        return new Planning(section, rules, round, sung).plan();
    }

    /** The rules among {@code rules} that hold on {@code piece} of {@code section}. */
    public static List<Rule> holding(List<Rule> rules, Numbered section, Piece piece) {
        return rules.stream().filter(rule -> holds(rule, piece, section)).toList();
    }

    private static boolean holds(Rule rule, Piece piece, Numbered section) {
        return rule.where().part().map(part -> holds(part, piece, section)).orElse(true);
    }

    private static boolean holds(Part part, Piece piece, Numbered section) {
        return switch (part) {
            case Part.OnChord _, Part.OnChordFromEnd _ -> part.isChord(section, piece.span());
            case Part.SharedBars() -> piece.sharesBar();
            case Part.OnName name -> name.has(piece.chord()) && (!name.isLast() || piece.isLastOfName());
            case Part.Both(Part one, Part other) -> holds(one, piece, section) && holds(other, piece, section);
            case Part.Voice(boolean sung) -> piece.isSung() == sung;
            case Part.InBars _, Part.InHalf _ ->
                bounds(part, section)
                        .filter(bounds -> !piece.start().isLessThan(bounds.from())
                                && piece.start().isLessThan(bounds.to()))
                        .isPresent();
        };
    }

    /** Where the bars of a part lie, if it speaks of bars. */
    public static Optional<Bounds> bounds(Part part, Numbered section) {
        return switch (part) {
            case Part.InBars(var stretch) -> section.in(stretch);
            case Part.InHalf(boolean second) -> {
                BarLines bars = section.lines();
                Length middle = bars.start((bars.bars() + 1) / 2);
                yield Optional.of(second ? new Bounds(middle, bars.length()) : new Bounds(Length.ZERO, middle));
            }
            case Part.Both(Part one, Part other) -> bounds(one, section).or(() -> bounds(other, section));
            case Part.OnChord _, Part.OnChordFromEnd _, Part.OnName _, Part.SharedBars _, Part.Voice _ ->
                Optional.empty();
        };
    }

    private static final class Planning {

        private final Numbered numbered;
        private final Section section;
        private final List<Rule> rules;
        private final BarLines bars;
        private final List<Length> edges;
        private final List<Bounds> sung;
        private final List<Piece> pieces = new ArrayList<>();

        Planning(Numbered numbered, List<Rule> rules, Length round, List<Bounds> sung) {
            this.numbered = numbered;
            section = numbered.section();
            this.rules = rules;
            bars = numbered.lines();
            edges = section.edges(round);
            this.sung = sung;
        }

        PassPlan plan() {
            TreeSet<Length> cuts = cuts();
            for (int span = 0; span < section.spans().size(); span++) {
                if (!edges.get(span).isLessThan(bars.length())) break;
                cut(span, cuts);
            }
            var assigned = new ArrayList<Assigned>();
            List<Rule> before = List.of();
            for (Piece piece : pieces) {
                List<Rule> here = rules.stream()
                        .filter(rule -> holds(rule, piece, numbered))
                        .toList();
                boolean same = !assigned.isEmpty() && areSame(here, before);
                assigned.add(same ? assigned.getLast() : Assigned.by(here));
                before = here;
            }
            return new PassPlan(pieces, assigned);
        }

        /** Whether they are the very same rules, which is quicker to see than whether they say the same. */
        private static boolean areSame(List<Rule> one, List<Rule> other) {
            if (one.size() != other.size()) return false;
            for (int i = 0; i < one.size(); i++) if (one.get(i) != other.get(i)) return false;
            return true;
        }

        private TreeSet<Length> cuts() {
            var cuts = new TreeSet<Length>();
            for (Rule rule : rules) {
                rule.where().part().ifPresent(part -> addCuts(part, cuts));
            }
            return cuts;
        }

        private void addCuts(Part part, TreeSet<Length> cuts) {
            switch (part) {
                case Part.Both(Part one, Part other) -> {
                    addCuts(one, cuts);
                    addCuts(other, cuts);
                }
                case Part.Voice _ -> sung.forEach(bounds -> add(cuts, bounds));
                default -> bounds(part, numbered).ifPresent(bounds -> add(cuts, bounds));
            }
        }

        private static void add(TreeSet<Length> cuts, Bounds bounds) {
            cuts.add(bounds.from());
            cuts.add(bounds.to());
        }

        private void cut(int span, TreeSet<Length> cuts) {
            Length end = edges.get(span + 1).min(bars.length());
            boolean shares = sharesBar(edges.get(span), end);
            Length at = edges.get(span);
            while (at.isLessThan(end)) {
                Length next = cuts.higher(at);
                Length to = next == null ? end : next.min(end);
                pieces.add(new Piece(
                        span, section.spans().size(), chord(span), isLastOfName(span), at, to, shares, isSung(at)));
                at = to;
            }
        }

        private String chord(int span) {
            return section.spans().get(span).chord();
        }

        private boolean isLastOfName(int span) {
            String name = Chord.plainName(chord(span));
            return section.spans().subList(span + 1, section.spans().size()).stream()
                    .noneMatch(later -> Chord.plainName(later.chord()).equals(name));
        }

        private boolean sharesBar(Length start, Length end) {
            int bar = bars.barAt(start);
            return !bars.start(bar).equals(start) || end.isLessThan(bars.start(bar + 1));
        }

        private boolean isSung(Length at) {
            return sung.stream().anyMatch(bounds -> !at.isLessThan(bounds.from()) && at.isLessThan(bounds.to()));
        }
    }
}
