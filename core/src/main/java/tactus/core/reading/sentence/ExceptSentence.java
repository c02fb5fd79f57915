package tactus.core.reading.sentence;

import java.util.List;
import java.util.stream.Collectors;
import tactus.core.ground.language.Lexicon;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.section.Except;
import tactus.core.written.section.Syllable;
import tactus.core.written.section.WordLine;

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
            case Except.OtherWords(var words) ->
                words.isEmpty()
                        ? lexicon.word("except.no-words")
                        : lexicon.say("except.words", first(words.getFirst()));
            case Except.OtherVoice(var voice) ->
                voice.isEmpty()
                        ? lexicon.word("except.no-voice")
                        : lexicon.say(
                                "except.voice", voice.stream().map(places::of).collect(Collectors.joining(", ")));
            case Except.LeftOut(var where) -> lexicon.say("except.left-out", places.of(where));
        };
    }

    /** The landmark of a line: its first word. */
    private static String first(WordLine line) {
        var word = new StringBuilder();
        for (Syllable each : line.syllables()) {
            word.append(each.text());
            if (!each.goesOn()) break;
        }
        return word.toString();
    }

    private String line(Except.Bars bars) {
        String line = new HarmonyLine(bars.bars(), bars.spans(), List.of(), bars.loops()).text(usual, Length.WHOLE);
        // Behind the bars that are replaced it is plain that they are shared.
        return line.startsWith("| ") ? line.substring(2) : line;
    }
}
