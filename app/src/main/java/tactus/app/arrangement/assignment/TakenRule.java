package tactus.app.arrangement.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;
import tactus.core.laid.timeline.BarRange;
import tactus.core.written.rule.Rule;
import tactus.core.written.song.RuleReach;
import tactus.core.written.song.Song;
import tactus.words.SongWords;
import tactus.words.Words;

/**
 * A rule that was taken, and where it does not hold though it speaks of it.
 *
 * @param into the song, as it is written, that it was taken into
 * @param notThere where, and why, line by line
 * @param isBeaten whether something else is played somewhere because of nearer rules
 */
record TakenRule(Rule rule, Song into, List<String> notThere, boolean isBeaten) {

    TakenRule {
        Objects.requireNonNull(into);
        Objects.requireNonNull(rule);
        notThere = List.copyOf(notThere);
    }

    /** @param shown the song as it is shown, with {@code rule} */
    static TakenRule of(Song shown, Song written, Rule rule) {
        RuleReach reach = RuleReach.of(shown, rule);
        return new TakenRule(
                rule,
                written,
                lines(new SongWords(shown), reach),
                !reach.beaten().isEmpty());
    }

    private static List<String> lines(SongWords words, RuleReach reach) {
        var lines = new ArrayList<String>();
        for (RuleReach.Beaten each : reach.beaten()) {
            String bars =
                    BarRange.of(each.bars()).stream().map(BarRange::toString).collect(Collectors.joining(", "));
            lines.add(Words.of("rules.beaten", each.bars().size(), bars, words.of(each.winner())));
        }
        reach.without().stream()
                .collect(Collectors.groupingBy(
                        RuleReach.WithoutPass::passes,
                        TreeMap::new,
                        Collectors.mapping(each -> words.use(each.use()), Collectors.joining(", "))))
                .forEach((passes, uses) -> lines.add(Words.of("rules.without", uses, passes)));
        if (!reach.isAnywhere()) lines.add(Words.of("rules.nowhere"));
        return lines;
    }
}
