package tactus.console;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.function.UnaryOperator;

/** Queries read one a line and answered one a line, thousands in one start. */
final class QueryLines {

    private QueryLines() {}

    /** Answers every line of {@code in} that is not blank. */
    static int answer(InputStream in, PrintWriter out, UnaryOperator<String> answer) {
        try {
            var lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (!line.isBlank()) out.println(answer.apply(line));
            }
            out.flush();
            return TactusCommand.FINE;
        } catch (IOException broken) {
            throw CommandFailure.found("command.broke-off");
        }
    }
}
