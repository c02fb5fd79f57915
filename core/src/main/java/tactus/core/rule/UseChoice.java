package tactus.core.rule;

/**
 * Which of a section's uses are meant.
 *
 * @param id the id of an entry of the running order; or 0 for every use, -1 for the last
 */
public record UseChoice(int id) {

    public static final UseChoice EVERY = new UseChoice(0);
    public static final UseChoice LAST = new UseChoice(-1);

    /** @throws IllegalArgumentException if there can be no such entry */
    public UseChoice {
        if (id < -1) throw new IllegalArgumentException("an entry's id is 1 or more, was " + id);
    }

    public boolean isEvery() {
        return id == 0;
    }

    /** Whether one entry is meant, whatever becomes of the others. */
    public boolean isOne() {
        return id > 0;
    }
}
