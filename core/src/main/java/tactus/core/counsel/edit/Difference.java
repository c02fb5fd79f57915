package tactus.core.counsel.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import java.util.function.Function;
import tactus.core.ground.statement.Statement;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;
import tactus.core.written.section.Section;
import tactus.core.written.song.Song;

/** What is other in another copy of a song. */
public final class Difference {

    private Difference() {}

    /** Returns what is other, a statement for each kind of thing; nothing if the songs are equal. */
    public static List<Statement> between(Song one, Song other) {
        var found = new ArrayList<Statement>();
        if (!one.facts().title().equals(other.facts().title())) {
            found.add(Statement.of("difference.title", other.facts().title()));
        }
        if (!one.facts().withTitle("?").equals(other.facts().withTitle("?"))) {
            found.add(Statement.of("difference.facts"));
        }
        named(found, "difference.chords", other(one.chords(), other.chords(), Chord::name, Chord::name));
        named(found, "difference.patterns", other(one.patterns(), other.patterns(), Pattern::id, Pattern::name));
        named(found, "difference.sections", other(one.sections(), other.sections(), Section::id, Section::name));
        if (!one.uses().equals(other.uses())) found.add(Statement.of("difference.order"));
        if (!one.rules().equals(other.rules())) found.add(Statement.of("difference.rules"));
        if (!one.versions().equals(other.versions())) found.add(Statement.of("difference.versions"));
        if (!one.lesson().equals(other.lesson()) || !one.changeCounts().equals(other.changeCounts())) {
            found.add(Statement.of("difference.lesson"));
        }
        return List.copyOf(found);
    }

    private static void named(List<Statement> found, String code, List<String> names) {
        if (!names.isEmpty()) found.add(Statement.of(code, names));
    }

    /** The names of what is in one list alone or is not the same in both. */
    private static <T, K> List<String> other(
            List<T> one, List<T> other, Function<T, K> identity, Function<T, String> name) {
        Map<K, T> ones = byIdentity(one, identity);
        Map<K, T> others = byIdentity(other, identity);
        var names = new TreeSet<String>();
        ones.forEach((key, value) -> {
            if (!Objects.equals(value, others.get(key))) names.add(name.apply(value));
        });
        others.forEach((key, value) -> {
            if (!ones.containsKey(key)) names.add(name.apply(value));
        });
        return List.copyOf(names);
    }

    private static <T, K> Map<K, T> byIdentity(List<T> things, Function<T, K> identity) {
        var map = new LinkedHashMap<K, T>();
        things.forEach(each -> map.put(identity.apply(each), each));
        return map;
    }
}
