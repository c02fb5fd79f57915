package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.List;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.statement.Statement;

/** Reads a text in each of the ways it can be meant, slips of spelling mended before. */
final class Readings {

    /** So many doubts are read in both ways; when one is answered the next is met, so that all are asked in the end. */
    private static final int MOST_DOUBTS = 2;

    private final String typed;
    private final Speech speech;
    private final SaidSpelling spelling;

    Readings(String typed, Speech speech) {
        this.typed = typed;
        this.speech = speech;
        spelling = new SaidSpelling(typed, speech);
    }

    Dictation read() {
        try {
            return read(speech.manner(), MOST_DOUBTS);
        } catch (NotationException wrong) {
            throw new NotationException(wrong.reason(), typed, spelling.placed(wrong.index()));
        }
    }

    private Dictation read(Manner manner, int depth) {
        var doubts = new Doubts(manner);
        Dictation said = as(doubts);
        if (doubts.met().isEmpty() || depth == 0) return said;
        Doubts.Met met = doubts.met().get();
        Dictation first = read(manner.with(met.doubt(), true), depth - 1);
        Dictation second = read(manner.with(met.doubt(), false), depth - 1);
        return first.said().equals(second.said())
                ? first
                : first.or(new Dictation.TwoReadings(met.doubt(), met.asked(), first, second));
    }

    private Dictation as(Doubts doubts) {
        String text = spelling.mended();
        Dictation said = PickedLine.isOne(text)
                ? PickedLine.read(text, doubts)
                : new DictationReader(text, speech, doubts).read();
        List<Unread> unread = said.notes().unread().stream().map(this::asTyped).toList();
        List<String> words = unread.stream().map(Unread::word).toList();
        List<Statement> remarks = new ArrayList<>(spelling.remarks().stream()
                // That a slip was mended need not be told where the word says nothing all the same.
                .filter(slip -> !words.contains(slip.values().getFirst()))
                .toList());
        remarks.addAll(said.notes().remarks());
        remarks.addAll(doubts.answered(speech.manner()));
        return said.in(typed, spelling::placed)
                .noted(new Dictation.Notes(unread, remarks, said.notes().filling()));
    }

    private Unread asTyped(Unread unread) {
        int from = spelling.placed(unread.index());
        int to = spelling.placed(unread.index() + unread.word().length());
        return new Unread(from, typed.substring(from, to), unread.nearest(), unread.isPicked());
    }
}
