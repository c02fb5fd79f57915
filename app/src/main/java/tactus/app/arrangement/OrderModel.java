package tactus.app.arrangement;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import tactus.app.words.Words;
import tactus.app.work.Work;
import tactus.core.name.Slug;
import tactus.core.song.Section;

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
                1,
                work.song().patterns().stream().findFirst().map(pattern -> pattern.id()),
                Optional.empty());
        insert(section);
    }

    /** Adds a section like the chosen one after it, and chooses it. */
    public void copySection() {
        arrangement.section().ifPresent(section -> {
            String name = Slug.freshName(section.name(), this::isSectionName);
            insert(section.copiedAs(work.song().freshSectionId(name), name));
        });
    }

    private boolean isSectionName(String name) {
        return work.song().sections().stream()
                .anyMatch(section -> section.name().equals(name));
    }

    private void insert(Section section) {
        int place = arrangement.choice().use() + 1;
        work.change(song -> song.withSection(section).withOrder(with(song.order(), place, section.id())));
        arrangement.chooseUse(place);
    }

    /** Plays the chosen section once more after itself. */
    public void repeatUse() {
        arrangement.choice().section().ifPresent(id -> {
            int place = arrangement.choice().use() + 1;
            work.change(song -> song.withOrder(with(song.order(), place, id)));
            arrangement.chooseUse(place);
        });
    }

    /** Takes the chosen entry out of the running order; the section stays. */
    public void removeUse() {
        int use = arrangement.choice().use();
        if (use < 0) return;
        var order = new ArrayList<>(work.song().order());
        order.remove(use);
        work.change(song -> song.withOrder(order));
    }

    /** Moves the chosen entry by {@code step} places. */
    public void moveUse(int step) {
        int use = arrangement.choice().use();
        int target = use + step;
        if (use < 0 || target < 0 || target >= work.song().order().size()) return;
        var order = new ArrayList<>(work.song().order());
        order.add(target, order.remove(use));
        work.change(song -> song.withOrder(order));
        arrangement.chooseUse(target);
    }

    /** Takes the chosen section out of the song, wherever it is played. */
    public void deleteSection() {
        arrangement.choice().section().ifPresent(id -> work.change(song -> song.withoutSection(id)));
    }

    private static <T> List<T> with(List<T> list, int place, T thing) {
        var longer = new ArrayList<>(list);
        longer.add(Math.clamp(place, 0, list.size()), thing);
        return longer;
    }
}
