package tactus.app.stand;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.app.arrangement.section.Choice;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.written.song.Passes;
import tactus.formats.font.ChordText;
import tactus.words.HintWords;
import tactus.words.SongWords;
import tactus.words.Words;

/** Which pass of which entry stands on the stand: the one that sounds, or the one that was turned to. */
public final class StandModel {

    /** A page of the stand: an entry of the running order, from 0, and a pass, from 1. */
    public record Leaf(int use, int pass) {}

    private final Work work;
    private final PlayerModel player;
    private final Settings settings;
    private final ReadOnlyObjectWrapper<Optional<Leaf>> leaf =
            new ReadOnlyObjectWrapper<>(this, "leaf", Optional.empty());

    public StandModel(Work work, PlayerModel player, Settings settings) {
        this.work = work;
        this.player = player;
        this.settings = settings;
    }

    /** Begins with what is chosen in the arrangement, or with the first section. */
    public void open(Choice choice) {
        leaf.set(
                work.song().uses().isEmpty()
                        ? Optional.empty()
                        : Optional.of(new Leaf(choice.use().orElse(0), choice.pass())));
        settle();
    }

    /** Stays where it is as far as that is still there. */
    public void settle() {
        int uses = work.song().uses().size();
        leaf.set(leaf.get().filter(_ -> uses > 0).map(each -> {
            int use = Math.min(each.use(), uses - 1);
            return new Leaf(use, Math.clamp(each.pass(), 1, count(use)));
        }));
    }

    private int count(int use) {
        return new Passes(work.song()).count(use);
    }

    /** Turns to the next pass or section, or back if {@code step} is negative. */
    public void turn(int step) {
        leaf.get().flatMap(each -> after(each, step)).ifPresent(next -> {
            leaf.set(Optional.of(next));
            bars().stream()
                    .findFirst()
                    .ifPresent(bar -> player.startBarProperty().set(bar.number()));
        });
    }

    private Optional<Leaf> after(Leaf now, int step) {
        int pass = now.pass() + step;
        if (pass >= 1 && pass <= count(now.use())) return Optional.of(new Leaf(now.use(), pass));
        int use = now.use() + step;
        if (use < 0 || use >= work.song().uses().size()) return Optional.empty();
        return Optional.of(new Leaf(use, step > 0 ? 1 : count(use)));
    }

    /** Turns to where the song sounds. */
    public void follow(TimelineBar bar) {
        var sounding = new Leaf(bar.use(), bar.pass());
        if (leaf.get().filter(sounding::equals).isEmpty()) leaf.set(Optional.of(sounding));
    }

    /** What is to be kept in mind of what stands there; empty if nothing is. */
    public String hints() {
        List<TimelineSpan> spans = bars().stream()
                .flatMap(bar -> work.timeline().spansIn(bar).stream())
                .toList();
        return leaf.get()
                .map(each -> new HintWords(work.song())
                        .forStand(
                                work.song().uses().get(each.use()).section(),
                                spans.stream().map(TimelineSpan::chord).toList(),
                                spans.stream()
                                        .flatMap(span -> span.pattern().stream())
                                        .distinct()
                                        .toList()))
                .orElse("");
    }

    /** The bars that stand there. */
    public List<TimelineBar> bars() {
        return leaf.get()
                .map(each -> work.timeline().barsOf(each.use(), each.pass()).stream()
                        .filter(bar -> bar.number() > 0)
                        .toList())
                .orElse(List.of());
    }

    /** The name of the entry. */
    public String title() {
        return leaf.get().map(each -> name(each.use())).orElse("");
    }

    private String name(int use) {
        return work.song().nameOf(work.song().uses().get(use));
    }

    /** {@code pass 1 of 2}, and how it is played. */
    public String facts() {
        return leaf.get()
                .map(each -> {
                    int count = count(each.use());
                    String pass = count > 1 ? Words.of("stand.pass", each.pass(), count) : "";
                    String played = played(each);
                    return pass.isEmpty() || played.isEmpty() ? pass + played : pass + " · " + played;
                })
                .orElse("");
    }

    private String played(Leaf at) {
        var words = new SongWords(work.song());
        return work.timeline().spans().stream()
                .filter(span -> span.use() == at.use()
                        && span.pass() == at.pass()
                        && span.inSection().isPresent())
                .map(words::played)
                .distinct()
                .limit(2)
                .collect(Collectors.joining("; "));
    }

    /** What comes behind it: {@code next: pass 2, then Chorus  F G C Am}. */
    public String next() {
        return leaf.get()
                .map(each -> after(each, 1).map(this::announced).orElse(Words.of("stand.end")))
                .map(said -> Words.of("stand.next", said))
                .orElse("");
    }

    private String announced(Leaf next) {
        String chords = work.timeline().spans().stream()
                .filter(span -> span.use() == next.use() && span.pass() == next.pass())
                .filter(span -> span.inSection().isPresent() && !span.goesOn())
                .map(span -> ChordText.of(span.chord(), settings.noteSchool()))
                .limit(6)
                .collect(Collectors.joining(" "));
        int count = count(next.use());
        String pass = count > 1 ? ", " + Words.of("stand.pass", next.pass(), count) : "";
        return name(next.use()) + pass + "   " + chords;
    }

    public ReadOnlyObjectProperty<Optional<Leaf>> leafProperty() {
        return leaf.getReadOnlyProperty();
    }
}
