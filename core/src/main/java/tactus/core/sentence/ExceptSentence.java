package tactus.core.sentence;

import java.util.List;
import tactus.core.harmony.HarmonyLine;
import tactus.core.language.Lexicon;
import tactus.core.section.Except;
import tactus.core.time.Length;
import tactus.core.time.Meter;

/** What is other in a later use of a section, as a sentence: {@code last 2 bars: F | G instead}. */
public final class ExceptSentence {

    private final Lexicon lexicon;
    private final PlaceWords places;
    private final Meter usual;

    /** @param usual the song's meter, which bars that have it do not name */
    public ExceptSentence(Lexicon lexicon, Meter usual) {
        this.lexicon = lexicon;
        places = new PlaceWords(lexicon);
        this.usual = usual;
    }

    /** Says what {@code except} changes. */
    public String of(Except except) {
        boolean always = except.on().isEvery() || except.change() instanceof Except.Runs;
        return (always ? "" : places.of(except.on()) + ", ") + of(except.change());
    }

    private String of(Except.Change change) {
        return switch (change) {
            case Except.Runs(int count) -> lexicon.say(count == 1 ? "except.once" : "except.times", count);
            case Except.OtherBars(var where, var bars) -> lexicon.say("except.instead", places.of(where), line(bars));
            case Except.ExtraBars(var bars) -> lexicon.say("except.then", line(bars));
            case Except.LeftOut(var where) -> lexicon.say("except.left-out", places.of(where));
        };
    }

    private String line(Except.Bars bars) {
        return HarmonyLine.format(bars.bars(), bars.spans(), List.of(), usual, Length.WHOLE);
    }
}
