package tactus.core.written.section;

import java.util.List;
import java.util.stream.Stream;
import tactus.core.ground.refusal.Refusal;

/**
 * What a section is called.
 *
 * @param name what a person reads, 1 to 60 characters
 * @param aliases what else it is called: an interlude may be the break, and is one thing
 */
public record SectionNames(String name, List<String> aliases) {

    /** @throws Refusal if a name is empty or too long */
    public SectionNames {
        name = checked(name);
        aliases = aliases.stream().map(SectionNames::checked).distinct().toList();
    }

    static String checked(String name) {
        String plain = name.strip();
        if (plain.isEmpty() || plain.length() > 60) {
            throw new Refusal("section.name-characters", plain.length());
        }
        return plain;
    }

    /** Whether it is called {@code wanted}, whatever the case. */
    boolean has(String wanted) {
        return Stream.concat(Stream.of(name), aliases.stream()).anyMatch(wanted::equalsIgnoreCase);
    }
}
