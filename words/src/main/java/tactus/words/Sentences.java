package tactus.words;

import java.util.List;
import java.util.stream.Collectors;
import tactus.core.ground.statement.Statement;

/** Sentences put together. */
public final class Sentences {

    private Sentences() {}

    /** The sentences of {@code statements}, one behind another. */
    public static String of(List<Statement> statements) {
        return statements.stream().map(Words::say).collect(Collectors.joining(" "));
    }

    /** {@code text} with a capital in front. */
    public static String capital(String text) {
        return text.isEmpty()
                ? text
                : text.substring(0, 1).toUpperCase(Language.current().locale()) + text.substring(1);
    }
}
