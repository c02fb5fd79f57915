package tactus.app.arrangement;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.app.player.PlayerModel;
import tactus.app.work.Work;
import tactus.core.pattern.PatternId;
import tactus.core.song.Section;
import tactus.core.song.SectionId;
import tactus.core.song.Song;
import tactus.core.time.Length;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;
import tactus.core.timeline.TimelineSpan;

/** Which section, pass and chord is chosen, and what is played there. */
public final class ArrangementModel {

    /**
     * What is chosen.
     *
     * @param use the entry of the running order, or -1 for a section that is not played
     * @param pass from 1
     * @param span the chord, from 0
     */
    public record Choice(Optional<SectionId> section, int use, int pass, int span) {

        static final Choice NOTHING = new Choice(Optional.empty(), -1, 1, 0);

        Choice withPass(int other) {
            return new Choice(section, use, other, span);
        }

        Choice withSpan(int other) {
            return new Choice(section, use, pass, other);
        }
    }

    private final Work work;
    private final PlayerModel player;
    private final ReadOnlyObjectWrapper<Choice> choice = new ReadOnlyObjectWrapper<>(this, "choice", Choice.NOTHING);

    public ArrangementModel(Work work, PlayerModel player) {
        this.work = work;
        this.player = player;
        work.stateProperty().subscribe(_ -> choose(settled(choice.get())));
        work.openedProperty().subscribe(_ -> choose(settled(Choice.NOTHING)));
    }

    private void choose(Choice next) {
        choice.set(next);
        if (next.use() < 0) return;
        Optional<Length> start = chosenSpan().map(TimelineSpan::start);
        bars().stream()
                .filter(bar -> start.map(at -> at.isLessThan(bar.end())).orElse(true))
                .findFirst()
                .ifPresent(bar -> player.startBarProperty().set(bar.number()));
    }

    /** Shows the section and pass of {@code bar} while it plays. */
    void follow(TimelineBar bar) {
        choice.set(within(bar.section(), bar.use(), Choice.NOTHING.withPass(bar.pass())));
    }

    /** Keeps the choice where it is still there, and moves it to what is nearest where it is not. */
    private Choice settled(Choice wanted) {
        Song song = work.song();
        List<SectionId> order = song.order();
        if (wanted.use() >= 0 && !order.isEmpty()) {
            int use = Math.min(wanted.use(), order.size() - 1);
            return within(order.get(use), use, wanted);
        }
        Optional<SectionId> loose =
                wanted.section().filter(id -> song.section(id).isPresent());
        if (loose.isPresent()) return within(loose.get(), order.indexOf(loose.get()), wanted);
        if (!order.isEmpty()) return within(order.getFirst(), 0, Choice.NOTHING);
        return song.sections().stream()
                .findFirst()
                .map(section -> within(section.id(), -1, Choice.NOTHING))
                .orElse(Choice.NOTHING);
    }

    private Choice within(SectionId id, int use, Choice wanted) {
        Section section = work.song().section(id).orElseThrow();
        int pass = Math.clamp(wanted.pass(), 1, section.passes());
        int span = Math.clamp(wanted.span(), 0, Math.max(0, section.spans().size() - 1));
        return new Choice(Optional.of(id), use, pass, span);
    }

    /** Chooses an entry of the running order. */
    public void chooseUse(int use) {
        if (use < 0 || use >= work.song().order().size()) return;
        choose(within(work.song().order().get(use), use, Choice.NOTHING));
    }

    /** Chooses a section, where it is first played if it is. */
    public void chooseSection(SectionId id) {
        choose(within(id, work.song().order().indexOf(id), Choice.NOTHING));
    }

    /** Goes {@code step} entries on in the running order. */
    public void chooseNextUse(int step) {
        chooseUse(Math.clamp(
                choice.get().use() + step, 0, Math.max(0, work.song().order().size() - 1)));
    }

    public void choosePass(int pass) {
        section().ifPresent(_ -> choose(choice.get().withPass(pass)));
    }

