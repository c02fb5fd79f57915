package tactus.formats.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FileNameTest {

    @ParameterizedTest
    @CsvSource({
        "Lantern Walk, lantern-walk",
        "Kettle for the Stewards!, kettle-for-the-stewards",
        "Größe & Ruhe, größe-ruhe",
        "\u706f\u7c60\u306e\u9053, \u706f\u7c60\u306e\u9053",
        "\u05e9\u05d9\u05e8 1, \u05e9\u05d9\u05e8-1",
        "../../etc/passwd, etc-passwd",
        "a/b\\c:d, a-b-c-d",
        "..., song",
        "*?, song"
    })
    void aNameIsMadeOfTheLettersOfTheTitle(String title, String name) {
        assertEquals(name, FileName.of(title, "song"));
    }

    @ParameterizedTest
    @ValueSource(ints = {79, 80, 300})
    void aLongTitleMakesANameOfEightyAtMost(int letters) {
        assertTrue(FileName.of("\u706f".repeat(letters), "song").length() <= 80);
    }

    @Test
    void noTitleLeavesItsFolder() {
        for (String title : new String[] {"..\n/x", "/", "C:\\", "a\u0000b", "\uD83C\uDFB8 strings"}) {
            Path made =
                    Path.of("/tmp").resolve(FileName.of(title, "song") + ".pdf").normalize();
            assertEquals(Path.of("/tmp"), made.getParent());
            assertFalse(made.toString().contains("\n"));
        }
    }
}
