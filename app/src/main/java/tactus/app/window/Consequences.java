package tactus.app.window;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tactus.app.work.Work;
import tactus.core.counsel.edit.Consequence;
import tactus.core.ground.language.Lexicon;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.rule.What;
import tactus.core.written.section.Section;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** Tells what came of an edit beside what was asked for, and offers what to do instead. */
final class Consequences {

    private final Work work;
    private final NoticeBar notices;

    Consequences(Work work, NoticeBar notices) {
        this.work = work;
        this.notices = notices;
        work.doneProperty().subscribe(done -> done.ifPresent(this::tell));
    }

    private void tell(Work.Done done) {
        if (!done.forAll().isEmpty() && done.consequences().isEmpty()) {
            String version = done.after().versions().shown().orElse("");
            String why = done.forAll().stream()
                    .sorted()
                    .map(each -> Words.of("consequence." + Lexicon.code(each), version))
                    .collect(Collectors.joining(" "));
            notices.showOf(work.written(), why, List.of(undo()));
        }
        for (Consequence consequence : done.consequences()) {
            switch (consequence) {
                case Consequence.NothingPlayed gone -> tell(done, gone);
                case Consequence.OtherMeter other ->
                    notices.showOf(
                            work.written(),
                            Words.of(
                                    "consequence.meter",
                                    other.from(),
                                    other.to(),
                                    other.bars(),
                                    other.placed(),
                                    other.left().size(),
                                    String.join(", ", other.left())),
                            List.of(undo()));
                case Consequence.FewerEntries(String section, int times) ->
                    notices.showOf(work.written(), Words.of("removed.section", section, times), List.of(undo()));
            }
        }
    }

    private Card.Answer undo() {
        return new Card.Answer("undo", Words.of("removed.undo"), work::undo);
    }

    private void tell(Work.Done done, Consequence.NothingPlayed nothing) {
        Pattern gone = nothing.gone();
        String where = nothing.sections().stream()
                .flatMap(id -> done.before().section(id).stream())
                .map(Section::name)
                .collect(Collectors.joining(", "));
        Optional<Card.Answer> instead = done.after().patterns().stream()
                .filter(each -> each.meter().equals(gone.meter()))
                .findFirst()
                .map(other -> new Card.Answer(
                        "instead", Words.of("removed.instead", other.name()), () -> replace(done, gone, other)));
        notices.showOf(
                work.written(),
                Words.of("removed.pattern", gone.name(), where),
                instead.map(answer -> List.of(answer, undo())).orElse(List.of(undo())));
    }

    /** Says the rules again with another pattern, as long as nothing else has been changed. */
    private void replace(Work.Done done, Pattern gone, Pattern other) {
        Song after = done.after();
        if (!work.song().equals(after)) return;
        work.change(
                "edit.play-there",
                song -> song.withRules(done.before().rules().stream()
                        .map(rule -> rule.pattern().filter(gone.id()::equals).isPresent()
                                ? rule.withPlay(rule.play().with(new What.Plays(other.id())))
                                : rule)
                        .toList()),
                other.name());
    }
}
