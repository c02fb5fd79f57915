package tactus.core.written.song;

import java.util.List;
import tactus.core.ground.refusal.Refusal;

/** A value as it stands in a file, whatever the format of the file. Whatever is asked for and is not there is refused. */
public interface Written {

    /** Whether there is anything at all. */
    boolean isThere();

    /** @throws Refusal if it is no text */
    String text();

    /** @throws Refusal if it is no whole number */
    int number();

    /** @throws Refusal if it is no number */
    double decimal();

    /** The elements of a list; none of anything else. */
    List<? extends Written> elements();

    /** A part of it, by its name; one that is not there is said as such. */
    Written field(String name);
}
