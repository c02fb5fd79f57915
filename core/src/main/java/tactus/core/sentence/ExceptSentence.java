package tactus.core.sentence;

import java.util.List;
import tactus.core.harmony.HarmonyLine;
import tactus.core.section.Except;
import tactus.core.song.Song;
import tactus.core.time.Length;

/** What is other in a later use of a section, as a sentence: {@code last 2 bars: F | G instead}. */
public final class ExceptSentence {

    private ExceptSentence() {}

    /** Says what {@code except} changes. */
    public static String of(Song song, Except except) {
        String passes = except.on().isEvery() || except.change() instanceof Except.Runs ? "" : except.on() + ", ";
        return passes
                + switch (except.change()) {
                    case Except.Runs(int count) -> "goes round " + count + (count == 1 ? " time" : " times");
                    case Except.OtherBars(var where, var bars) -> where + ": " + line(song, bars) + " instead";
                    case Except.ExtraBars(var bars) -> "then " + line(song, bars);
                    case Except.LeftOut(var where) -> where + " left out";
                };
    }

    private static String line(Song song, Except.Bars bars) {
        return HarmonyLine.format(
                bars.bars(), bars.spans(), List.of(), song.facts().meter(), Length.WHOLE);
    }
}
