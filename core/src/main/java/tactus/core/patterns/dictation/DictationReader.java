package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.stroke.Touch;

/** Reads a dictation word by word. */
final class DictationReader {

    private static final Map<String, Stroke> FINGERS = Map.of(
            "1", Pluck.of(new Pick.ByRole(Role.INDEX)),
            "2", Pluck.of(new Pick.ByRole(Role.MIDDLE)),
            "3", Pluck.of(new Pick.ByRole(Role.RING)));

    /** So many words that are not known are compared with those that are. */
    private static final int COMPARED = 8;

    private static final Pattern TOGETHER = Pattern.compile("[dux]{2,}");

    private final String text;
    private final SpokenWords words;
    private final Speech speech;
    private final Doubts doubts;
    private final List<Unread> unread = new ArrayList<>();
    private PickingSense sense = PickingSense.NONE;
    private boolean lastRings;
    private final PluckedStrings plucked;
    private final SayingText typed;
    private final Brackets brackets;
    private final SaidRepeats repeats;
    private final LastStroke last;
    private Optional<Filling> filling = Optional.empty();
    private final SaidStrokes said = new SaidStrokes();
    private final SaidAccents accents = new SaidAccents();
    private JoiningWords joined;
    private boolean isOn;
    private Force force = Force.PLAIN;
    private Touch touch = Touch.PLAIN;

    DictationReader(String text, Speech speech, Doubts doubts) {
        this.text = text;
        this.speech = speech;
        this.doubts = doubts;
        words = new SpokenWords(speech.lexicon(), doubts.manner());
        plucked = new PluckedStrings(words);
        typed = new SayingText(text);
        brackets = new Brackets(text, said);
        repeats = new SaidRepeats(typed, said, brackets);
        last = new LastStroke(text, said, words);
    }

    Dictation read() {
        There there = There.at(text, speech);
        there.begin(said);
        joined = new JoiningWords(there.rest(), words, doubts);
        sense = PickingSense.of(joined.all(), words, text, doubts);
        joined.each(this::read);
        brackets.checkClosed();
        said.endPhrase();
        said.settle();
        accents.settle();
        if (lastRings && !said.isEmpty())
            said.add(SpokenStroke.of(Ring.RING, Optional.empty(), said.last().index()));
        boolean isFilled =
                filling.isPresent() && said.isEmpty() && said.counts().isEmpty();
        if (isFilled) return filled();
        if (said.isEmpty() && !unread.isEmpty() && Syllables.areIn(joined.all(), unread.size(), words, text))
            return Syllables.read(text, words);
        Dictation read = new SaidCounts(text, said).joined().accented(accents.settled());
        if (read.strokes().isEmpty()) throw nothingSaid();
        checkNumber(read.strokes(), text);
        return read.noted(new Dictation.Notes(unread, List.of(), filling.map(each -> new Filling(each.rate(), false))));
    }

    private Dictation filled() {
        var down = SpokenStroke.of(Strum.of(Direction.DOWN), Optional.of(Direction.DOWN), 0);
        return new Dictation(text, List.of(down), List.of())
                .accented(accents.settled())
                .noted(new Dictation.Notes(unread, List.of(), filling));
    }

    private NotationException nothingSaid() {
        return unread.isEmpty()
                ? new NotationException("dictation-reader.says-stroke", text, 0)
                : new NotationException(
                        unread.getFirst().told(), text, unread.getFirst().index());
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
        Optional<Integer> string = plucked.string(word, sense.names(), typed.isAlone(word, index));
        if (string.isPresent()) {
            pluck(string.get(), index);
            return;
        }
        if (plucked.isJoining(word)) return;
        if (TOGETHER.matcher(word).matches()) {
            for (int i = 0; i < word.length(); i++) read(word.substring(i, i + 1), index + i);
            return;
        }
        if (isHeading(word, index)) return;
        words.strokes().doubt(word).ifPresent(doubt -> doubts.isFirst(doubt, word));
        Optional<Stroke> stroke = stroke(word, index);
        if (stroke.isPresent()) stroke(stroke.get(), words.strokes().direction(word), index, index + word.length());
        else if (!isSaidAgain(word, index)) {
            Optional<String> count =
                    force == Force.ACCENTED ? words.count(word).or(() -> words.every(word)) : words.count(word);
            if (count.isPresent()) count(count.get(), word, index);
            else other(word, index);
        }
    }

    private void pluck(int string, int index) {
        Stroke form = string(String.valueOf(string), index);
        if (plucked.isWithLast() && !said.isEmpty() && said.last().form() instanceof Pluck before) {
            var picks = new ArrayList<>(before.picks());
            picks.addAll(((Pluck) form).picks());
            said.replaceLast(said.last().withForm(PickedLine.pinched(picks, text, index)));
        } else {
            stroke(form, Optional.empty(), index, index);
        }
    }

    private Optional<Stroke> stroke(String word, int index) {
        if (isRingFinger(word)) return words.strokes().ringFinger();
        return sense.stroke(word, text, index, words);
    }

    private Stroke string(String number, int index) {
        return Pluck.of(PickedLine.string(text, number, index));
    }

