package tactus.core.patterns.dictation;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.stroke.Touch;

/** Reads a dictation word by word. */
final class DictationReader {

    private static final Pattern TOGETHER = Pattern.compile("[dux]{2,}");

    private final String text;
    private final SpokenWords words;
    private final Readings.Meant meant;
    private final SaidStrokes said = new SaidStrokes();
    private final SaidAccents accents = new SaidAccents();
    private Optional<String> inOneBreath = Optional.empty();
    private Optional<String> eitherEnd = Optional.empty();
    private boolean isOn;
    private Force force = Force.PLAIN;
    private Touch touch = Touch.PLAIN;
    private int open = -1;
    private int strokesWhenOpened;
    private int countsWhenOpened;

    DictationReader(String text, Lexicon lexicon, Readings.Meant meant) {
        this.text = text;
        this.meant = meant;
        words = new SpokenWords(lexicon, meant.isHigh());
    }

    Dictation read() {
        new JoiningWords(text, words).each(this::read);
        if (open >= 0) throw new NotationException("dictation-reader.bracket-closed", text, open);
        said.settle();
        accents.settle();
        Dictation read = new SaidCounts(text, said).joined().accented(accents.settled());
        if (read.strokes().isEmpty()) {
            throw new NotationException("dictation-reader.says-stroke", text, 0);
        }
        checkNumber(read.strokes(), text);
        return read;
    }

    /** A stroke without a direction and one right behind it, said without a comma: {@code mute down}. */
    Optional<String> inOneBreath() {
        return inOneBreath;
    }

    /** What is called by an end of the neck, which teachers call by either name. */
    Optional<String> eitherEnd() {
        return eitherEnd;
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
        if (isHeading(word, index)) return;
        Optional<Stroke> stroke = isRingFinger(word) ? words.ringFinger() : words.stroke(word, text, index);
        if (words.isEitherEnd(word) && eitherEnd.isEmpty()) eitherEnd = Optional.of(word);
        if (stroke.isPresent()) stroke(stroke.get(), words.direction(word), index, index + word.length());
        else if (!isSaidAgain(word, index)) {
            Optional<String> count =
                    force == Force.ACCENTED ? words.count(word).or(() -> words.every(word)) : words.count(word);
            if (count.isPresent()) count(count.get(), word, index);
            else other(word, index);
        }
    }

    /** {@code Strum: D D U} names what follows. */
    private boolean isHeading(String word, int index) {
        if (!said.isEmpty() || word.length() < 2) return false;
        int colon = behindBlanks(index + word.length());
        return colon + 1 < text.length()
                && text.charAt(colon) == ':'
                && Character.isWhitespace(text.charAt(colon + 1))
                && words.stroke(word, text, index).isPresent();
    }

