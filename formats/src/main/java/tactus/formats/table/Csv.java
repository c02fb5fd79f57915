package tactus.formats.table;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.Writer;
import java.util.List;
import java.util.regex.Pattern;

/**
 * A table that is being written (RFC 4180). What a spreadsheet would take for a formula has an apostrophe in front, by which every usual
 * one shows it as the text that it is; {@link #plain} takes it away again, so that all comes back the same. Numbers stay numbers.
 */
final class Csv {

    /** How formulas begin, in wide letters too, behind apostrophes that were there already (OWASP, "CSV Injection"). */
    private static final Pattern FORMULA = Pattern.compile("(?s)'*[=+\\-@\t\r\uFF1D\uFF0B\uFF0D\uFF20].*");

    private static final Pattern NUMBER = Pattern.compile("-?\\d+(?:\\.\\d+)?");

    private final CsvWriter writer;

    private Csv(CsvWriter writer) {
        this.writer = writer;
    }

    /** Writes to a stream that whoever opened it closes. */
    static Csv to(OutputStream out) {
        return new Csv(CsvWriter.builder().build(out));
    }

    static Csv to(Writer out) {
        return new Csv(CsvWriter.builder().build(out));
    }

    void row(List<String> cells) {
        writer.writeRecord(cells.stream().map(Csv::guarded).toList());
    }

    void row(String... cells) {
        row(List.of(cells));
    }

    void flush() throws IOException {
        writer.flush();
    }

    /** {@code cell} so that it is shown as text. */
    static String guarded(String cell) {
        boolean isFormula =
                FORMULA.matcher(cell).matches() && !NUMBER.matcher(cell).matches();
        return isFormula ? "'" + cell : cell;
    }

    /** A cell as it was before it was guarded. */
    static String plain(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
