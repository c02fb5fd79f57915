package tactus.core.written.section;

import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;

/** Which of the passes of a section are meant. */
public sealed interface PassChoice {

    PassChoice EVERY = Group.EVERY;
    /** The last of several passes. */
    PassChoice LAST = Group.LAST;
    /** Every pass that another one follows. */
    PassChoice BUT_LAST = Group.BUT_LAST;

    /** Passes that are found again however many there are. */
    enum Group implements PassChoice {
        EVERY,
        LAST,
        BUT_LAST,
        /** The second pass, the fourth and so on. */
        EVEN,
        /** The first pass, the third and so on. */
        ODD;

        @Override
        public String code() {
            return Lexicon.code(this);
        }

        @Override
        public boolean isEvery() {
            return this == EVERY;
        }

        @Override
        public boolean has(int pass, int passes) {
            return switch (this) {
                case EVERY -> true;
                case LAST -> pass == passes && passes > 1;
                case BUT_LAST -> pass < passes;
                case EVEN -> pass % 2 == 0;
                case ODD -> pass % 2 == 1;
            };
        }
    }

    /**
     * One pass.
     *
     * @param number from 1
     */
    record Pass(int number) implements PassChoice {
        /** @throws Refusal if there can be no such pass */
        public Pass {
            if (number < 1 || number > Section.MOST_PASSES) {
                throw new Refusal("pass-choice.number", Section.MOST_PASSES, number);
            }
        }

        @Override
        public String code() {
            return Integer.toString(number);
        }

        @Override
        public boolean isEvery() {
            return false;
        }

        @Override
        public boolean has(int pass, int passes) {
            return pass == number;
        }
    }

    /**
     * Returns the pass with {@code number}, from 1.
     *
     * @throws Refusal if there can be no such pass
     */
    static PassChoice of(int number) {
        return new Pass(number);
    }

    /**
     * Reads a choice as {@link #code} writes it.
     *
     * @throws NotationException if it is none
     */
    static PassChoice ofCode(String code) {
        return switch (code) {
            case "every" -> EVERY;
            case "last" -> LAST;
            case "but-last" -> BUT_LAST;
            case "even" -> Group.EVEN;
            case "odd" -> Group.ODD;
            default -> {
                if (!code.matches("\\d{1,3}")) throw new NotationException("pass-choice.unread", code, 0);
                yield of(Integer.parseInt(code));
            }
        };
    }

    /** Returns {@code 2}, {@code last}, {@code but-last} or {@code every}, as it is kept in files. */
    String code();

    boolean isEvery();

    /** Whether {@code pass}, from 1, of {@code passes} is meant. */
    boolean has(int pass, int passes);
}
