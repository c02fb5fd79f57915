package tactus.core.patterns.rhythm;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.stroke.StrokeLine;
import tactus.core.patterns.pattern.Pattern;

/**
 * A teacher's own words for a cell, {@code hot cof-fee}, one syllable a stroke; they go with the cell in whatever pattern it
 * comes.
 *
 * @param cell its strokes, one sign a slot: {@code d-du}
 * @param words 1 to 80 characters; syllables stand apart by spaces or hyphens
 */
public record CellWords(String cell, String words) {

    private static final int LONGEST = 80;

    /** @throws Refusal if there are no words or too many */
    public CellWords {
        Objects.requireNonNull(cell);
        words = words.strip().replaceAll("\\s+", " ");
        if (words.isEmpty() || words.length() > LONGEST) throw new Refusal("mnemonic.characters", words.length());
    }

    /**
     * Words for the cell of {@code pattern}.
     *
     * @throws Refusal if they have not one syllable for every stroke of it
     */
    public static CellWords of(Pattern pattern, String words) {
        Pattern plain = plain(pattern);
        var own = new CellWords(cell(plain), words);
        int strokes = Math.toIntExact(PatternFacts.struck(plain).stream()
                .filter(slot -> slot < Explanation.of(plain).cell())
                .count());
        int syllables = own.syllables().size();
        if (syllables != strokes) throw new Refusal("mnemonic.syllables", words.strip(), syllables, strokes);
        return own;
    }

    /** Those of {@code own} that are for the cell of {@code pattern}; empty if there are none. */
    public static Optional<CellWords> of(Pattern pattern, List<CellWords> own) {
        if (own.isEmpty()) return Optional.empty();
        String cell = cell(plain(pattern));
        return own.stream().filter(each -> each.cell.equals(cell)).findFirst();
    }

    private static Pattern plain(Pattern pattern) {
        return pattern.withFrame(pattern.frame().withPickup(0));
    }

    /** The strokes of the cell, or of the whole pattern where nothing is repeated. */
    private static String cell(Pattern pattern) {
        var signs = new StringBuilder();
        pattern.grid().slots().stream()
                .limit(Explanation.of(pattern).cell())
                .forEach(slot -> signs.append(
                        StrokeLine.format(pattern.at(slot), pattern.frame().usualAt(slot))));
        return signs.toString();
    }

    /** The words, a syllable each. */
    public List<String> syllables() {
        return Stream.of(words.split("[\\s-]+"))
                .filter(syllable -> !syllable.isEmpty())
                .toList();
    }
}
