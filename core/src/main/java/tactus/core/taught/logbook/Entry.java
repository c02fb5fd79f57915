package tactus.core.taught.logbook;

import java.time.LocalDate;

/** One thing that is kept of a student. */
public sealed interface Entry permits Student, Lesson, TakeEntry, ChangeEntry {

    /** The name of whom it is about. */
    String student();

    /** The day it is of; of a student that of the first lesson. */
    LocalDate day();

    /** The same about the student called {@code name}. */
    Entry withStudent(String name);
}
