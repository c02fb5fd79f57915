package tactus.app.arrangement.section;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.app.player.PlayerModel;
import tactus.app.work.Work;
import tactus.core.counsel.edit.Edit;
import tactus.core.ground.refusal.Outcome;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.reading.sentence.PlaceWords;
import tactus.core.reading.sentence.SongBars;
import tactus.core.written.section.Numbered;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.Use;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Passes;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** Which section, pass and chord is chosen, and what is played there. */
public final class ArrangementModel {

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
        if (next.use().isEmpty()) return;
        Optional<Length> start = chosenSpan().map(TimelineSpan::start);
        bars().stream()
                .filter(bar -> start.map(at -> at.isLessThan(bar.end())).orElse(true))
                .findFirst()
                .ifPresent(bar -> player.startBarProperty().set(bar.number()));
    }

    /** Shows the section and pass of {@code bar} while it plays. */
    public void follow(TimelineBar bar) {
        choice.set(within(bar.section(), OptionalInt.of(bar.use()), Choice.NOTHING.withPass(bar.pass())));
    }

    /** Keeps the choice where it is still there, and moves it to what is nearest where it is not. */
    private Choice settled(Choice wanted) {
        Song song = work.song();
        List<SectionId> order = song.order();
        if (wanted.use().isPresent() && !order.isEmpty()) {
            int use = Math.min(wanted.use().getAsInt(), order.size() - 1);
            return within(order.get(use), OptionalInt.of(use), wanted);
        }
        Optional<SectionId> loose =
                wanted.section().filter(id -> song.section(id).isPresent());
        if (loose.isPresent()) return within(loose.get(), firstUse(loose.get()), wanted);
        if (!order.isEmpty()) return within(order.getFirst(), OptionalInt.of(0), Choice.NOTHING);
        return song.sections().stream()
                .findFirst()
                .map(section -> within(section.id(), OptionalInt.empty(), Choice.NOTHING))
                .orElse(Choice.NOTHING);
    }

    private OptionalInt firstUse(SectionId id) {
        int use = work.song().order().indexOf(id);
        return use < 0 ? OptionalInt.empty() : OptionalInt.of(use);
    }

    private Choice within(SectionId id, OptionalInt use, Choice wanted) {
        Section section = work.song().section(id).orElseThrow();
        int pass = Math.clamp(wanted.pass(), 1, passes(use, section));
        Section played = use.isEmpty() ? section : new Passes(work.song()).section(use.getAsInt(), pass);
        int span = Math.clamp(wanted.span(), 0, Math.max(0, played.spans().size() - 1));
        int reach = Math.clamp(wanted.reach(), 0, Math.max(0, played.spans().size() - 1));
        return new Choice(Optional.of(id), use, pass, span, reach);
    }

    private int passes(OptionalInt use, Section section) {
        return use.isEmpty() ? section.passes() : new Passes(work.song()).count(use.getAsInt());
    }

    /** How often the chosen section goes round in the chosen entry. */
    public int passes() {
        return section().map(section -> passes(choice.get().use(), section)).orElse(1);
    }

    /** The section as it is on the chosen pass, with its exceptions and tag. */
    public Optional<Section> played() {
        return numbered().map(Numbered::section);
    }

    /** The same with the numbers by which rules speak of its bars and chords. */
    public Optional<Numbered> numbered() {
        Choice now = choice.get();
        return now.use().isEmpty()
                ? section().map(Numbered::of)
                : section().map(_ -> new Passes(work.song()).numbered(now.use().getAsInt(), now.pass()));
    }

    /** Whether the chosen chord is the one that is written in the section, so that it can be changed there. */
    public boolean isAsWritten() {
        Choice now = choice.get();
        boolean same = now.use().isEmpty()
                || new Passes(work.song())
                        .excepts(now.use().getAsInt(), now.pass())
                        .isEmpty();
        return same
                && section()
                        .filter(section -> now.span() < section.spans().size())
                        .isPresent();
    }

    /** The chosen entry of the running order; empty for a section that is not played. */
    public Optional<Use> use() {
        OptionalInt use = choice.get().use();
        return use.isEmpty() ? Optional.empty() : Optional.of(work.song().uses().get(use.getAsInt()));
    }

    /** Chooses a chord of a pass of an entry, as far as they are there. */
    public void choose(int use, int pass, int span) {
        if (use < 0 || use >= work.song().uses().size()) return;
        var wanted = new Choice(Optional.empty(), OptionalInt.of(use), pass, span, span);
        choose(within(work.song().order().get(use), wanted.use(), wanted));
    }

    /** Chooses an entry of the running order. */
    public void chooseUse(int use) {
        if (use < 0 || use >= work.song().order().size()) return;
        choose(within(work.song().order().get(use), OptionalInt.of(use), Choice.NOTHING));
    }

    /** Chooses a section, where it is first played if it is. */
    public void chooseSection(SectionId id) {
        choose(within(id, firstUse(id), Choice.NOTHING));
    }

    /** Goes {@code step} entries on in the running order. */
    public void chooseNextUse(int step) {
        int last = Math.max(0, work.song().order().size() - 1);
        OptionalInt use = choice.get().use();
        chooseUse(use.isEmpty() ? (step < 0 ? last : 0) : Math.clamp((long) use.getAsInt() + step, 0, last));
    }

    public void choosePass(int pass) {
        section().ifPresent(_ -> choose(choice.get().withPass(pass)));
    }

    public void chooseSpan(int span) {
        played().ifPresent(section -> choose(choice.get()
                .withSpan(Math.clamp(span, 0, Math.max(0, section.spans().size() - 1)))));
    }

    /** Chooses every chord from the chosen one to {@code span}. */
    public void chooseTo(int span) {
        played().ifPresent(section -> choose(choice.get()
                .reaching(Math.clamp(span, 0, Math.max(0, section.spans().size() - 1)))));
    }

    /** Chooses one chord more, or one fewer, at the far end of those that are chosen. */
    public void extend(int step) {
        chooseTo(choice.get().reach() + step);
    }

    /** Goes {@code step} chords on, into the next pass or section where this one ends. */
    public void moveSpan(int step) {
        played().ifPresent(section -> {
            int next = choice.get().reach() + step;
            if (next >= 0 && next < section.spans().size()) chooseSpan(next);
            else leave(section, step);
        });
    }

    private void leave(Section section, int step) {
        Choice now = choice.get();
        int pass = now.pass() + step;
        if (pass >= 1 && pass <= passes()) {
            choose(now.withPass(pass).withSpan(0));
            if (step < 0) chooseSpan(Integer.MAX_VALUE);
            return;
        }
        if (now.use().isEmpty()) return;
        int use = now.use().getAsInt() + step;
        if (use < 0 || use >= work.song().order().size()) return;
        chooseUse(use);
        if (step < 0) {
            choose(choice.get().withPass(passes()));
            chooseSpan(Integer.MAX_VALUE);
        }
    }

    /** The section that is chosen; empty while there is none. */
    public Optional<Section> section() {
        return choice.get().section().flatMap(work.song()::section);
    }

    /** The song laid out, or the section alone where the song does not play it. */
    public Timeline timeline() {
        if (choice.get().use().isPresent()) return work.timeline();
        return section()
                .map(section -> Timeline.of(work.song().withOrder(List.of(section.id()))))
                .orElse(work.timeline());
    }

    private int shownUse() {
        return choice.get().use().orElse(0);
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
        return spans().stream().filter(span -> span.isAt(choice.get().span())).findFirst();
    }

    /**
     * Reads bars of the chosen section: {@code bars 5-8}, or counted through the song, {@code song bar 13}.
     *
     * @throws tactus.core.ground.refusal.NotationException if the text is no bars, or those of another section
     */
    public Stretch bars(String text) {
        return new SongBars(Words.lexicon(), work::timeline)
                .read(text, choice.get().section())
                .orElseGet(() -> new PlaceWords(Words.lexicon()).parse(text));
    }

    /** The bars that the chosen chords fill, if they begin and end at bar lines and are spoken of one after another. */
    public Optional<Stretch> chosenBars() {
        Choice now = choice.get();
        Optional<Numbered> numbered = numbered();
        if (numbered.isEmpty()) return Optional.empty();
        Section section = numbered.get().section();
        List<Length> edges = section.edges(Assignment.round(work.song(), section));
        if (now.last() + 1 >= edges.size()) return Optional.empty();
        BarLines lines = section.barLines();
        int from = lines.barAt(edges.get(now.first()));
        Length end = edges.get(now.last() + 1);
        int to = end.isLessThan(lines.length()) ? lines.barAt(end) : lines.bars();
        boolean isWhole = lines.start(from).equals(edges.get(now.first()))
                && (to == lines.bars()
                        ? end.equals(lines.length())
                        : lines.start(to).equals(end));
        if (!isWhole || to <= from) return Optional.empty();
        List<Integer> bars = numbered.get().bars().subList(from, to);
        Stretch chosen = Stretch.bars(Collections.min(bars), Collections.max(bars));
        return numbered.get().in(chosen).equals(Stretch.bars(from + 1, to).in(lines))
                ? Optional.of(chosen)
                : Optional.empty();
    }

    /**
     * Changes the chosen section. Returns what is wrong with the change, if anything.
     *
     * @param code of the label, which speaks of the section's name
     */
    public Outcome change(String code, UnaryOperator<Section> change) {
        return Outcome.of(() -> section().ifPresent(section -> work.change(edit(code, section, change))));
    }

    private static Edit edit(String code, Section section, UnaryOperator<Section> change) {
        return Edit.of(code, song -> song.withSection(section.id(), change), section.name());
    }

    /** Changes the chosen section as one types in {@code field}. Returns what is wrong with the change, if anything. */
    public Outcome type(String field, String code, UnaryOperator<Section> change) {
        return Outcome.of(() ->
                section().ifPresent(section -> work.type(field + " " + section.id(), edit(code, section, change))));
    }

    public Choice choice() {
        return choice.get();
    }

    public ReadOnlyObjectProperty<Choice> choiceProperty() {
        return choice.getReadOnlyProperty();
    }
}
