package tactus.core.patterns.dictation;

import tactus.core.ground.language.Lexicon;
import tactus.core.ground.statement.Statement;

/** Reads a text in each of the ways it can be meant: first the ends of the neck are settled, then strokes in one breath. */
final class Readings {

    private final String text;
    private final Lexicon lexicon;

    Readings(String text, Lexicon lexicon) {
        this.text = text;
        this.lexicon = lexicon;
    }

    Dictation read() {
        return read(Meant.FIRST);
    }

    private Dictation read(Meant meant) {
        var reader = new DictationReader(text, lexicon, meant);
        Dictation said = reader.read();
        if (reader.eitherEnd().isPresent() && !meant.isEndSettled()) {
            Dictation high = read(meant.settled(true));
            return read(meant.settled(false))
                    .or(new Dictation.Reading(
                            Statement.of("question.end", reader.eitherEnd().get()), high));
        }
        if (reader.inOneBreath().isEmpty() || meant.isApart()) return said;
        Dictation apart = read(new Meant(true, meant.isEndSettled(), meant.isHigh()));
        return said.or(new Dictation.Reading(
                Statement.of("question.breath", reader.inOneBreath().get()), apart));
    }

    /**
     * What is taken for granted where a text can be read in two ways.
     *
     * @param isApart whether {@code mute down} is two strokes
     * @param isEndSettled whether it is known which string {@code top string} is
     * @param isHigh whether that is string 1
     */
    record Meant(boolean isApart, boolean isEndSettled, boolean isHigh) {

        static final Meant FIRST = new Meant(false, false, false);

        Meant settled(boolean high) {
            return new Meant(isApart, true, high);
        }
    }
}
