package tactus.core.counsel.edit;

import java.util.List;
import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/** Takes a section away, from the running order too. */
public record DeleteSection(SectionId id, String name) implements Edit {

    public DeleteSection {
        Objects.requireNonNull(id);
        Objects.requireNonNull(name);
    }

    /** Returns the edit that takes {@code section} away. */
    public static DeleteSection of(Section section) {
        return new DeleteSection(section.id(), section.name());
    }

    @Override
    public Statement label() {
        return Statement.of("edit.delete", name);
    }

    @Override
    public Song appliedTo(Song song) {
        return song.withoutSection(id);
    }

    @Override
    public List<Consequence> consequences(Song before) {
        int times = before.indicesOf(id).size();
        return times == 0 ? List.of() : List.of(new Consequence.FewerEntries(name, times));
    }
}
