package tactus.app.bench.dictation;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import tactus.app.bench.pattern.BenchModel;
import tactus.app.field.Typing;
import tactus.app.work.Work;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.stroke.Hand;
import tactus.core.patterns.dictation.Comparison;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.Given;
import tactus.core.patterns.dictation.Mend;
import tactus.core.patterns.dictation.Placement;
import tactus.core.patterns.dictation.Placing;
import tactus.core.patterns.dictation.Question;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;
import tactus.words.Words;

/** What is said at the bench, where it can fall, and what choosing does. */
public final class DictationModel {

    /** What came of what was said: a placing, or what cannot be read. */
    public record Answer(Optional<Placing> placing, Optional<NotationException> wrong) {

        static final Answer NOTHING = new Answer(Optional.empty(), Optional.empty());

        boolean isEmpty() {
            return placing.isEmpty() && wrong.isEmpty();
        }
    }

    private final Work work;
    private final BenchModel bench;
    private final StringProperty text = new SimpleStringProperty(this, "text", "");
    private final ReadOnlyObjectWrapper<Answer> answer = new ReadOnlyObjectWrapper<>(this, "answer", Answer.NOTHING);
    private Optional<PatternFrame> placedOn = Optional.empty();
    private Optional<PatternId> saidOf = Optional.empty();
    private final Typing<Answer> typing = new Typing<>(this::reader, answer::set, () -> answer.set(Answer.NOTHING));

    public DictationModel(Work work, BenchModel bench) {
        this.work = work;
        this.bench = bench;
        text.subscribe(_ -> place());
        bench.patternProperty().subscribe(shown -> {
            leaveFormer(shown.map(Pattern::id));
            Optional<PatternFrame> frame = shown.map(Pattern::frame);
            if (!frame.equals(placedOn)) place();
        });
        work.openedProperty().subscribe((_, _) -> text.set(""));
    }

    /** What was said of one pattern is not put on another that is chosen then. */
    private void leaveFormer(Optional<PatternId> shown) {
        boolean isOther = saidOf.isPresent() && shown.isPresent() && !saidOf.equals(shown);
        if (shown.isPresent()) saidOf = shown;
        if (isOther) text.set("");
    }

    private PatternFrame frame() {
        return bench.patternProperty()
                .get()
                .map(Pattern::frame)
                .orElseGet(() -> PatternFrame.of(work.song().facts().meter()));
    }

    private void place() {
        placedOn = bench.patternProperty().get().map(Pattern::frame);
        typing.read(text.get());
    }

    private Supplier<Answer> reader(String typed) {
        PatternFrame own = frame();
        var given = new Given(List.of(), false, work.song().facts().groove());
        return () -> {
            try {
                return typed.isBlank()
                        ? Answer.NOTHING
                        : new Answer(
                                Optional.of(placing(Dictation.parse(typed, Words.lexicon()), own, given)),
                                Optional.empty());
            } catch (NotationException wrong) {
                return new Answer(Optional.empty(), Optional.of(wrong));
            }
        };
    }

    /**
     * The pattern's own slots where all counts were said, where its hand goes all down, or where nothing else fits; the
     * usual hand rates otherwise.
     */
    private static Placing placing(Dictation said, PatternFrame own, Given given) {
        boolean counted =
                said.strokes().stream().allMatch(stroke -> stroke.count().isPresent());
        Optional<Placing> onOwn = onOwn(said, own, given);
        if (counted && onOwn.isPresent()) return onOwn.get();
        boolean settled = own.hand().mode() == Hand.Mode.ALL_DOWN;
        if (settled && onOwn.filter(it -> it.count().signum() > 0).isPresent()) return onOwn.get();
        Placing found = Placing.of(said, own.meter(), own.beats(), given);
        return found.count().signum() > 0
                ? found
                : onOwn.filter(it -> it.count().signum() > 0).orElse(found);
    }

    private static Optional<Placing> onOwn(Dictation said, PatternFrame own, Given given) {
        try {
            return Optional.of(Placing.of(said, own, given));
        } catch (NotationException uncounted) {
            return Optional.empty();
        }
    }

    /** A place for every stroke that can be taken. */
    record Offer(Placing placing, Placement placement) {}

    /** What can be taken, best first; where two things can be meant, the likeliest of the other one comes last. */
    static List<Offer> offers(Placing placing) {
        Stream<Offer> best = placing.best().stream().map(each -> new Offer(placing, each));
        Stream<Offer> other = placing.question().stream()
                .flatMap(question -> question instanceof Question.OfMeaning meaning
                        ? Stream.of(meaning.first(), meaning.second())
                        : Stream.empty())
                .filter(meant ->
                        !meant.best().equals(placing.best()) || !meant.frame().equals(placing.frame()))
                .limit(1)
                .map(meant -> new Offer(meant, meant.best().getFirst()));
        return Stream.concat(best, other).toList();
    }

    /** Answers the question: the earlier place, or the later one. */
    public void answer(boolean earlier) {
        answer.get()
                .placing()
                .filter(placing -> placing.question().isPresent())
                .ifPresent(placing -> answer.set(new Answer(Optional.of(placing.answered(earlier)), Optional.empty())));
    }

    /** Starts anew with what was said, or clears it where no question was answered. */
    public void takeBack() {
        Answer before = answer.get();
        place();
        if (before.equals(answer.get())) text.set("");
    }

    /** Puts the placement, or the change that mends the saying, with {@code index} on the bench, if there is one. */
    public void take(int index) {
        answer.get().placing().ifPresent(placing -> {
            List<Offer> offers = offers(placing);
            if (index < offers.size())
                take(offers.get(index).placing(), offers.get(index).placement());
            else if (placing.count().signum() == 0 && index < placing.mends().size())
                take(placing.mends().get(index));
        });
    }

    private void take(Mend mend) {
        Placing mended = mend.placed();
        take(mended, mended.best().getFirst());
    }

    private void take(Placing placing, Placement placement) {
        if (bench.patternProperty().get().isEmpty()) bench.add();
        bench.patternProperty().get().ifPresent(shown -> {
            Pattern placed = placing.pattern(placement, shown);
            Pattern kept = placed.withFrame(
                            placed.frame().withFeel(shown.frame().feel()))
                    .withForm(shown.form());
            placedOn = Optional.of(kept.frame());
            work.change("edit.say", song -> song.withPattern(kept), kept.name());
        });
    }

    /** What was said of this pattern before, against what is said now; empty if nothing was or it was the same. */
    public Optional<String> comparison() {
        return bench.patternProperty()
                .get()
                .filter(shown -> !shown.story().said().isEmpty())
                .flatMap(shown -> comparison(shown.story().said().getLast()));
    }

    private Optional<String> comparison(String before) {
        if (before.equals(text.get().strip())) return Optional.empty();
        try {
            var compared = Comparison.of(
                    Dictation.parse(before, Words.lexicon()), Dictation.parse(text.get(), Words.lexicon()), frame());
            return compared.differences().isEmpty()
                    ? Optional.empty()
                    : Optional.of(Words.of(
                            "dictation.compared",
                            before,
                            compared.differences().stream().map(Words::say).collect(Collectors.joining("; ")),
                            Words.say(compared.verdict())));
        } catch (NotationException unreadable) {
            return Optional.empty();
        }
    }

    /** What is said, as it is typed. */
    public StringProperty textProperty() {
        return text;
    }

    public ReadOnlyObjectProperty<Answer> answerProperty() {
        return answer.getReadOnlyProperty();
    }
}
