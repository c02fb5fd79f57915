package tactus.records.logbook;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import tactus.core.ground.statement.Statement;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Student;

/** Where a student who was forgotten may still stand. */
final class Remains {

    private final String name;
    private final List<Statement> found = new ArrayList<>();

    Remains(String name) {
        this.name = name;
    }

    /** What others know, and what lies beside the logbook in {@code folder}. */
    List<Statement> of(Records left, Path folder, boolean isHeldOpen) throws IOException {
        if (isHeldOpen) found.add(Statement.of("logbook.remains-open"));
        for (Student each : left.students())
            if (speaks(each.note(), name)) found.add(Statement.of("logbook.remains-note", each.name(), name));
        for (Lesson each : left.lessons()) {
            if (speaks(each.homework(), name))
                found.add(Statement.of(
                        "logbook.remains-lesson", each.student(), each.day().toString(), name));
        }
        for (Path aside : LogbookCopies.aside(folder))
            found.add(Statement.of("logbook.remains-aside", aside.toString()));
        return found;
    }

    /** Whether {@code name} stands in {@code text}, as a word of its own. */
    static boolean speaks(String text, String name) {
        String whole = text.toLowerCase(Locale.ROOT);
        String wanted = name.toLowerCase(Locale.ROOT);
        for (int at = whole.indexOf(wanted); at >= 0; at = whole.indexOf(wanted, at + 1)) {
            int end = at + wanted.length();
            boolean begins = at == 0 || !Character.isLetterOrDigit(whole.charAt(at - 1));
            if (begins && (end == whole.length() || !Character.isLetterOrDigit(whole.charAt(end)))) return true;
        }
        return false;
    }
}
