package tactus.core.written.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;

/**
 * An entry of the running order: a section, the same or the same except.
 *
 * @param id from 1, each once in a song; it stays when the entry is moved
 * @param name what it is called where it is not called like its section, 1 to 60 characters
 * @param excepts what is other this time, in the order in which it is done
 */
public record Use(int id, SectionId section, Optional<String> name, List<Except> excepts) {

    /** @throws Refusal if {@code id} is below 1, or the name is empty or too long */
    public Use {
        if (id < 1) throw new Refusal("use.entry-id", id);
        Objects.requireNonNull(section);
        name = name.map(SectionNames::checked);
        excepts = List.copyOf(excepts);
    }

    /** An entry that is called like its section. */
    public Use(int id, SectionId section, List<Except> excepts) {
        this(id, section, Optional.empty(), excepts);
    }

    /** Returns an entry that is the same as its section. */
    public static Use of(int id, SectionId section) {
        return new Use(id, section, List.of());
    }

    /** Whether it is played just as its section is written. */
    public boolean isTheSame() {
        return excepts.isEmpty();
    }

    /** The same entry called otherwise, or like its section. */
    public Use withName(Optional<String> other) {
        return new Use(id, section, other, excepts);
    }

    /** The same entry with other exceptions. */
    public Use withExcepts(List<Except> others) {
        return new Use(id, section, name, others);
    }

    /** The same entry with one exception more. */
    public Use plus(Except added) {
        var more = new ArrayList<>(excepts);
        more.add(added);
        return withExcepts(more);
    }

    /** Takes the exception with {@code index}, from 0, back. */
    public Use minus(int index) {
        var fewer = new ArrayList<>(excepts);
        fewer.remove(index);
        return withExcepts(fewer);
    }
}
