package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import tactus.core.patterns.pattern.Figure;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/**
 * A pattern as it is really played in a song: in one of its forms, on some of the chords.
 *
 * @param pattern the form, under the name of the pattern it comes from
 * @param chords those it is played on, each once in the order in which they come
 */
public record PlayedForm(Pattern pattern, FormChoice form, List<String> chords) {

    private record Key(PatternId pattern, FormChoice form) {}

    public PlayedForm {
        Objects.requireNonNull(pattern);
        Objects.requireNonNull(form);
        chords = List.copyOf(chords);
    }

    /** What its fingers pick; they stay on the strings that they have in the whole pattern. */
    public Figure figure(Song song) {
        return Figure.of(pattern, whole(song));
    }

    /** The pattern that it is a form of. */
    public Pattern whole(Song song) {
        return song.pattern(pattern.id()).orElse(pattern);
    }

    /**
     * The sections in which {@code id} is heard, in whichever form, in the order in which they are first played; a second guitar's
     * figures included.
     */
    public static List<SectionId> sections(Song shown, Timeline timeline, PatternId id) {
        Set<Integer> uses = usesWith(timeline, span -> span.pattern().equals(Optional.of(id)));
        timeline.parts().second().stream()
                .filter(stroke -> stroke.pattern().equals(Optional.of(id)))
                .map(stroke -> timeline.spans().get(stroke.span()).use())
                .forEach(uses::add);
        return sections(shown, uses);
    }

    /** The sections in which the guitar that all hear first plays {@code id} in {@code form}, in the order of playing. */
    public static List<SectionId> sections(Song shown, Timeline timeline, PatternId id, FormChoice form) {
        return sections(
                shown,
                usesWith(
                        timeline,
                        span -> span.pattern().equals(Optional.of(id))
                                && span.played().form().equals(form)));
    }

    private static Set<Integer> usesWith(Timeline timeline, Predicate<TimelineSpan> isPlayed) {
        return timeline.spans().stream()
                .filter(isPlayed)
                .map(TimelineSpan::use)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static List<SectionId> sections(Song shown, Set<Integer> uses) {
        return uses.stream()
                .map(use -> shown.uses().get(use).section())
                .distinct()
                .toList();
    }

    /** {@code form} of the pattern {@code id}; the pattern itself where it has no such form, empty where there is none. */
    public static Optional<Pattern> pattern(Song shown, PatternId id, FormChoice form) {
        return new Forms(shown).of(id, form);
    }

    /** What is played in {@code shown}, in the order of its patterns; a second guitar's figures included. */
    public static List<PlayedForm> of(Song shown, Timeline timeline) {
        Map<Key, Set<String>> played = new LinkedHashMap<>();
        for (TimelineSpan span : timeline.spans()) {
            span.pattern()
                    .ifPresent(id -> played.computeIfAbsent(
                                    new Key(id, span.played().form()), _ -> new LinkedHashSet<>())
                            .add(span.chord()));
        }
        for (TimelineStroke stroke : timeline.parts().second()) {
            stroke.pattern()
                    .ifPresent(id -> played.computeIfAbsent(new Key(id, FormChoice.FULL), _ -> new LinkedHashSet<>())
                            .add(timeline.spans().get(stroke.span()).chord()));
        }
        var forms = new Forms(shown);
        var all = new ArrayList<PlayedForm>();
        for (Pattern pattern : shown.patterns()) {
            played.forEach((key, chords) -> {
                if (!key.pattern().equals(pattern.id())) return;
                forms.of(key.pattern(), key.form())
                        .ifPresent(form -> all.add(new PlayedForm(form, key.form(), List.copyOf(chords))));
            });
        }
        return all;
    }
}
