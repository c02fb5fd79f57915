package tactus.core.written.rule;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.SectionId;

/**
 * Where a rule holds: where all of its conditions do.
 *
 * @param section empty for all of them
 * @param version the name of the version it belongs to; empty if it holds in all of them
 */
public record Where(
        Optional<SectionId> section,
        UseChoice use,
        PassChoice pass,
        Optional<Part> part,
        Optional<String> version,
        Optional<Company> company) {

    public static final Where EVERYWHERE = new Where(
            Optional.empty(), UseChoice.EVERY, PassChoice.EVERY, Optional.empty(), Optional.empty(), Optional.empty());

    /** How narrow the place is that a rule speaks of, the widest first. */
    public enum Level {
        SONG,
        SECTION,
        USE,
        PASS,
        PART,
        PART_OF_PASS
    }

    public Where {
        Objects.requireNonNull(section);
        Objects.requireNonNull(use);
        Objects.requireNonNull(pass);
        Objects.requireNonNull(part);
        Objects.requireNonNull(version);
        Objects.requireNonNull(company);
    }

    /** Everywhere in {@code section}. */
    public static Where in(SectionId section) {
        return EVERYWHERE.withSection(Optional.of(section));
    }

    /** The level that decides first between rules. */
    public Level level() {
        if (part.isPresent()) return pass.isEvery() ? Level.PART : Level.PART_OF_PASS;
        if (!pass.isEvery()) return Level.PASS;
        if (!use.isEvery()) return Level.USE;
        return section.isPresent() ? Level.SECTION : Level.SONG;
    }

    /**
     * How specific it is; the greater number wins. A version's rule comes before one that holds in all versions, then the
     * level decides, then how many conditions there are.
     */
    int weight() {
        long others = Stream.of(section.isPresent(), !use.isEvery(), use.entry().isPresent(), company.isPresent())
                .filter(Boolean::booleanValue)
                .count();
        boolean exact = part.filter(Part::isExact).isPresent();
        return (version.isPresent() ? 1_000 : 0) + 10 * level().ordinal() + 2 * (int) others + (exact ? 1 : 0);
    }

    /**
     * The part of this place that lies in {@code other}: what this one leaves open is said as {@code other} says it.
     *
     * @param other a place that has something in common with this one
     */
    public Where within(Where other) {
        Optional<Part> parts = part.map(one -> other.part
                .filter(each -> !each.equals(one))
                .map(two -> Part.both(one, two))
                .orElse(one));
        return new Where(
                section.or(() -> other.section),
                use.isEvery() ? other.use : use,
                pass.isEvery() ? other.pass : pass,
                parts.or(() -> other.part),
                version.or(() -> other.version),
                company.or(() -> other.company));
    }

    /** Whether a rule for this place wins over one for {@code other}, wherever both hold. */
    public boolean isNarrowerThan(Where other) {
        return weight() > other.weight();
    }

    /** The same in another section, or in any. */
    public Where withSection(Optional<SectionId> other) {
        return new Where(other, use, pass, part, version, company);
    }

    /** The same in other entries of the running order. */
    public Where withUse(UseChoice other) {
        return new Where(section, other, pass, part, version, company);
    }

    /** The same on other passes. */
    public Where withPass(PassChoice other) {
        return new Where(section, use, other, part, version, company);
    }

    /** The same for a part of the section. */
    public Where withPart(Part other) {
        return new Where(section, use, pass, Optional.of(other), version, company);
    }

    /** The same for one version of the song, or any. */
    public Where withVersion(Optional<String> other) {
        return new Where(section, use, pass, part, other, company);
    }

    /** The same only when such others play along, or any. */
    public Where withCompany(Optional<Company> other) {
        return new Where(section, use, pass, part, version, other);
    }
}
