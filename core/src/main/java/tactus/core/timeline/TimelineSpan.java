package tactus.core.timeline;

import java.util.Optional;
import tactus.core.pattern.PatternId;
import tactus.core.time.Length;

/**
 * A chord as played.
 *
 * @param end where it ends, at the end of its section at the latest
 * @param use which entry of the running order it belongs to, from 0
 * @param pass which time round that section goes, from 1
 * @param inSection which span of the section it is, from 0
 * @param pattern what is played over it
 * @param fit how the pattern fills it; empty where none is played
 */
public record TimelineSpan(
        String chord,
        Length start,
        Length end,
        int use,
        int pass,
        int inSection,
        Optional<PatternId> pattern,
        Optional<Fit> fit) {}
