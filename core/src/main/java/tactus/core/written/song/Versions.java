package tactus.core.written.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;

/**
 * The versions of a song and which of them is shown.
 *
 * @param all each name once
 * @param shown the one that is played, shown and printed; empty for the full one
 */
public record Versions(List<Version> all, Optional<String> shown) {

    public static final Versions NONE = new Versions(List.of(), Optional.empty());

    /** @throws Refusal if a name stands twice or the shown one is not there */
    public Versions {
        all = List.copyOf(all);
        if (all.stream()
                        .map(each -> each.name().toLowerCase(Locale.ROOT))
                        .distinct()
                        .count()
                < all.size()) {
            throw new Refusal("versions.two-same");
        }
        List<Version> versions = all;
        if (shown.isPresent() && versions.stream().noneMatch(each -> each.name().equals(shown.get()))) {
            throw new Refusal("versions.version", shown.get());
        }
    }

    /** The version called {@code name}. */
    public Optional<Version> named(String name) {
        return all.stream().filter(each -> each.name().equals(name)).findFirst();
    }

    /** The version that is shown; empty for the full one. */
    public Optional<Version> shownOne() {
        return shown.flatMap(this::named);
    }

    /** @throws Refusal if there is no such version */
    public Versions withShown(Optional<String> other) {
        return new Versions(all, other);
    }

    /** Puts {@code version} in place of the one with its name, or at the end. */
    public Versions with(Version version) {
        var others = new ArrayList<>(all);
        int at = all.stream().map(Version::name).toList().indexOf(version.name());
        if (at < 0) others.add(version);
        else others.set(at, version);
        return new Versions(others, shown);
    }

    /** The same without the version called {@code name}. */
    public Versions without(String name) {
        return new Versions(
                all.stream().filter(each -> !each.name().equals(name)).toList(),
                shown.filter(each -> !each.equals(name)));
    }
}
