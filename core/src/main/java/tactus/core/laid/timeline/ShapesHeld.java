package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.music.time.Length;
import tactus.core.written.harmony.Span;
import tactus.core.written.rule.PassPlan;
import tactus.core.written.rule.Piece;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.ShapeChoice;
import tactus.core.written.section.Numbered;
import tactus.core.written.song.Song;

/** The chords of a pass in the shapes that rules ask for. */
final class ShapesHeld {

    private ShapesHeld() {}

    /** @param rules those of the pass, the most specific first */
    static Numbered in(Song song, Numbered section, List<Rule> rules, Length round) {
        if (rules.stream().allMatch(rule -> rule.play().shapes().isEmpty())) return section;
        var spans = new ArrayList<>(section.section().spans());
        for (Piece piece : PassPlan.of(section, rules, round).pieces()) {
            Span written = section.section().spans().get(piece.span());
            choice(rules, section, piece)
                    .map(choice -> choice.of(written.chord()))
                    .filter(name -> song.chord(name).isPresent())
                    .ifPresent(name -> spans.set(piece.span(), new Span(name, written.length())));
        }
        return section.with(section.section().withSpans(spans));
    }

    private static Optional<ShapeChoice> choice(List<Rule> rules, Numbered section, Piece piece) {
        return PassPlan.holding(rules, section, piece).stream()
                .flatMap(rule -> rule.play().shapes().stream())
                .findFirst();
    }
}