    public void chooseSpan(int span) {
        section()
                .ifPresent(section -> choose(choice.get()
                        .withSpan(
                                Math.clamp(span, 0, Math.max(0, section.spans().size() - 1)))));
    }

    /** Goes {@code step} chords on, into the next pass or section where this one ends. */
    public void moveSpan(int step) {
        section().ifPresent(section -> {
            int next = choice.get().span() + step;
            if (next >= 0 && next < section.spans().size()) chooseSpan(next);
            else leave(section, step);
        });
    }

    private void leave(Section section, int step) {
        Choice now = choice.get();
        int pass = now.pass() + step;
        if (pass >= 1 && pass <= section.passes()) {
            choose(now.withPass(pass).withSpan(step > 0 ? 0 : section.spans().size() - 1));
            return;
        }
        int use = now.use() + step;
        if (use < 0 || use >= work.song().order().size()) return;
        chooseUse(use);
        if (step < 0)
            section()
                    .ifPresent(before -> choose(choice.get()
                            .withPass(before.passes())
                            .withSpan(Math.max(0, before.spans().size() - 1))));
    }

    /** The section that is chosen; empty while there is none. */
    public Optional<Section> section() {
        return choice.get().section().flatMap(work.song()::section);
    }

    /** The song laid out, or the section alone where the song does not play it. */
    public Timeline timeline() {
        if (choice.get().use() >= 0) return work.timeline();
        return section()
                .map(section -> Timeline.of(work.song().withOrder(List.of(section.id()))))
                .orElse(work.timeline());
    }

    private int shownUse() {
        return Math.max(0, choice.get().use());
    }

    /** The bars of the chosen pass. */
    public List<TimelineBar> bars() {
        if (section().isEmpty()) return List.of();
        return timeline().bars().stream()
                .filter(bar ->
                        bar.use() == shownUse() && bar.pass() == choice.get().pass())
                .toList();
    }

    /** The chords of the chosen pass. */
    public List<TimelineSpan> spans() {
        if (section().isEmpty()) return List.of();
        return timeline().spans().stream()
                .filter(span ->
                        span.use() == shownUse() && span.pass() == choice.get().pass())
                .toList();
    }

    /** The chord that is chosen; empty where the section has none. */
    public Optional<TimelineSpan> chosenSpan() {
        return spans().stream()
                .filter(span -> span.inSection() == choice.get().span())
                .findFirst();
    }

    /** Changes the chosen section. Returns what is wrong with the change, if anything. */
    public Optional<String> change(UnaryOperator<Section> change) {
        return attempt(() ->
                section().ifPresent(section -> work.change(song -> song.withSection(section.id(), change))));
    }

    /** Changes the chosen section as one types in {@code field}. Returns what is wrong with the change, if anything. */
    public Optional<String> type(String field, UnaryOperator<Section> change) {
        return attempt(() -> section()
                .ifPresent(section ->
                        work.type(field + " " + section.id(), song -> song.withSection(section.id(), change))));
    }

    private static Optional<String> attempt(Runnable change) {
        try {
            change.run();
            return Optional.empty();
        } catch (IllegalArgumentException wrong) {
            return Optional.of(wrong.getMessage());
        }
    }

    /** Assigns the pattern with {@code number}, from 1 as listed, to the section or to its last pass. */
    public void assign(int number, boolean toLastPass) {
        if (number > work.song().patterns().size()) return;
        assign(Optional.of(work.song().patterns().get(number - 1).id()), toLastPass);
    }

    /** Assigns a pattern, or none, to the section or to its last pass. */
    public void assign(Optional<PatternId> pattern, boolean toLastPass) {
        change(section -> toLastPass ? section.withLastPassPattern(pattern) : section.withPattern(pattern));
    }

    public Choice choice() {
        return choice.get();
    }

    public ReadOnlyObjectProperty<Choice> choiceProperty() {
        return choice.getReadOnlyProperty();
    }
}
