package tactus.core.patterns.pattern;

import tactus.core.ground.name.Slug;

/**
 * What a pattern is called inside a song, whatever its name becomes: {@code lantern-march}.
 *
 * @param value lower-case letters, digits and hyphens, 1 to 64 of them
 */
public record PatternId(String value) {

    /** @throws IllegalArgumentException if {@code value} is no id */
    public PatternId {
        Slug.checked(value);
    }

    @Override
    public String toString() {
        return value;
    }
}
