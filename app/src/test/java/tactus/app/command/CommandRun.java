package tactus.app.command;

import static org.junit.jupiter.api.Assertions.assertFalse;

import java.io.PrintWriter;
import java.io.StringWriter;
import tactus.app.outside.FaultWatch;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Commands run as from a shell, with what they print. */
abstract class CommandRun {

    final StringWriter out = new StringWriter();
    final StringWriter err = new StringWriter();

    /** Returns the status. */
    final int run(String... arguments) {
        var line = TactusCommand.commandLine(_ -> {});
        line.setOut(new PrintWriter(out, true));
        line.setErr(new PrintWriter(err, true));
        FaultWatch.begin();
        int status = line.execute(arguments);
        FaultWatch.end();
        assertFalse((out.toString() + err).contains("\tat "), "no stack trace");
        return status;
    }

    final JsonNode json() {
        return JsonMapper.shared().readTree(out.toString());
    }
}
