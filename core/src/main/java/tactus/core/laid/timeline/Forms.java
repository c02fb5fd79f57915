package tactus.core.laid.timeline;

import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.rhythm.Cells;
import tactus.core.patterns.variation.Variation;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.song.Song;

/** The forms of a song's patterns: written ones, or derived where none is written. Remembers what it has found, and can be asked from several threads. */
final class Forms {

    private record Asked(PatternId pattern, FormChoice form) {}

    /**
     * A pattern with its slots from the first bar line on, and what the hands do at each.
     *
     * @param starts where the slots lie, counted from the first bar line
     * @param length of one round
     */
    record Moving(Pattern pattern, List<Slot> slots, List<Length> starts, List<Motion> motions, Length length) {}

    private final Map<PatternId, Pattern> patterns = new HashMap<>();
    private final Map<Asked, Optional<Pattern>> found = new ConcurrentHashMap<>();
    private final Map<Pattern, Map<Length, Boolean>> whole = Collections.synchronizedMap(new IdentityHashMap<>());
    private final Map<Pattern, Moving> moving = Collections.synchronizedMap(new IdentityHashMap<>());

    Forms(Song song) {
        song.patterns().forEach(pattern -> patterns.put(pattern.id(), pattern));
    }

    /** {@code form} of a pattern, or the pattern itself where it has no such form. */
    Optional<Pattern> of(PatternId id, FormChoice form) {
        Optional<Pattern> full = Optional.ofNullable(patterns.get(id));
        // A form that somebody has kept is not formed again.
        if (form.rule().isEmpty() || full.filter(pattern -> isBy(pattern, form)).isPresent()) return full;
        return found.computeIfAbsent(
                        new Asked(id, form),
                        asked -> written(id, asked.form.rule().orElseThrow())
                                .or(() -> full.flatMap(pattern ->
                                        Variation.of(pattern, asked.form.rule().orElseThrow()))))
                .or(() -> full);
    }

    private static boolean isBy(Pattern pattern, FormChoice form) {
        return pattern.form().map(Form::rule).equals(form.rule());
    }

    /** Whether {@code pattern} stands in the song as it is, under its own name. */
    boolean isKept(Pattern pattern) {
        return pattern.equals(patterns.get(pattern.id()));
    }

    /** The short form that somebody has written or kept in the song. */
    Optional<Pattern> shortWritten(PatternId id) {
        return written(id, Form.Derivation.SHORT_FIRST_HALF).or(() -> written(id, Form.Derivation.SHORT_ACCENTED_HALF));
    }

    /** The short form, derived where none is written. */
    Optional<Pattern> shortOf(PatternId id) {
        return shortWritten(id).or(() -> of(id, FormChoice.of(Form.Derivation.SHORT_FIRST_HALF)));
    }

    private Optional<Pattern> written(PatternId id, Form.Derivation rule) {
        return patterns.values().stream()
                .filter(pattern -> pattern.form()
                        .filter(form -> form.of().equals(id) && form.rule() == rule)
                        .isPresent())
                .findFirst();
    }

    /** See {@link Cells#endsWhole}. */
    boolean endsWhole(Pattern pattern, Length end) {
        return whole.computeIfAbsent(pattern, _ -> new ConcurrentHashMap<>())
                .computeIfAbsent(end, each -> Cells.endsWhole(pattern, each));
    }

    Moving moving(Pattern pattern) {
        return moving.computeIfAbsent(pattern, each -> {
            List<Slot> slots =
                    each.grid().slots().stream().filter(slot -> slot.bar() >= 0).toList();
            Length lead = each.frame().pickupLength();
            return new Moving(
                    each,
                    slots,
                    slots.stream()
                            .map(slot -> lead.isZero() ? slot.at() : slot.at().minus(lead))
                            .toList(),
                    slots.stream().map(slot -> Motion.of(each, slot)).toList(),
                    each.length());
        });
    }
}
