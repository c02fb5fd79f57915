package tactus.core.written.rule;

import java.util.Objects;
import java.util.Optional;
import tactus.core.written.section.SectionId;

/**
 * One pass of one use of a section, as rules ask for it.
 *
 * @param use the id of the entry of the running order
 * @param isLastUse whether the section is not used again after it
 * @param pass from 1
 * @param version the version that is shown, if it is not the full one
 */
public record Situation(
        SectionId section,
        int use,
        boolean isLastUse,
        int pass,
        int passes,
        Optional<String> version,
        Company company) {

    public Situation {
        Objects.requireNonNull(company);
        Objects.requireNonNull(section);
        Objects.requireNonNull(version);
    }

    /** Whether {@code where} speaks of this pass or a part of it. */
    public boolean isIn(Where where) {
        return where.section().map(section::equals).orElse(true)
                && isUse(where.use())
                && where.pass().has(pass, passes)
                && where.version()
                        .map(name -> version.equals(Optional.of(name)))
                        .orElse(true)
                && where.company().map(company::equals).orElse(true);
    }

    private boolean isUse(UseChoice choice) {
        return switch (choice) {
            case UseChoice.Group.EVERY -> true;
            case UseChoice.Group.LAST -> isLastUse;
            case UseChoice.Entry(int id) -> id == use;
        };
    }
}
