package tactus.core.written.rule;

import java.util.Optional;
import tactus.core.ground.refusal.Refusal;

/** Which of a section's uses are meant. */
public sealed interface UseChoice {

    UseChoice EVERY = Group.EVERY;
    UseChoice LAST = Group.LAST;

    /** Uses that are found again wherever they are in the running order. */
    enum Group implements UseChoice {
        EVERY,
        LAST;

        @Override
        public boolean isEvery() {
            return this == EVERY;
        }

        @Override
        public Optional<Integer> entry() {
            return Optional.empty();
        }
    }

    /**
     * One entry of the running order, whatever becomes of the others.
     *
     * @param id the entry's id, from 1
     */
    record Entry(int id) implements UseChoice {
        /** @throws Refusal if there can be no such entry */
        public Entry {
            if (id < 1) throw new Refusal("use.entry-id", id);
        }

        @Override
        public boolean isEvery() {
            return false;
        }

        @Override
        public Optional<Integer> entry() {
            return Optional.of(id);
        }
    }

    /** @throws Refusal if there can be no such entry */
    static UseChoice entry(int id) {
        return new Entry(id);
    }

    boolean isEvery();

    /** The id of the entry, where one is meant. */
    Optional<Integer> entry();
}
