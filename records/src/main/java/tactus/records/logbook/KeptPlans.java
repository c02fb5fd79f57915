package tactus.records.logbook;

import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import tactus.core.taught.logbook.KeptPlan;
import tactus.core.taught.logbook.SongKey;

/** Plans of days: a row for each plan, and one for each thing in it. */
final class KeptPlans {

    private static final int MOST_DAYS = 365;
    private static final String WHOSE = " WHERE student IS ? AND song = ? AND version = ?";

    private final Rows rows;

    KeptPlans(Rows rows) {
        this.rows = rows;
    }

    Optional<KeptPlan> find(Optional<String> student, SongKey song) throws SQLException {
        List<KeptPlan.Thing> things = rows.read(
                "SELECT * FROM plan_thing WHERE plan = (SELECT id FROM plan" + WHOSE + ") ORDER BY place",
                row -> new KeptPlan.Thing(
                        row.getInt("day"),
                        row.getString("step"),
                        row.getInt("minutes"),
                        row.getBoolean("again"),
                        row.getBoolean("done")),
                student.orElse(null),
                song.title(),
                song.version());
        return rows
                .read(
                        "SELECT * FROM plan" + WHOSE,
                        row -> new KeptPlan(
                                student,
                                song,
                                LocalDate.parse(row.getString("begins")),
                                row.getInt("minutes"),
                                Math.clamp(row.getInt("days"), 1, MOST_DAYS),
                                things),
                        student.orElse(null),
                        song.title(),
                        song.version())
                .stream()
                .findFirst();
    }

    int keep(KeptPlan plan) throws SQLException {
        String student = plan.student().orElse(null);
        drop(plan.student(), plan.song());
        rows.put(
                "INSERT INTO plan (student, song, version, begins, minutes, days) VALUES (?,?,?,?,?,?)",
                student,
                plan.song().title(),
                plan.song().version(),
                plan.begins(),
                plan.minutes(),
                plan.days());
        int place = 0;
        for (KeptPlan.Thing each : plan.things())
            rows.put(
                    "INSERT INTO plan_thing VALUES ((SELECT id FROM plan" + WHOSE + "),?,?,?,?,?,?)",
                    student,
                    plan.song().title(),
                    plan.song().version(),
                    place++,
                    each.day(),
                    each.step(),
                    each.minutes(),
                    each.isAgain(),
                    each.isDone());
        return place;
    }

    int drop(Optional<String> student, SongKey song) throws SQLException {
        return rows.put("DELETE FROM plan" + WHOSE, student.orElse(null), song.title(), song.version());
    }
}
