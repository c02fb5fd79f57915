package tactus.core.laid.timeline;

import java.util.Objects;
import java.util.OptionalInt;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.section.SectionId;

/**
 * A bar as played.
 *
 * @param number from 1 through the song; 0 is the pick-up in front of the first bar
 * @param start where it begins
 * @param seconds when it begins, at the song's tempo
 * @param use which entry of the running order it belongs to, from 0
 * @param pass which time round that section goes, from 1
 * @param inSection which bar of the section it is on this pass, from 0; empty for the pick-up
 * @param numberInSection the number by which it is spoken of within the section, see {@link tactus.core.written.section.Numbered}; 0 for the pick-up
 */
public record TimelineBar(
        int number,
        Meter meter,
        Length start,
        double seconds,
        SectionId section,
        int use,
        int pass,
        OptionalInt inSection,
        int numberInSection) {

    public TimelineBar {
        Objects.requireNonNull(inSection);
        Objects.requireNonNull(meter);
        Objects.requireNonNull(section);
        Objects.requireNonNull(start);
    }

    /** Whether a pass of the section begins with it. */
    public boolean isFirst() {
        return inSection.equals(OptionalInt.of(0));
    }

    /** Whether it is the incomplete bar in front of the first one. */
    public boolean isPickup() {
        return inSection.isEmpty();
    }

    /** Where {@code at} lies in it: 0 at its start, 1 at its end; what lies outside is at the nearer one. */
    public double part(Length at) {
        return Math.clamp(at.minus(start).dividedBy(meter.length()).toDouble(), 0, 1);
    }

    /** Where it ends. */
    public Length end() {
        return start.plus(meter.length());
    }
}
