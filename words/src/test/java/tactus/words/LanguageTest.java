package tactus.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class LanguageTest {

    private static final Path RESOURCES = Path.of("src", "main", "resources", "tactus", "words");

    private static List<String> codes(String name) throws IOException {
        return Files.readAllLines(RESOURCES.resolve(name + ".properties")).stream()
                .filter(line -> line.matches("[A-Za-z].*=.*"))
                .map(line -> line.substring(0, line.indexOf('=')))
                .toList();
    }

    /** "The song was not saved. is missing" was said for a disk that had been pulled out. */
    @Test
    void noMessageHasTheCodeOfAnother() throws IOException {
        var all = new ArrayList<String>();
        for (String name : List.of("screen", "statements", "commands")) all.addAll(codes(name));
        assertTrue(all.size() > 1_500);
        assertEquals(
                List.of(),
                all.stream().collect(Collectors.groupingBy(code -> code, Collectors.counting())).entrySet().stream()
                        .filter(entry -> entry.getValue() > 1)
                        .toList());
    }
}
