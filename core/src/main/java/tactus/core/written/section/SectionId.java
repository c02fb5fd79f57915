package tactus.core.written.section;

import tactus.core.ground.name.Slug;

/**
 * What a section is called inside a song, whatever its name becomes: {@code verse-1}.
 *
 * @param value lower-case letters, digits and hyphens, 1 to 64 of them
 */
public record SectionId(String value) {

    /** @throws IllegalArgumentException if {@code value} is no id */
    public SectionId {
        Slug.checked(value);
    }

    @Override
    public String toString() {
        return value;
    }
}
