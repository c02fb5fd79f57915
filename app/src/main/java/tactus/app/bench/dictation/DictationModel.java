package tactus.app.bench.dictation;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import tactus.app.bench.pattern.BenchModel;
import tactus.app.field.Typing;
import tactus.app.work.Work;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.statement.Statement;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.Doubt;
import tactus.core.patterns.dictation.Manner;
import tactus.core.patterns.dictation.Speech;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.placing.Comparison;
import tactus.core.patterns.placing.Given;
import tactus.core.patterns.placing.Mend;
import tactus.core.patterns.placing.Placement;
import tactus.core.patterns.placing.Placing;
import tactus.core.patterns.placing.Question;
import tactus.core.patterns.saying.Saying;
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

    private static final java.util.regex.Pattern SIGNS =
            java.util.regex.Pattern.compile("[dubtx\\s,|]+", java.util.regex.Pattern.CASE_INSENSITIVE);

    private final Work work;
    private final BenchModel bench;
    private final ObjectProperty<Manner> manner;
    /** What was answered last of what is said now. */
    private Optional<Doubt> answered = Optional.empty();

    private final StringProperty text = new SimpleStringProperty(this, "text", "");
    private final ReadOnlyObjectWrapper<Answer> answer = new ReadOnlyObjectWrapper<>(this, "answer", Answer.NOTHING);
    private Optional<PatternFrame> placedOn = Optional.empty();
    private Optional<PatternId> saidOf = Optional.empty();
    private final Typing<Answer> typing = new Typing<>(this::reader, answer::set, () -> answer.set(Answer.NOTHING));

    /** @param manner what was answered of how patterns are said; what is answered here is put there */
    public DictationModel(Work work, BenchModel bench, ObjectProperty<Manner> manner) {
        this.work = work;
        this.bench = bench;
        this.manner = manner;
        manner.subscribe((_, _) -> place());
        text.subscribe(_ -> {
            answered = Optional.empty();
            place();
        });
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

    private Speech speech() {
        return new Speech(
                Words.lexicon(),
                manner.get(),
                bench.patternProperty().get(),
                work.song().patterns());
    }

    private Supplier<Answer> reader(String typed) {
        PatternFrame own = frame();
        var given = new Given(List.of(), false, work.song().facts().groove());
        Speech speech = speech();
        return () -> {
            try {
                return typed.isBlank()
                        ? Answer.NOTHING
                        : new Answer(
                                Optional.of(Placing.likeliest(Dictation.heard(typed, speech), own, given)),
                                Optional.empty());
            } catch (NotationException wrong) {
                return new Answer(Optional.empty(), Optional.of(wrong));
            }
        };
    }

    /**
     * A place for every stroke that can be taken.
     *
     * @param meant what it is taken for; nothing where that is not asked
     */
    record Offer(Placing placing, Placement placement, Optional<Statement> meant) {}

    /** What can be taken, best first; where it is asked what is meant, the likeliest of either meaning, and nothing else. */
    static List<Offer> offers(Placing placing) {
        if (!(placing.question().orElse(null) instanceof Question.OfMeaning meaning))
            return placing.best().stream()
                    .map(each -> new Offer(placing, each, Optional.empty()))
                    .toList();
        boolean isFirst = meaning.first().best().equals(placing.best())
                && meaning.first().frame().equals(placing.frame());
        Offer first = offer(meaning, true);
        Offer second = offer(meaning, false);
        return isFirst ? List.of(first, second) : List.of(second, first);
    }

    private static Offer offer(Question.OfMeaning meaning, boolean first) {
        Placing meant = first ? meaning.first() : meaning.second();
        return new Offer(
                meant,
                meant.best().getFirst(),
                meaning.doubt().filter(Doubt::isHabit).map(doubt -> doubt.meaning(first)));
    }

    /** Answers the question: the earlier place, or the later one; what is a habit is remembered. */
    public void answer(boolean earlier) {
        Optional<Placing> asked =
                answer.get().placing().filter(placing -> placing.question().isPresent());
        asked.flatMap(DictationModel::habit)
                .ifPresentOrElse(
                        doubt -> remember(doubt, earlier),
                        () -> asked.ifPresent(placing ->
                                answer.set(new Answer(Optional.of(placing.answered(earlier)), Optional.empty()))));
    }

    private static Optional<Doubt> habit(Placing placing) {
        return placing.question()
                .flatMap(question -> question instanceof Question.OfMeaning meaning
                        ? meaning.doubt().filter(Doubt::isHabit)
                        : Optional.empty());
    }

    private void remember(Doubt doubt, boolean first) {
        answered = Optional.of(doubt);
        manner.set(manner.get().with(doubt, first));
    }

    /** Asks again what was answered last, starts anew with what was said, or clears it where no question was answered. */
    public void takeBack() {
        if (answered.isPresent()) {
            Doubt last = answered.get();
            answered = Optional.empty();
            manner.set(manner.get().without(last));
            return;
        }
        Answer before = answer.get();
        place();
        if (before.equals(answer.get())) text.set("");
    }

    /** The same by a key, which may have been struck without a look: only where every word was understood. */
    public void takeUnseen(int index) {
        boolean whole = answer.get()
                .placing()
                .filter(placing -> placing.dictation().notes().unread().isEmpty())
                .isPresent();
        if (whole) take(index);
    }

    /** What was understood, in words of the program; empty where that is what was said, or is asked, or signs of strokes are said. */
    static Optional<String> readAs(Placing placing) {
        String said = placing.dictation().text();
        boolean isAsked = placing.question().orElse(null) instanceof Question.OfMeaning;
        if (isAsked || SIGNS.matcher(said).matches()) return Optional.empty();
        return Optional.of(new Saying(Words.lexicon()).again(placing.dictation()))
                .filter(back -> !bare(back).equals(bare(said)));
    }

    private static String bare(String said) {
        return said.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\d]+", " ").strip();
    }

    /** Puts the placement, or the change that mends the saying, with {@code index} on the bench, if there is one. */
    public void take(int index) {
        answer.get().placing().ifPresent(placing -> {
            List<Offer> offers = offers(placing);
            if (index < offers.size()) {
                Placing chosen = offers.get(index).placing();
                take(chosen, offers.get(index).placement());
                if (!chosen.equals(placing)) settle(placing, chosen);
            } else if (placing.count().signum() == 0 && index < placing.mends().size())
                take(placing.mends().get(index));
        });
    }

    /** Who takes the other meaning has answered what it was asked for. */
    private void settle(Placing asked, Placing chosen) {
        if (asked.question().orElse(null) instanceof Question.OfMeaning meaning)
            habit(asked).ifPresent(doubt -> remember(doubt, chosen.equals(meaning.first())));
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
                    Dictation.parse(before, Words.lexicon()), Dictation.heard(text.get(), speech()), frame());
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
