package tactus.app.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.words.Words;

/** {@code tactus chord NAME|SHAPE}: names a shape, or finds the shapes of a name. */
@Command(
        name = "chord",
        description = {
            "Name a shape (x32010, low string first), or find the shapes of a name (Am7).",
            "What is named is what sounds, with the capo. With - it reads one query a line",
            "and answers each with a line of JSON."
        },
        mixinStandardHelpOptions = true)
final class ChordCommand implements Callable<Integer> {

    @Parameters(paramLabel = "NAME|SHAPE", arity = "1", description = "a chord, a shape, or - for one a line")
    private String query;

    @Option(
            names = "--tuning",
            paramLabel = "NOTES",
            defaultValue = "E2-A2-D3-G3-B3-E4",
            description = "the open strings, low string first: D-A-D-F#-A-D")
    private String tuning;

    @Option(names = "--capo", defaultValue = "0", paramLabel = "FRET", description = "0 (none) to 11")
    private int capo;

    @Option(names = "--from-nut", description = "count the frets of a shape from the nut, not from the capo")
    private boolean fromNut;

    @Option(names = "--scale", defaultValue = "648", paramLabel = "MM", description = "the length of the strings")
    private double scale;

    @Option(
            names = "--span",
            defaultValue = "110",
            paramLabel = "MM",
            description = "how far the hand reaches from index to little finger")
    private int span;

    @Option(names = "--thumb", description = "the thumb may hold the low string")
    private boolean thumb;

    @Option(names = "--with-h", description = "read H as B natural, B as B flat")
    private boolean withH;

    @Option(names = "--most", defaultValue = "12", paramLabel = "N", description = "how many shapes at most")
    private int most;

    @Option(names = "--json", description = "print JSON")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        ChordAnswers answers = answers();
        PrintWriter out = spec.commandLine().getOut();
        if (query.equals("-"))
            return QueryLines.answer(
                    System.in, out, line -> answers.answer(line).json());
        ChordAnswer answer = answers.answer(query);
        if (!json && answer instanceof ChordAnswer.Unread unread) {
            throw new CommandFailure(TactusCommand.USAGE, "tactus chord: " + unread.error());
        }
        out.println(json ? answer.json() : answer.text());
        return answer instanceof ChordAnswer.Unread ? TactusCommand.USAGE : TactusCommand.FINE;
    }

    private ChordAnswers answers() {
        try {
            var guitar = Instrument.USUAL.withTuning(Tuning.parse(tuning)).withCapo(capo);
            var neck = new Neck(scale, capo);
            if (most < 1 || most > 100) throw new Refusal("command.most", most);
            return new ChordAnswers(
                    guitar,
                    neck,
                    new FrettingHand(span, thumb),
                    withH ? NoteSchool.WITH_H : NoteSchool.INTERNATIONAL,
                    fromNut,
                    most);
        } catch (Refusal wrong) {
            throw new CommandFailure(TactusCommand.USAGE, Words.of("command.refused", "chord", Words.why(wrong)));
        }
    }
}
