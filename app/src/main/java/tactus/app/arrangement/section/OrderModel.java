package tactus.app.arrangement.section;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import tactus.app.work.Work;
import tactus.core.counsel.edit.DeleteSection;
import tactus.core.ground.name.Slug;
import tactus.core.ground.refusal.Outcome;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.reading.sentence.OrderLine;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.section.Use;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** What can be done with whole sections and with the order in which they are played. */
public final class OrderModel {

    private final ObjectProperty<List<Integer>> group = new SimpleObjectProperty<>(this, "group", List.of());
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

    /** The entries that are chosen together, by their indices; empty where it is one or none. */
    public ObjectProperty<List<Integer>> groupProperty() {
        return group;
    }

    /** Those that are chosen together, or the chosen one. */
    private List<Integer> chosen() {
        int last = work.song().uses().size() - 1;
        List<Integer> together =
                group.get().stream().filter(use -> use <= last).sorted().toList();
        if (together.size() > 1) return together;
        return arrangement.choice().use().stream().boxed().toList();
    }

    /** Plays the chosen entries once more behind the last of them. */
    public void repeatChosen() {
        List<Integer> uses = chosen();
        if (uses.size() < 2) {
            repeatUse();
            return;
        }
        int place = uses.getLast() + 1;
        work.change("edit.add-entry", song -> {
            var all = new ArrayList<>(song.uses());
            int id = song.freshUseId();
            for (int i = 0; i < uses.size(); i++) {
                Use once = song.uses().get(uses.get(i));
                all.add(place + i, new Use(id + i, once.section(), once.name(), once.excepts()));
            }
            return song.withUses(all);
        });
        group.set(IntStream.range(place, place + uses.size()).boxed().toList());
        arrangement.chooseUse(place);
    }

    /** Takes the chosen entries out of the running order; their sections stay. */
    public void removeChosen() {
        List<Integer> uses = chosen();
        group.set(List.of());
        var left = new ArrayList<>(work.song().uses());
        uses.reversed().forEach(use -> left.remove(use.intValue()));
        if (!uses.isEmpty()) work.change("edit.remove-entry", song -> song.withUses(left));
    }

    /** Moves the chosen entries by one place, earlier or later, as far as they can. */
    public void moveChosen(int step) {
        List<Integer> uses = chosen();
        int size = work.song().uses().size();
        if (uses.isEmpty() || uses.getFirst() + step < 0 || uses.getLast() + step >= size) return;
        var order = new ArrayList<>(work.song().uses());
        List<Integer> inTurn = step < 0 ? uses : uses.reversed();
        for (int use : inTurn) order.add(use + step, order.remove(use));
        work.change("edit.move-entry", song -> song.withUses(order));
        group.set(uses.stream().map(use -> use + step).toList());
        arrangement.chooseUse((step < 0 ? uses.getFirst() : uses.getLast()) + step);
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

    /** The running order as a line that can be typed. */
    public String line() {
        return new OrderLine(work.song()).text();
    }

    /** Takes what is typed as the running order. Returns what is wrong with it, if anything. */
    public Outcome takeLine(String text) {
        return Outcome.of(() -> {
            OrderLine.of(work.song(), text);
            work.change("edit.order", song -> OrderLine.of(song, text));
        });
    }

    /** Finds out what is wrong with a running order that is being typed, if anything, in any thread. */
    public Supplier<Outcome> problem(String text) {
        Song song = work.song();
        return () -> Outcome.of(() -> OrderLine.of(song, text));
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
