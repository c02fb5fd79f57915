package tactus.app.arrangement.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.app.work.Work;
import tactus.core.counsel.comparison.Recap;
import tactus.core.counsel.comparison.SideBySide;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Passes;
import tactus.core.written.song.Song;
import tactus.words.SongWords;
import tactus.words.Words;

/** Two uses or sections side by side. */
public final class CompareModel {

    /**
     * What can be compared.
     *
     * @param use an entry of the running order; empty for a section that is not played
     */
    public record Side(OptionalInt use, SectionId section, String name) {}

    private final Work work;

    public CompareModel(Work work) {
        this.work = work;
    }

    /** Every entry of the running order, and the sections that are not played. */
    public List<Side> sides() {
        var sides = new ArrayList<Side>();
        var words = new SongWords(work.song());
        IntStream.range(0, work.song().uses().size())
                .forEach(use -> sides.add(new Side(
                        OptionalInt.of(use), work.song().uses().get(use).section(), words.use(use))));
        work.song().sections().stream()
                .filter(section -> !work.song().order().contains(section.id()))
                .forEach(section -> sides.add(new Side(OptionalInt.empty(), section.id(), section.name())));
        return sides;
    }

    /** What is best compared with the entry {@code use}: another use of its section, or else its neighbour. */
    public int other(int use) {
        if (use >= work.song().uses().size()) return 0;
        return work.song().indicesOf(work.song().uses().get(use).section()).stream()
                .filter(each -> each != use)
                .findFirst()
                .orElse(use == 0 ? 1 : use - 1);
    }

    /** The first pass of both; empty if one of them is no longer there. */
    public Optional<SideBySide> compare(Side left, Side right) {
        Optional<Section> one = section(left);
        Optional<Section> other = section(right);
        return one.flatMap(first -> other.map(second -> SideBySide.of(
                first, Assignment.round(work.song(), first), second, Assignment.round(work.song(), second))));
    }

    /** What is played in both, where it is not the same. */
    public String played(Side left, Side right) {
        String one = played(left);
        String other = played(right);
        return one.equals(other) ? Words.of("compare.playedSame", one) : Words.of("compare.played", one, other);
    }

    private String played(Side side) {
        return work.timeline().spans().stream()
                .filter(span -> OptionalInt.of(span.use()).equals(side.use())
                        && span.inSection().isPresent())
                .map(new SongWords(work.song())::played)
                .distinct()
                .collect(Collectors.joining("; "));
    }

    private Optional<Section> section(Side side) {
        if (side.use().isEmpty()) return work.song().section(side.section());
        int use = side.use().getAsInt();
        boolean there = use < work.song().uses().size();
        return there ? Optional.of(new Passes(work.song()).section(use, 1)) : Optional.empty();
    }

    /** What is written otherwise than it is said, a sentence each; one that says so if nothing is. */
    Supplier<List<String>> recap(String said) {
        Song song = work.song();
        return () -> {
            Recap recap = Recap.of(song, said, Words.lexicon());
            if (recap.isEmpty()) return List.of();
            if (recap.found().isEmpty()) return List.of(Words.of("recap.same"));
            return recap.found().stream().map(Words::say).toList();
        };
    }
}
