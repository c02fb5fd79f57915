package tactus.console;

import static org.junit.jupiter.api.Assertions.assertFalse;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Commands run as from a shell, with what they print. */
abstract class CommandRun {

    final StringWriter out = new StringWriter();
    final StringWriter err = new StringWriter();
    /** What the window was asked for. */
    final List<String> windows = new ArrayList<>();

    /** Returns the status. */
    final int run(String... arguments) {
        int status = TactusCommand.run(
                List.of(arguments), windows::addAll, new PrintWriter(out, true), new PrintWriter(err, true));
        assertFalse((out.toString() + err).contains("\tat "), "no stack trace");
        assertFalse(err.toString().contains("nobody foresaw"), err::toString);
        return status;
    }

    final JsonNode json() {
        return JsonMapper.shared().readTree(out.toString());
    }
}
