package tactus.core.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import tactus.core.language.Lexicon;
import tactus.core.refusal.NotationException;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Force;
import tactus.core.stroke.Miss;
import tactus.core.stroke.Mute;
import tactus.core.stroke.Reach;
import tactus.core.stroke.Stroke;
import tactus.core.stroke.Strum;
import tactus.core.stroke.Touch;

/** Reads a dictation word by word. */
final class DictationReader {

    private static final Pattern TOGETHER = Pattern.compile("[dux]{2,}");

    private final String text;
    private final SpokenWords words;
    private final List<SpokenStroke> strokes = new ArrayList<>();
    private final List<SpokenCount> counts = new ArrayList<>();
    private int phraseStart;
    private int phraseBefore;
    private Force force = Force.PLAIN;
    private Touch touch = Touch.PLAIN;
    private int open = -1;
    private int strokesWhenOpened;
    private int countsWhenOpened;

    DictationReader(String text, Lexicon lexicon) {
        this.text = text;
        words = new SpokenWords(lexicon);
    }

    Dictation read() {
        var found = words.word().matcher(text);
        while (found.find()) read(found.group().toLowerCase(Locale.ROOT), found.start());
        if (open >= 0) throw new NotationException("dictation-reader.bracket-closed", text, open);
        Dictation read = new SaidCounts(text, strokes, counts).joined();
        if (read.strokes().isEmpty()) {
            throw new NotationException("dictation-reader.says-stroke", text, 0);
        }
        checkNumber(read.strokes(), text);
        return read;
    }

    static void checkNumber(List<SpokenStroke> strokes, String text) {
        if (strokes.size() <= Dictation.MOST_STROKES) return;
        throw new NotationException(
                "dictation-reader.says-strokes",
                text,
                strokes.get(Dictation.MOST_STROKES).index(),
                strokes.size(),
                Dictation.MOST_STROKES);
    }

    private void read(String word, int index) {
        if (TOGETHER.matcher(word).matches()) {
            for (int i = 0; i < word.length(); i++) read(word.substring(i, i + 1), index + i);
            return;
        }
        Optional<Stroke> stroke = words.stroke(word, text, index);
        if (stroke.isPresent()) stroke(stroke.get(), words.direction(word), index);
        else if (words.count(word).isPresent()) count(words.count(word).get(), index);
        else other(word, index);
    }

    private void other(String word, int index) {
        switch (word) {
            case "," -> endPhrase();
            case "!" -> force(Force.ACCENTED);
            case "'" -> force(Force.SOFT);
            case "(", "[" -> open(index);
            case ")", "]" -> close(index);
            case "|", ".", ";", ":" -> {}
            default -> mark(words.mark(word).orElseThrow(() -> unknown(word, index)));
        }
    }

    private void mark(String mark) {
        switch (mark) {
            case "no" -> takeBack();
            case "accented" -> force = Force.ACCENTED;
            case "soft" -> force = Force.SOFT;
            case "swept" -> touch = Touch.SWEPT;
            case "palm-muted" -> touch = Touch.PALM_MUTED;
            default -> {}
        }
    }

    private NotationException unknown(String word, int index) {
        String said = text.substring(index, index + word.length());
        return new NotationException("dictation-reader.stroke-write", text, index, said);
    }

    /** Makes the stroke before the sign harder or softer. */
    private void force(Force other) {
        if (strokes.isEmpty()) return;
        SpokenStroke last = strokes.getLast();
        strokes.set(strokes.size() - 1, last.withForm(last.form().withForce(other)));
    }

    private void endPhrase() {
        if (phraseStart == strokes.size()) return;
        phraseBefore = phraseStart;
        phraseStart = strokes.size();
    }

    /** What was said since the comma before is taken back: {@code down down, no, down up}. */
    private void takeBack() {
        int from = phraseStart == strokes.size() ? phraseBefore : phraseStart;
        strokes.subList(from, strokes.size()).clear();
        counts.removeIf(count -> count.stroke() > from);
        phraseStart = from;
        phraseBefore = from;
    }

    private void open(int index) {
        if (open >= 0) throw new NotationException("dictation-reader.bracket-inside", text, index);
        open = index;
        strokesWhenOpened = strokes.size();
        countsWhenOpened = counts.size();
    }

    /** Counts alone in brackets are not struck; strums alone in brackets are misses. */
    private void close(int index) {
        if (open < 0) throw new NotationException("dictation-reader.closes-bracket", text, index);
        open = -1;
        var inside = strokes.subList(strokesWhenOpened, strokes.size());
        if (inside.isEmpty()) {
            counts.subList(countsWhenOpened, counts.size())
                    .replaceAll(count -> new SpokenCount(count.said(), count.index(), count.stroke(), true));
        } else if (counts.size() == countsWhenOpened && inside.stream().allMatch(DictationReader::isPlainStrum)) {
            inside.replaceAll(stroke -> stroke.withForm(Miss.MISS));
        }
    }

    private static boolean isPlainStrum(SpokenStroke stroke) {
        return stroke.form() instanceof Strum strum && strum.reach() == Reach.ALL;
    }

    private void stroke(Stroke said, Optional<Direction> way, int index) {
        boolean bare = said instanceof Strum strum && strum.reach() == Reach.ALL;
        if (bare && !strokes.isEmpty() && isDirectionOfLast(index)) {
            strokes.set(strokes.size() - 1, strokes.getLast().withDirection(way.orElseThrow()));
            return;
        }
        Optional<Direction> meant = said instanceof Mute ? Optional.of(Direction.DOWN) : way;
        strokes.add(SpokenStroke.of(said.withForce(force).withTouch(touch), meant, index));
        force = Force.PLAIN;
        touch = Touch.PLAIN;
    }

    /** A direction right behind a word for bass, treble, strings or mute says which way that goes: {@code mute up}. */
    private boolean isDirectionOfLast(int index) {
        SpokenStroke last = strokes.getLast();
        boolean open = last.form() instanceof Mute
                || last.form() instanceof Strum strum
                        && strum.reach() != Reach.ALL
                        && last.direction().isEmpty();
        boolean apart = text.substring(last.index(), index).matches("(?s).*[^\\p{L}0-9\\s-].*");
        return open
                && !apart
                && words.word()
                                .matcher(text.substring(last.index(), index))
                                .results()
                                .count()
                        == 1
                && text.substring(last.index(), index).strip().length() > 1;
    }

    private void count(String said, int index) {
        counts.add(new SpokenCount(said, index, strokes.size(), false));
    }
}
