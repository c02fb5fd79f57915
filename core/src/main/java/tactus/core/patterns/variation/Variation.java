package tactus.core.patterns.variation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.Division;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Form.Derivation;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;

/** Derives forms of patterns. The rules are common practice. */
public final class Variation {

    private Variation() {}

    /** What {@code rule} makes of {@code pattern}, with the same name and id; empty if it changes nothing or makes silence. */
    public static Optional<Pattern> of(Pattern pattern, Derivation rule) {
        Pattern made = switch (rule) {
            case SHORT_FIRST_HALF -> half(pattern, 0);
            case SHORT_ACCENTED_HALF -> half(pattern, accents(pattern, 0) >= accents(pattern, 1) ? 0 : 1);
            case LAST_TIME -> lastTime(pattern);
            case LIGHT_BEATS -> filtered(pattern, (_, slot) -> slot.startsBeat());
            case LIGHT_DOWNS -> filtered(pattern, (stroke, _) -> !stroke.way().equals(Optional.of(Direction.UP)));
            case BUSIER -> busier(pattern);
            case BACKBEAT_MUTES -> mutedBackbeat(pattern);
            case BASS_THEN_CHORD -> bassThenChord(pattern);
            case SWUNG -> swung(pattern);
            case HALF_TIME ->
                resized(pattern, pattern.beats() * 2, pattern.division().slots() / 2);
            case DOUBLE_TIME ->
                resized(pattern, pattern.beats() / 2, pattern.division().slots() * 2);
        };
        boolean silent = made.played().stream().noneMatch(Stroke::isStruck);
        boolean same = made.frame().equals(pattern.frame()) && made.played().equals(pattern.played());
        return silent || same ? Optional.empty() : Optional.of(made);
    }

    /** All patterns that follow {@code parent}, and those that follow these, made anew. */
    public static List<Pattern> following(List<Pattern> patterns, Pattern parent) {
        List<Pattern> all = patterns;
        for (Pattern form : patterns) {
            Pattern followed = followed(form, parent);
            if (followed.equals(form)) continue;
            List<Pattern> before = all;
            all = following(
                    before.stream()
                            .map(each -> each.id().equals(form.id()) ? followed : each)
                            .toList(),
                    followed);
        }
        return all;
    }

    /** {@code changed} itself, no longer following its parent if it is a form that the rule would not make. */
    public static Pattern settled(List<Pattern> patterns, Pattern changed) {
        Optional<Form> form = changed.form().filter(link -> !link.isEdited());
        Optional<Pattern> made = form.flatMap(link -> patterns.stream()
                        .filter(each -> each.id().equals(link.of()))
                        .findFirst())
                .flatMap(parent -> of(parent, form.get().rule()));
        boolean asMade = made.filter(pattern -> pattern.frame().equals(changed.frame())
                        && pattern.played().equals(changed.played()))
                .isPresent();
        return form.isEmpty() || asMade ? changed : changed.withForm(form.map(Form::edited));
    }

    private static Pattern followed(Pattern form, Pattern parent) {
        return form.form()
                .filter(link -> link.of().equals(parent.id()) && !link.isEdited())
                .flatMap(link -> of(parent, link.rule())
                        .map(made -> made.copiedAs(form.id(), form.name()).withForm(form.form())))
                .orElse(form);
    }

    private static int accents(Pattern pattern, int half) {
        int beats = pattern.beats() / 2;
        return (int) pattern.grid().slots().stream()
                .filter(slot -> slot.bar() >= 0 && (beat(pattern, slot) < beats ? 0 : 1) == half)
                .filter(slot -> pattern.at(slot).force().isAccented())
                .count();
    }

    /** The felt beat that {@code slot} is in, counted from the first bar line; negative in a pick-up. */
    private static int beat(Pattern pattern, Slot slot) {
        return slot.beat() - pattern.frame().pickup();
    }

    /** One half of the beats, the longer one where they are odd, without a pick-up. */
    private static Pattern half(Pattern pattern, int half) {
        int beats = (pattern.beats() + 1) / 2;
        if (beats == pattern.beats()) return pattern;
        List<Slot> slots = pattern.grid().slots();
        int from = half == 0 ? 0 : pattern.beats() - beats;
        List<Stroke> kept = slots.stream()
                .filter(slot -> beat(pattern, slot) >= from && beat(pattern, slot) < from + beats)
                .map(pattern::at)
                .toList();
        PatternFrame shorter = PatternFrame.of(pattern.meter(), beats, pattern.division(), pattern.hand())
                .withFeel(pattern.frame().feel());
        if (shorter.grid().size() != kept.size()) return pattern;
        return Pattern.empty(pattern.id(), pattern.name(), shorter)
                .withPlayed(kept)
                .withPicking(pattern.picking())
                .withStory(pattern.story());
    }

