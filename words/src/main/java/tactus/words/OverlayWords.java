package tactus.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Section;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Overlay;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

/** What else is other in the version that is shown, a sentence each. */
public final class OverlayWords {

    /**
     * A sentence.
     *
     * @param without what is other when this is as in the song again
     */
    public record Item(String text, Version without) {}

    /** Facts that have fields of their own beside the version. */
    private static final List<Aspect<?>> APART = List.of(Aspect.CAPO, Aspect.COMPANY);

    private final Song written;
    private final Version version;
    private final Overlay overlay;

    /** @param written the song with all of its versions */
    public OverlayWords(Song written, Version version) {
        this.written = written;
        this.version = version;
        overlay = version.overlay();
    }

    /** A fact that is other in a version: {@code Capo at 3}; empty if it is as in the song. */
    public static <T> Optional<String> fact(Version version, Aspect<T> aspect) {
        return version.facts().of(aspect).map(value -> FactWords.other(aspect, value));
    }

    /** Patterns first, then sections, rules and facts. */
    public List<Item> items() {
        var items = new ArrayList<Item>();
        for (Pattern pattern : overlay.patterns()) {
            Overlay without = overlay.withPatterns(less(overlay.patterns(), pattern));
            items.add(new Item(
                    Words.of("overlay.pattern", pattern.name(), pattern.line()), version.withOverlay(without)));
        }
        for (Section section : overlay.sections()) {
            Overlay without = overlay.withSections(less(overlay.sections(), section));
            items.add(new Item(Words.of("overlay.section", section.name()), version.withOverlay(without)));
        }
        for (Rule rule : overlay.dropped()) {
            Overlay without = overlay.withDropped(less(overlay.dropped(), rule));
            items.add(new Item(
                    Words.of("overlay.dropped", new SongWords(written).of(rule)), version.withOverlay(without)));
        }
        if (!overlay.uses().isEmpty() || overlay.order().isPresent()) {
            items.add(new Item(
                    Words.of("overlay.order", order()),
                    version.withOverlay(overlay.withUses(List.of(), Optional.empty()))));
        }
        Aspect.inVersions().stream()
                .filter(aspect -> !APART.contains(aspect))
                .forEach(aspect -> fact(version, aspect)
                        .ifPresent(text -> items.add(new Item(text, version.with(aspect, Optional.empty())))));
        if (!overlay.chords().isEmpty()) {
            String names = overlay.chords().stream().map(Chord::name).collect(Collectors.joining(", "));
            items.add(new Item(Words.of("overlay.chords", names), version.withOverlay(overlay.withChords(List.of()))));
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
