package tactus.formats.song;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.statement.Statement;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.exc.UnexpectedEndOfInputException;

/** What is wrong with a text that is no JSON (RFC 8259), in words of ours. */
final class JsonFault {

    private static final Pattern SIGN = Pattern.compile("Unexpected character \\('(.)'");

    private JsonFault() {}

    static Statement of(JacksonException damaged) {
        String told = String.valueOf(damaged.getOriginalMessage());
        if (damaged instanceof UnexpectedEndOfInputException || told.startsWith("Unexpected end"))
            return Statement.of("json.ends");
        if (damaged instanceof StreamConstraintsException) return Statement.of("json.too-much");
        Matcher sign = SIGN.matcher(told);
        if (sign.find() && !Character.isISOControl(sign.group(1).charAt(0)))
            return Statement.of("json.sign", sign.group(1));
        if (told.startsWith("Duplicate")) return Statement.of("json.twice");
        if (told.contains("UTF-8")) return Statement.of("json.letters");
        return Statement.of("json.other");
    }
}
