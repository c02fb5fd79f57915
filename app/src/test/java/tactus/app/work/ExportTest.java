package tactus.app.work;

import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tactus.console.export.Export;
import tactus.words.Words;

/** What a song is written out as can be asked for wherever that is. */
class ExportTest {

    @ParameterizedTest
    @EnumSource(Export.class)
    void everyKindHasItsWordsInTheMenuOnTheSheetAndInTheDialogOfFiles(Export export) {
        for (String place : List.of("action.export.", "sheet.out."))
            assertFalse(Words.of(place + export.code()).isEmpty());
        assertFalse(Words.of("files." + export.ending()).isEmpty());
    }
}