    /** {@code Strum: D D U} names what follows. */
    private boolean isHeading(String word, int index) {
        if (!said.isEmpty() || word.length() < 2) return false;
        int colon = typed.behindBlanks(index + word.length());
        return colon + 1 < text.length()
                && text.charAt(colon) == ':'
                && Character.isWhitespace(text.charAt(colon + 1))
                && words.strokes().isStrum(word);
    }

    /** Behind fingers, or before anything can ring, {@code ring} is the finger. */
    private boolean isRingFinger(String word) {
        if (words.strokes().isLetterOfRing(word))
            return !said.isEmpty() && last.isLetter(said.last().index());
        return words.strokes().isRing(word) && (said.isEmpty() || said.isPicked() && said.isByFingers());
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
        if (sense.numbers() != NumberSense.COUNTS) {
            if (Character.isDigit(count.charAt(0))) plucked(count, index, index + word.length());
            return;
        }
        if (typed.isAlone(word, index)
                && Character.isDigit(count.charAt(0))
                && !said.isEmpty()
                && said.isPicked()
                && said.counts().isEmpty()) {
            stroke(string(count, index), Optional.empty(), index, index + word.length());
        } else {
            said.count(count, index);
        }
    }

    /** A number that is a string, or a finger behind the thumb. */
    private void plucked(String number, int index, int end) {
        Stroke form = sense.numbers() == NumberSense.FINGERS ? FINGERS.get(number) : string(number, index);
        if (form == null) throw new NotationException("picked-line.finger-called", text, index, number);
        stroke(form, Optional.empty(), index, end);
    }

    /** Reads what makes strokes come more than once, or last. */
    private boolean isSaidAgain(String word, int index) {
        Optional<Filling> fills = words.filling(word);
        if (fills.isPresent()) {
            filling = fills;
            return true;
        }
        Optional<SpokenTimes> times = words.times(word);
        times.ifPresent(found -> {
            if (found instanceof SpokenTimes.Several several) several(several, index);
            else repeats.read(found, word, index);
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

    private void other(String word, int index) {
        switch (word) {
            case "," -> {
                if (accents.isOpen()) settleAccents();
                isOn = isOn && isCountBehind(index + 1);
                plucked.endPhrase();
                said.endPhrase();
            }
            case "!" -> force(Force.ACCENTED);
            case "'" -> force(Force.SOFT);
            case "(", "[" -> brackets.open(index);
            case ")", "]" -> brackets.close(index);
            case ":" -> {
                if (accents.isOpen()) settleAccents();
            }
            case "|", ".", ";", "\u2013", "\u2014" -> {}
            case "\"", "\u201c", "\u201d", "\u201e" -> {}
            default -> words.mark(word).ifPresentOrElse(this::mark, () -> unknown(word, index));
        }
    }

    /** {@code on 1, 2 and 3}: whether a number follows the comma that is no count of another stroke. */
    private boolean isCountBehind(int index) {
        String word = typed.word(typed.behindBlanks(index));
        return !word.isEmpty() && words.numbered(word).isPresent() && !joined.isBeforeStroke(typed.behindBlanks(index));
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
            case "last-rings" -> lastRings = true;
            case "plucked" -> plucked.begin();
            case "soft" -> force = Force.SOFT;
            case "swept" -> touch = Touch.SWEPT;
            case "palm-muted" -> touch = Touch.PALM_MUTED;
            default -> {}
        }
    }

    private void unknown(String word, int index) {
        List<String> nearest = unread.size() < COMPARED ? SaidSpelling.nearest(word, speech.lexicon()) : List.of();
        int from = said.takeNumberBefore(text, index, words).orElse(index);
        unread.add(new Unread(
                from, text.substring(from, index + word.length()), nearest, !said.isEmpty() && said.isPicked()));
    }

    /** Makes the stroke before the sign harder or softer. */
    private void force(Force other) {
        if (said.isEmpty()) return;
        said.replaceLast(said.last().withForm(said.last().form().withForce(other)));
    }

    static boolean isPlainStrum(SpokenStroke stroke) {
        return stroke.form() instanceof Strum strum && strum.reach() == Reach.ALL;
    }

    private void stroke(Stroke form, Optional<Direction> way, int index, int end) {
        if (isOn && last.isThumbOn(form)) {
            isOn = false;
            if (!LastStroke.isRoot(form)) said.replaceLast(SpokenStroke.of(form, Optional.empty(), index));
            return;
        }
        if (!(form instanceof Pluck)) plucked.end();
        accents.taken().forEach(count -> said.count(count.said(), count.index()));
        isOn = false;
        boolean bare = form instanceof Strum strum && strum.reach() == Reach.ALL;
        if (bare && !said.isEmpty() && last.isOneStroke(way, index)) {
            way.ifPresent(goes -> said.replaceLast(said.last().withDirection(goes)));
            return;
        }
        if (bare && way.isPresent() && !said.isEmpty() && last.isDirectionOfLast(index)) {
            if (doubts.isFirst(Doubt.BREATH, text.substring(said.last().index(), end))) {
                said.replaceLast(said.last().withDirection(way.orElseThrow()));
                return;
            }
        }
        Optional<Direction> goes = form instanceof Mute ? Optional.of(Direction.DOWN) : way;
        said.add(SpokenStroke.of(
                form.withForce(force).withTouch(form.touch() == Touch.PLAIN ? touch : form.touch()), goes, index));
        force = Force.PLAIN;
        touch = Touch.PLAIN;
    }
}
