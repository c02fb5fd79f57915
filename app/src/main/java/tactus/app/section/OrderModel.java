package tactus.app.section;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import tactus.app.work.Work;
import tactus.core.edit.DeleteSection;
import tactus.core.name.Slug;
import tactus.core.pattern.PatternId;
import tactus.core.rule.Where;
import tactus.core.section.Section;
import tactus.core.section.Use;
import tactus.core.song.Assignment;
import tactus.words.Words;

/** What can be done with whole sections and with the order in which they are played. */
public final class OrderModel {

    private final Work work;
    private final ArrangementModel arrangement;

    public OrderModel(Work work, ArrangementModel arrangement) {
        this.work = work;
        this.arrangement = arrangement;
    }

    /** Adds a section of four bars without chords after the chosen entry, and chooses it. */
    public void addSection() {
        String name = Slug.freshName(Words.of("arrangement.newName"), this::isSectionName);
        var section = new Section(
                work.song().freshSectionId(name),
                name,
                Collections.nCopies(4, work.song().facts().meter()),
                List.of(),
                1);
        insert(section, work.song().patterns().stream().findFirst().map(pattern -> pattern.id()));
    }

    /** Adds a section like the chosen one after it, and chooses it. */
    public void copySection() {
        arrangement.section().ifPresent(section -> {
            String name = Slug.freshName(section.name(), this::isSectionName);
            insert(section.copiedAs(work.song().freshSectionId(name), name), Assignment.of(work.song(), section.id()));
        });
    }

    private boolean isSectionName(String name) {
        return work.song().sections().stream()
                .anyMatch(section -> section.name().equals(name));
    }

    private void insert(Section section, Optional<PatternId> pattern) {
        int place = placeAfterChosen();
        work.change(
                "edit.add",
                song -> Assignment.assigned(
                        song.withSection(section)
                                .withUses(with(song.uses(), place, Use.of(song.freshUseId(), section.id()))),
                        Where.in(section.id()),
                        pattern),
                section.name());
        arrangement.chooseUse(place);
    }

    /** Behind the chosen entry, or in front of all where none is chosen. */
    private int placeAfterChosen() {
        OptionalInt use = arrangement.choice().use();
        return use.isEmpty() ? 0 : use.getAsInt() + 1;
    }

    /** Plays the chosen section once more after itself. */
    public void repeatUse() {
        arrangement.choice().section().ifPresent(id -> {
            int place = placeAfterChosen();
            work.change(
                    "edit.add-entry", song -> song.withUses(with(song.uses(), place, Use.of(song.freshUseId(), id))));
            arrangement.chooseUse(place);
        });
    }

    /** Takes the chosen entry out of the running order; the section stays. */
    public void removeUse() {
        arrangement.choice().use().ifPresent(use -> {
            var order = new ArrayList<>(work.song().uses());
            order.remove(use);
            work.change("edit.remove-entry", song -> song.withUses(order));
        });
    }

    /** Moves the chosen entry by {@code step} places. */
    public void moveUse(int step) {
        arrangement.choice().use().ifPresent(use -> moveUse(use, use + step));
    }

    private void moveUse(int use, int target) {
        if (target < 0 || target >= work.song().order().size()) return;
        var order = new ArrayList<>(work.song().uses());
        order.add(target, order.remove(use));
        work.change("edit.move-entry", song -> song.withUses(order));
        arrangement.chooseUse(target);
    }

    /** Takes the chosen section out of the song, wherever it is played. */
    public void deleteSection() {
        arrangement.section().ifPresent(section -> work.change(DeleteSection.of(section)));
    }

    private static <T> List<T> with(List<T> list, int place, T thing) {
        var longer = new ArrayList<>(list);
        longer.add(Math.clamp(place, 0, list.size()), thing);
        return longer;
    }
}
