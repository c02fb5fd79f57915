package tactus.core.written.song;

import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.SectionId;

/** Takes something out of a song, and out of everything that speaks of it. */
final class Removal {

    private Removal() {}

    static Song of(Song song, PatternId id) {
        var rest = song.patterns().stream()
                .filter(pattern -> !pattern.id().equals(id))
                .map(pattern ->
                        pattern.form().filter(form -> form.of().equals(id)).isPresent()
                                ? pattern.withForm(Optional.empty())
                                : pattern)
                .toList();
        var freed = song.sections().stream()
                .map(section -> section.withSecond(section.second().stream()
                        .filter(each -> !each.equals(id))
                        .toList()))
                .toList();
        return song.withVersions(overlays(song, overlay -> overlay.without(id)))
                .withRules(Assignment.without(song.rules(), id))
                .withSections(freed)
                .withPatterns(rest)
                .withLesson(withoutHints(
                        song, place -> place.inPattern().filter(id::equals).isPresent()));
    }

    private static Versions overlays(Song song, UnaryOperator<Overlay> change) {
        return new Versions(
                song.versions().all().stream()
                        .map(version -> version.withOverlay(change.apply(version.overlay())))
                        .toList(),
                song.versions().shown());
    }

    private static LessonNotes withoutHints(Song song, Predicate<HintPlace> gone) {
        return song.lesson().withHints(song.lesson().hints(gone.negate()));
    }

    static Song of(Song song, SectionId id) {
        var rest = song.sections().stream()
                .filter(section -> !section.id().equals(id))
                .map(section -> section.withTag(section.tag().filter(tag -> !tag.equals(id))))
                .toList();
        return song.withVersions(overlays(song, overlay -> overlay.without(id)))
                .withUses(song.uses().stream()
                        .filter(use -> !use.section().equals(id))
                        .toList())
                .withRules(song.rules().stream()
                        .filter(rule ->
                                rule.where().section().filter(id::equals).isEmpty())
                        .toList())
                .withSections(rest)
                .withLesson(withoutHints(
                        song, place -> place.inSection().filter(id::equals).isPresent()));
    }
}