    /** The last felt beat is struck once, and what was struck rings on. */
    private static Pattern lastTime(Pattern pattern) {
        int last = pattern.beats() - 1;
        int struckFrom = Math.max(0, last - (pattern.beats() > 2 ? 1 : 0));
        return changed(pattern, (stroke, slot) -> {
            if (beat(pattern, slot) < struckFrom) return stroke;
            if (beat(pattern, slot) == struckFrom && slot.startsBeat()) {
                return stroke.isStruck() ? stroke : Strum.of(pattern.frame().usualAt(slot));
            }
            return Ring.RING;
        });
    }

    private interface Change {
        Stroke of(Stroke stroke, Slot slot);
    }

    private interface Test {
        boolean keeps(Stroke stroke, Slot slot);
    }

    private static Pattern changed(Pattern pattern, Change change) {
        var strokes = new ArrayList<Stroke>();
        for (Slot slot : pattern.grid().slots()) strokes.add(change.of(pattern.at(slot), slot));
        return pattern.withPlayed(strokes);
    }

    private static Pattern filtered(Pattern pattern, Test test) {
        return changed(pattern, (stroke, slot) -> !stroke.isStruck() || test.keeps(stroke, slot) ? stroke : Miss.MISS);
    }

    /** Every crossing between a struck slot and the next felt beat is struck, softly by its nature: ups on the treble. */
    private static Pattern busier(Pattern pattern) {
        return changed(pattern, (stroke, slot) -> {
            boolean empty =
                    stroke instanceof Miss && pattern.frame().handAt(slot).isPresent();
            if (!empty) return stroke;
            Strum added = Strum.of(pattern.frame().usualAt(slot));
            return added.direction() == Direction.UP ? added.withReach(Reach.TREBLE) : added;
        });
    }

    /** Beats 2 and 4 of four, 2 of two; 3 where beats are few: every second felt beat. */
    private static Pattern mutedBackbeat(Pattern pattern) {
        int inBar = pattern.meter().beats().size();
        return changed(
                pattern,
                (stroke, slot) -> slot.startsBeat() && Math.floorMod(beat(pattern, slot), inBar) % 2 == 1
                        ? new Mute(pattern.frame().usualAt(slot), Mute.Kind.CHOP, stroke.force())
                        : stroke);
    }

    /** Strums on felt beats go to the bass and the treble by turns, others to the treble. */
    private static Pattern bassThenChord(Pattern pattern) {
        int inBar = pattern.meter().beats().size();
        return changed(pattern, (stroke, slot) -> {
            if (!(stroke instanceof Strum strum)) return stroke;
            boolean bass = slot.startsBeat() && Math.floorMod(beat(pattern, slot), inBar) % 2 == 0;
            return strum.withReach(bass ? Reach.BASS : Reach.TREBLE);
        });
    }

    /** The same strokes on other beats; the pattern itself where they do not come out even. */
    private static Pattern resized(Pattern pattern, int beats, int slots) {
        boolean possible = beats >= 1
                && beats <= PatternFrame.mostBeats(pattern.meter())
                && slots >= 1
                && slots <= 8
                && beats * slots == pattern.beats() * pattern.division().slots()
                && Division.of(slots).fits(pattern.meter())
                && pattern.frame().divided().isEmpty()
                && pattern.frame().pickup() == 0;
        if (!possible) return pattern;
        boolean slower = beats > pattern.beats();
        Length rate =
                slower ? pattern.hand().rate().times(2) : pattern.hand().rate().dividedBy(2);
        PatternFrame frame = PatternFrame.of(
                pattern.meter(),
                beats,
                Division.of(slots),
                new Hand(pattern.hand().mode(), rate));
        if (frame.grid().size() != pattern.grid().size()) return pattern;
        return Pattern.empty(pattern.id(), pattern.name(), frame)
                .withPlayed(withTheHand(pattern, frame))
                .withPicking(pattern.picking())
                .withStory(pattern.story());
    }

    /** Strokes that went with the hand go with it where they lie now: in three quarters a bar can begin with another. */
    private static List<Stroke> withTheHand(Pattern pattern, PatternFrame frame) {
        List<Slot> slots = frame.grid().slots();
        return pattern.grid().slots().stream()
                .map(slot -> pattern.isAgainstHand(slot)
                        ? pattern.at(slot)
                        : pattern.at(slot).withWay(frame.usualAt(slots.get(slot.index()))))
                .toList();
    }

    private static Pattern swung(Pattern pattern) {
        boolean pairs =
                pattern.division().slots() % 2 == 0 && pattern.division().slots() != 6;
        return pairs && pattern.frame().feel().isStraight()
                ? pattern.withFrame(pattern.frame().withFeel(Feel.TRIPLET_SWING))
                : pattern;
    }
}
