package tactus.formats.table;

import java.io.IOException;
import java.nio.file.Path;
import tactus.core.taught.logbook.DatedPlan;
import tactus.core.taught.practice.PlanChange;
import tactus.core.taught.practice.PracticePlan;
import tactus.formats.file.WholeFile;
import tactus.words.PlanWords;
import tactus.words.Words;

/** A plan of days as a table (RFC 4180, UTF-8), a row for each thing. */
public final class PlanTable {

    private PlanTable() {}

    /** Writes the table, whole or not at all. */
    public static void write(DatedPlan dated, Path file) throws IOException {
        WholeFile.write(file, out -> {
            Csv csv = Csv.to(out);
            csv.row(
                    "day",
                    "date",
                    "minutes",
                    "what",
                    "bars",
                    "from",
                    "to",
                    "again",
                    "reached",
                    "rests of the day",
                    "care");
            for (PracticePlan.Day day : dated.plan().days())
                for (PracticePlan.Item item : day.items())
                    csv.row(
                            Integer.toString(day.number()),
                            dated.date(day).toString(),
                            Integer.toString(item.minutes()),
                            Words.say(item.step().what()),
                            item.step().bars().toString(),
                            Integer.toString(item.step().from()),
                            Integer.toString(item.step().to()),
                            item.isAgain() ? "yes" : "no",
                            item.isDone() ? "yes" : "no",
                            Integer.toString(PlanChange.rests(day)),
                            PlanWords.care(item));
            csv.flush();
        });
    }
}
