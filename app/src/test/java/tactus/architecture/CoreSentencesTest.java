package tactus.architecture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What people read is phrased in the module {@code words}; core has codes and values. */
class CoreSentencesTest {

    private static final Path CORE = Path.of("..", "core", "src", "main", "java");
    private static final Path TEXTS = Path.of("..", "words", "src", "main", "resources", "tactus", "words");
    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/|(?m)^\\s*//.*$", Pattern.DOTALL);
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\]++|\\\\.)*+)\"");
    private static final Pattern THREE_WORDS = Pattern.compile("(?:.* )?(?:[A-Za-z']{2,},? ){2}[A-Za-z']{2,}\\b.*");
    /** What only programmers read. */
    private static final Pattern PROGRAMMERS = Pattern.compile(
            "(IllegalArgument|IllegalState|Arithmetic|NullPointer|IndexOutOfBounds|NoSuchElement|UnsupportedOperation)"
                    + "\\w*\\(|AssertionError\\(|requireNonNull");

    private static List<Path> sources() throws IOException {
        try (Stream<Path> files = Files.walk(CORE)) {
            return files.filter(file -> file.toString().endsWith(".java")).toList();
        }
    }

    private static String code(Path file) throws IOException {
        return COMMENT.matcher(Files.readString(file)).replaceAll("");
    }

    static List<String> sentences(String code) {
        var found = new ArrayList<String>();
        Matcher literal = LITERAL.matcher(code);
        while (literal.find()) {
            String before = code.substring(0, literal.start());
            int statement =
                    Math.max(before.lastIndexOf(';'), Math.max(before.lastIndexOf('{'), before.lastIndexOf('}')));
            boolean forProgrammers =
                    PROGRAMMERS.matcher(before.substring(statement + 1)).find();
            if (!forProgrammers && THREE_WORDS.matcher(literal.group(1)).matches()) found.add(literal.group(1));
        }
        return found;
    }

    @Test
    void noSentenceStandsInCore() throws IOException {
        var found = new ArrayList<String>();
        for (Path file : sources()) {
            for (String sentence : sentences(code(file))) found.add(CORE.relativize(file) + ": " + sentence);
        }
        assertEquals(List.of(), found);
    }

    @Test
    void aSentenceWouldBeFoundAndAMessageForProgrammersNot() {
        assertEquals(List.of("the bar is full"), sentences("return \"the bar is full\";"));
        assertEquals(List.of(), sentences("throw new IllegalStateException(\"the bar is full\");"));
        assertEquals(List.of(), sentences("return \"length-of-bar\";"));
    }

    /** Every code that core refuses with, edits with or states has its text. */
    @Test
    void everyRefusalAndEveryEditOfCoreHasAText() throws IOException {
        var texts = new Properties();
        try (var reader = Files.newBufferedReader(TEXTS.resolve("statements.properties"))) {
            texts.load(reader);
        }
        Pattern codes = Pattern.compile(
                "(?:new Refusal|new NotationException|Statement\\.of|Edit\\.of|new Statement)\\(\\s*\"([a-z0-9-]+\\.[a-z0-9.-]+)\"[,)]");
        var missing = new TreeSet<String>();
        int count = 0;
        for (Path file : sources()) {
            Matcher code = codes.matcher(code(file));
            for (; code.find(); count++) {
                if (!texts.containsKey(code.group(1))) missing.add(code.group(1));
            }
        }
        assertEquals(new TreeSet<>(), missing);
        assertTrue(count > 200, count + " codes");
    }
}
