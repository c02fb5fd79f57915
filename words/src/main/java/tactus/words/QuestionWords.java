package tactus.words;

import tactus.core.ground.language.Ordinals;
import tactus.core.music.time.Slot;
import tactus.core.patterns.placing.Question;

/** The one question about a placement: {@code is the second up on 2& or on 3&?}, {@code one stroke, or two?} */
public final class QuestionWords {

    private QuestionWords() {}

    public static String of(Question question) {
        return switch (question) {
            case Question.OfPlace place -> of(place);
            case Question.OfMeaning meaning -> Words.say(meaning.asked());
        };
    }

    private static String of(Question.OfPlace question) {
        boolean several = question.earlier().size() + question.later().size() > 2;
        return Words.of(
                "question",
                new Ordinals(Words.lexicon()).of(question.nth()),
                Words.value(question.asked()),
                slot(question.earlier().getLast(), question),
                (question.earlier().size() > 1 ? Words.of("question.or-earlier") : "")
                        + Words.of(several ? "question.or-else" : "question.or"),
                slot(question.later().getFirst(), question),
                question.later().size() > 1 ? Words.of("question.or-later") : "");
    }

    private static String slot(Slot slot, Question.OfPlace question) {
        return question.bars() > 1
                ? Words.of("question.bar", slot.bar() + 1, slot.count())
                : slot.count().toString();
    }
}
