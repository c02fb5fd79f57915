package tactus.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tactus.core.harmony.Chord;
import tactus.core.pattern.Pattern;
import tactus.core.rule.Rule;
import tactus.core.section.Section;
import tactus.core.song.Overlay;
import tactus.core.song.Song;

/** What else is other in the version that is shown, a sentence each. */
public final class OverlayWords {

    /**
     * A sentence.
     *
     * @param without what is other when this is as in the song again
     */
    public record Item(String text, Overlay without) {}

    private final Song written;
    private final Overlay overlay;

    /** @param written the song with all of its versions */
    public OverlayWords(Song written, Overlay overlay) {
        this.written = written;
        this.overlay = overlay;
    }

    /** Patterns first, then sections, rules and facts. */
    public List<Item> items() {
        var items = new ArrayList<Item>();
        for (Pattern pattern : overlay.patterns()) {
            Overlay without = overlay.withPatterns(less(overlay.patterns(), pattern));
            items.add(new Item(Words.of("overlay.pattern", pattern.name(), pattern.line()), without));
        }
        for (Section section : overlay.sections()) {
            Overlay without = overlay.withSections(less(overlay.sections(), section));
            items.add(new Item(Words.of("overlay.section", section.name()), without));
        }
        for (Rule rule : overlay.dropped()) {
            Overlay without = overlay.withDropped(less(overlay.dropped(), rule));
            items.add(new Item(Words.of("overlay.dropped", new SongWords(written).of(rule)), without));
        }
        if (!overlay.uses().isEmpty() || overlay.order().isPresent()) {
            items.add(new Item(Words.of("overlay.order", order()), overlay.withUses(List.of(), Optional.empty())));
        }
        overlay.key()
                .ifPresent(key -> items.add(new Item(Words.of("overlay.key", key), overlay.withKey(Optional.empty()))));
        overlay.tempo()
                .ifPresent(tempo -> items.add(new Item(
                        Words.of("overlay.tempo", tempo.perMinuteText()), overlay.withTempo(Optional.empty()))));
        if (!overlay.chords().isEmpty()) {
            String names = overlay.chords().stream().map(Chord::name).collect(Collectors.joining(", "));
            items.add(new Item(Words.of("overlay.chords", names), overlay.withChords(List.of())));
        }
        return items;
    }

    private String order() {
        Song shown = written.asShown();
        return shown.uses().stream().map(shown::nameOf).collect(Collectors.joining(", "));
    }

    private static <T> List<T> less(List<T> all, T one) {
        return all.stream().filter(each -> !each.equals(one)).toList();
    }
}