    private int behindBlanks(int from) {
        int at = from;
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) at++;
        return at;
    }

    /** Whether {@code word} at {@code index} stands alone between commas. */
    private boolean isAlone(String word, int index) {
        int before = index - 1;
        while (before >= 0 && Character.isWhitespace(text.charAt(before))) before--;
        int behind = behindBlanks(index + word.length());
        return before >= 0 && text.charAt(before) == ',' && (behind == text.length() || text.charAt(behind) == ',');
    }

    /** Behind fingers, or before anything can ring, {@code ring} is the finger. */
    private boolean isRingFinger(String word) {
        return words.isRing(word) && (said.isEmpty() || said.isPicked() && said.isByFingers());
    }

    /** A number that stands alone between commas, behind nothing but strings, is a string as well: {@code 5 and 1 together, 3}. */
    private void count(String count, String word, int index) {
        if (force == Force.ACCENTED) {
            accents.count(new SpokenCount(count, index, said.size(), false));
            return;
        }
        if (isOn) {
            said.countOn(count, index);
            return;
        }
        if (isAlone(word, index)
                && Character.isDigit(count.charAt(0))
                && !said.isEmpty()
                && said.isPicked()
                && said.counts().isEmpty()) {
            stroke(Pluck.of(PickedLine.string(text, count, index)), Optional.empty(), index, index + word.length());
        } else {
            said.count(count, index);
        }
    }

    /** Reads what makes strokes come more than once, or last. */
    private boolean isSaidAgain(String word, int index) {
        Optional<SpokenTimes> times = words.times(word);
        times.ifPresent(found -> {
            switch (found) {
                case SpokenTimes.Several several -> several(several, index);
                case SpokenTimes.Times all -> said.repeat(checked(all.number(), word, index));
                case SpokenTimes.Held held -> held(held, word, index);
                case SpokenTimes.Again again -> again(again.how(), word, index);
            }
        });
        return times.isPresent();
    }

    private void several(SpokenTimes.Several several, int index) {
        int number = Math.min(several.number(), Dictation.MOST_STROKES + 1);
        if (number == 0) throw new NotationException("dictation-reader.never", text, index);
        Touch all = several.stroke().touch() == Touch.PLAIN
                ? touch
                : several.stroke().touch();
        for (int i = 0; i < number; i++) {
            touch = all;
            stroke(several.stroke(), several.direction(), index, index);
        }
    }

    private int checked(int times, String word, int index) {
        if (said.isEmpty()) throw new NotationException("dictation-reader.nothing-before", text, index, word);
        if (times == 0) throw new NotationException("dictation-reader.never", text, index);
        return times;
    }

    private void held(SpokenTimes.Held held, String word, int index) {
        held.stroke().ifPresent(stroke -> said.add(SpokenStroke.of(stroke, Optional.empty(), index)));
        checked(held.beats(), word, index);
        said.replaceLast(said.last().lasting(held.beats()));
    }

    private void again(SpokenTimes.How how, String word, int index) {
        checked(1, word, index);
        switch (how) {
            case ALL -> said.again();
            case BUT -> said.againBut();
            case WITHOUT_LAST -> said.withoutLast();
        }
    }

    private void other(String word, int index) {
        switch (word) {
            case "," -> {
                if (accents.isOpen()) settleAccents();
                isOn = false;
                said.endPhrase();
            }
            case "!" -> force(Force.ACCENTED);
            case "'" -> force(Force.SOFT);
            case "(", "[" -> open(index);
            case ")", "]" -> close(index);
            case "|", ".", ";", ":", "\u2013", "\u2014" -> {}
            default -> mark(words.mark(word).orElseThrow(() -> unknown(word, index)));
        }
    }

    private void settleAccents() {
        accents.settle();
        force = Force.PLAIN;
    }

    private void mark(String mark) {
        switch (mark) {
            case "no" -> said.takeBack();
            case "on" -> isOn = !said.isEmpty() && said.isOneAlone();
            case "accented" -> force = Force.ACCENTED;
            case "accented-before" -> force(Force.ACCENTED);
            case "soft" -> force = Force.SOFT;
            case "swept" -> touch = Touch.SWEPT;
            case "palm-muted" -> touch = Touch.PALM_MUTED;
            default -> {}
        }
    }

    private NotationException unknown(String word, int index) {
        String typed = text.substring(index, index + word.length());
        return new NotationException(
                !said.isEmpty() && said.isPicked() ? "dictation-reader.pluck-write" : "dictation-reader.stroke-write",
                text,
                index,
                typed);
    }

    /** Makes the stroke before the sign harder or softer. */
    private void force(Force other) {
        if (said.isEmpty()) return;
        said.replaceLast(said.last().withForm(said.last().form().withForce(other)));
    }

    private void open(int index) {
        if (open >= 0) throw new NotationException("dictation-reader.bracket-inside", text, index);
        open = index;
        strokesWhenOpened = said.size();
        countsWhenOpened = said.counts().size();
    }

    /** Counts alone in brackets are not struck; strums alone in brackets are misses. */
    private void close(int index) {
        if (open < 0) throw new NotationException("dictation-reader.closes-bracket", text, index);
        open = -1;
        List<SpokenCount> counts = said.counts();
        var inside = said.strokes().subList(Math.min(strokesWhenOpened, said.size()), said.size());
        if (inside.isEmpty()) {
            counts.subList(Math.min(countsWhenOpened, counts.size()), counts.size())
                    .replaceAll(count -> new SpokenCount(count.said(), count.index(), count.stroke(), true));
        } else if (counts.size() == countsWhenOpened && inside.stream().allMatch(DictationReader::isPlainStrum)) {
            inside.replaceAll(stroke -> stroke.withForm(Miss.MISS));
        }
    }

    private static boolean isPlainStrum(SpokenStroke stroke) {
        return stroke.form() instanceof Strum strum && strum.reach() == Reach.ALL;
    }

    private void stroke(Stroke form, Optional<Direction> way, int index, int end) {
        accents.taken().forEach(count -> said.count(count.said(), count.index()));
        isOn = false;
        boolean bare = form instanceof Strum strum && strum.reach() == Reach.ALL;
        if (bare && !said.isEmpty() && isOneStroke(way, index)) {
            way.ifPresent(goes -> said.replaceLast(said.last().withDirection(goes)));
            return;
        }
        if (bare && way.isPresent() && !said.isEmpty() && isDirectionOfLast(index)) {
            if (inOneBreath.isEmpty())
                inOneBreath = Optional.of(text.substring(said.last().index(), end));
            if (!meant.isApart()) {
                said.replaceLast(said.last().withDirection(way.orElseThrow()));
                return;
            }
        }
        Optional<Direction> goes = form instanceof Mute ? Optional.of(Direction.DOWN) : way;
        said.add(SpokenStroke.of(form.withForce(force).withTouch(touch), goes, index));
        force = Force.PLAIN;
        touch = Touch.PLAIN;
    }

    /** {@code strum} and a direction beside it are one stroke whichever comes first: {@code strum up}, {@code down strum}. */
    private boolean isOneStroke(Optional<Direction> way, int index) {
        SpokenStroke last = said.last();
        return isPlainStrum(last) && last.direction().isEmpty() != way.isEmpty() && isRightBehindLast(index);
    }

    /** A direction right behind a word for bass, treble, strings or mute says which way that goes: {@code mute up}. */
    private boolean isDirectionOfLast(int index) {
        SpokenStroke last = said.last();
        boolean open = last.form() instanceof Mute
                || last.form() instanceof Strum strum
                        && strum.reach() != Reach.ALL
                        && last.direction().isEmpty();
        return open && isRightBehindLast(index);
    }

    /** Whether nothing but a blank lies between the word of the last stroke, which has several letters, and this one. */
    private boolean isRightBehindLast(int index) {
        String between = text.substring(said.last().index(), index);
        return !between.matches("(?s).*[^\\p{L}0-9\\s-].*")
                && words.word().matcher(between).results().count() == 1
                && between.strip().length() > 1;
    }
}
