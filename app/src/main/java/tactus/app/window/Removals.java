package tactus.app.window;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tactus.app.words.Words;
import tactus.app.work.Work;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.rule.What;
import tactus.core.section.Section;
import tactus.core.song.Song;
import tactus.core.song.UseNames;

/** Says what was taken away although it was played, and offers what to do instead. */
final class Removals {

    private final Work work;
    private final NoticeBar notices;

    Removals(Work work, NoticeBar notices) {
        this.work = work;
        this.notices = notices;
        work.stateProperty().subscribe((before, after) -> compare(before.song(), after.song()));
    }

    /** Only one thing is taken away at a time; where more is other, another song was opened. */
    private void compare(Song before, Song after) {
        if (!before.facts().equals(after.facts())) return;
        boolean sameSections = ids(before).equals(ids(after));
        boolean samePatterns = before.patterns().size() == after.patterns().size();
        if (sameSections && before.patterns().size() == after.patterns().size() + 1) {
            gone(before, after).ifPresent(pattern -> say(before, after, pattern));
        } else if (samePatterns && before.sections().size() == after.sections().size() + 1) {
            before.sections().stream()
                    .filter(section -> after.section(section.id()).isEmpty())
                    .forEach(section -> say(before, section));
        }
    }

    private static List<Object> ids(Song song) {
        return song.sections().stream().<Object>map(Section::id).toList();
    }

    private static Optional<Pattern> gone(Song before, Song after) {
        return before.patterns().stream()
                .filter(pattern -> after.pattern(pattern.id()).isEmpty())
                .findFirst();
    }

    private void say(Song before, Song after, Pattern pattern) {
        List<Section> played = before.usesOf(pattern.id());
        if (played.isEmpty()) return;
        String where = played.stream().map(Section::name).collect(Collectors.joining(", "));
        var undo = new Overlay.Answer("undo", Words.of("removed.undo"), work::undo);
        Optional<Overlay.Answer> instead = after.patterns().stream()
                .filter(each -> each.meter().equals(pattern.meter()))
                .findFirst()
                .map(other -> new Overlay.Answer(
                        "instead",
                        Words.of("removed.instead", other.name()),
                        () -> replace(before, after, pattern.id(), other.id())));
        notices.show(
                Words.of("removed.pattern", pattern.name(), where),
                instead.map(answer -> List.of(answer, undo)).orElse(List.of(undo)));
    }

    /** Says the rules again with another pattern, as long as nothing else has been changed. */
    private void replace(Song before, Song after, PatternId gone, PatternId other) {
        if (!work.song().equals(after)) return;
        work.change(song -> song.withRules(before.rules().stream()
                .map(rule -> rule.pattern().filter(gone::equals).isPresent()
                        ? rule.withPlay(rule.play().with(new What.Plays(other)))
                        : rule)
                .toList()));
    }

    private void say(Song before, Section section) {
        int times = UseNames.indices(before, section.id()).size();
        if (times == 0) return;
        notices.show(
                Words.of("removed.section", section.name(), times),
                List.of(new Overlay.Answer("undo", Words.of("removed.undo"), work::undo)));
    }
}
