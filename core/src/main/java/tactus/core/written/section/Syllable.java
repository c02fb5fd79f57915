package tactus.core.written.section;

import java.util.Objects;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;

/**
 * A word or a syllable of the words that are sung.
 *
 * @param bar of the section, from 1; 0 stands in front of its first bar
 * @param inBar from the start of that bar
 * @param text 1 to 40 characters
 * @param goesOn whether the next syllable belongs to the same word
 */
public record Syllable(int bar, Length inBar, String text, boolean goesOn) {

    /** The most characters of a syllable. */
    public static final int LONGEST = 40;

    /** @throws Refusal if the bar or the text is outside its range */
    public Syllable {
        Objects.requireNonNull(inBar);
        if (bar < 0 || bar > Section.MOST_BARS) throw new Refusal("cue.stands-bar", bar);
        if (text.isBlank() || text.length() > LONGEST) throw new Refusal("words.syllable", LONGEST, text.length());
    }

    /**
     * Where it is sung, from the start of the section; below zero in front of it.
     *
     * @param bars those of the section, of which it is in one
     */
    public Length at(BarLines bars) {
        if (bar == 0) return inBar.minus(bars.meter(0).length());
        return bars.start(bar - 1).plus(inBar);
    }

    Syllable movedBy(int bars) {
        return new Syllable(bar + bars, inBar, text, goesOn);
    }
}
