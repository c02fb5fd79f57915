package tactus.console;

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

/** {@code tactus chord NAME|SHAPE}: names a shape, or finds the shapes of a name. */
@Command(name = "chord", mixinStandardHelpOptions = true)
final class ChordCommand implements Callable<Integer> {

    @Parameters(paramLabel = "NAME|SHAPE", arity = "1")
    private String query;

    @Option(names = "--tuning", paramLabel = "NOTES", defaultValue = "E2-A2-D3-G3-B3-E4")
    private String tuning;

    @Option(names = "--capo", defaultValue = "0", paramLabel = "FRET")
    private int capo;

    @Option(names = "--from-nut")
    private boolean fromNut;

    @Option(names = "--scale", defaultValue = "648", paramLabel = "MM")
    private double scale;

    @Option(names = "--span", defaultValue = "110", paramLabel = "MM")
    private int span;

    @Option(names = "--thumb")
    private boolean thumb;

    @Option(names = "--with-h")
    private boolean withH;

    @Option(names = "--most", defaultValue = "12", paramLabel = "N")
    private int most;

    @Option(names = "--json")
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
            throw CommandFailure.saying(TactusCommand.USAGE, unread.error());
        }
        out.println(json ? answer.json() : answer.text());
        return answer instanceof ChordAnswer.Unread ? TactusCommand.USAGE : TactusCommand.FINE;
    }

    private ChordAnswers answers() {
        var guitar = Instrument.USUAL.withTuning(Tuning.parse(tuning)).withCapo(capo);
        if (most < 1 || most > 100) throw new Refusal("command.most", most);
        return new ChordAnswers(
                guitar,
                new Neck(scale, capo),
                new FrettingHand(span, thumb),
                withH ? NoteSchool.WITH_H : NoteSchool.INTERNATIONAL,
                fromNut,
                most);
    }
}
