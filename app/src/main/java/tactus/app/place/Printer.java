package tactus.app.place;

import tactus.core.ground.refusal.Outcome;

/** Puts something on paper. */
public interface Printer {

    /** Asks for printer, pages and copies, and prints {@code what}, unless the teacher thinks better of it. */
    Outcome print(Printed what);
}
