package tactus.core.dictation;

import java.util.List;

/**
 * What is known beside a dictation.
 *
 * @param struck counts that carry a stroke, as they are written: {@code 3&}
 * @param lateStart whether the first stroke may come later than on count 1
 */
public record Given(List<String> struck, boolean lateStart) {

    public static final Given NOTHING = new Given(List.of(), false);

    public Given {
        struck = List.copyOf(struck);
    }
}
