package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Miss;
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
    private static final int FIFTH = 5;

    /** So many words that are not known are compared with those that are. */
    private static final int COMPARED = 8;

    private static final Pattern TOGETHER = Pattern.compile("[dux]{2,}");

    private final String text;
    private final SpokenWords words;
    private final Speech speech;
    private final Doubts doubts;
    private final List<Unread> unread = new ArrayList<>();
    private NumberSense numbers = NumberSense.COUNTS;
    private boolean lastRings;
    /** Whether the chord's fifth is meant by the word: beside its root, and no other string by such a word. */
    private boolean isFifthOfChord;
    /** Whether the bass is the root: strings by their bare numbers, and no strum. */
    private boolean isRooted;

    private StringNames names = StringNames.NONE;
    private Plucking plucking = Plucking.NOT;
    private Optional<Filling> filling = Optional.empty();
    private final SaidStrokes said = new SaidStrokes();
    private final SaidAccents accents = new SaidAccents();
    private JoiningWords joined;
    private boolean isOn;
    private Force force = Force.PLAIN;
    private Touch touch = Touch.PLAIN;
    private int open = -1;
    private int strokesWhenOpened;
    private int countsWhenOpened;

    DictationReader(String text, Speech speech, Doubts doubts) {
        this.text = text;
        this.speech = speech;
        this.doubts = doubts;
        words = new SpokenWords(speech.lexicon(), doubts.manner());
    }

    Dictation read() {
        There there = There.at(text, speech);
        there.begin(said);
        joined = new JoiningWords(there.rest(), words, doubts);
        names = StringNames.in(joined.all(), words);
        isRooted = isRooted(joined.all());
        List<Integer> ordinals = joined.all().stream()
                .flatMap(word -> words.ordinal(word).stream())
                .distinct()
                .toList();
        isFifthOfChord =
                ordinals.equals(List.of(FIFTH)) && joined.all().stream().anyMatch(words::isRoot);
        numbers = names.isAll() ? NumberSense.STRINGS : NumberSense.of(joined.all(), words, text, doubts);
        joined.each(this::read);
        if (open >= 0) throw new NotationException("dictation-reader.bracket-closed", text, open);
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

    private boolean isRooted(List<String> all) {
        return all.stream()
                        .noneMatch(word -> words.isStrummed(word)
                                || words.mark(word).filter("on"::equals).isPresent())
                && all.stream()
                        .anyMatch(word -> words.numbered(word).isPresent()
                                || words.ordinal(word).isPresent());
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

    /** What is read behind {@code pluck}. */
    private enum Plucking {
        NOT,
        /** A comma was said since: numbers are strings, letters are not. */
        NUMBERS,
        ALL,
        /** What is said next is plucked with what was said before. */
        WITH_LAST
    }

    private void read(String word, int index) {
        Optional<Integer> string = spokenString(word, index);
        if (string.isPresent()) {
            pluck(string.get(), index);
            return;
        }
        if (plucking == Plucking.ALL && words.isAnd(word)) {
            plucking = Plucking.WITH_LAST;
            return;
        }
        if (plucking == Plucking.ALL && words.isTogether(word)) return;
        if (TOGETHER.matcher(word).matches()) {
            for (int i = 0; i < word.length(); i++) read(word.substring(i, i + 1), index + i);
            return;
        }
        if (isHeading(word, index)) return;
        words.doubt(word).ifPresent(doubt -> doubts.isFirst(doubt, word));
        Optional<Stroke> stroke = stroke(word, index);
        if (stroke.isPresent()) stroke(stroke.get(), words.direction(word), index, index + word.length());
        else if (!isSaidAgain(word, index)) {
            Optional<String> count =
                    force == Force.ACCENTED ? words.count(word).or(() -> words.every(word)) : words.count(word);
            if (count.isPresent()) count(count.get(), word, index);
            else other(word, index);
        }
    }

    /** The string that a letter or a number is, where strings are spoken of. */
    private Optional<Integer> spokenString(String word, int index) {
        if (names.isAll() || names.isAmongStrums(word) && isAlone(word, index)) return names.string(word, words);
        if (plucking == Plucking.NOT) return Optional.empty();
        Optional<Integer> number = words.numbered(word)
                .filter(digits -> digits.matches("\\d{1,2}"))
                .map(Integer::valueOf)
                .or(() -> words.ordinal(word));
        return plucking == Plucking.NUMBERS ? number : number.or(() -> words.letter(word));
    }

    private void pluck(int string, int index) {
        Stroke form = string(String.valueOf(string), index);
        boolean withLast = plucking == Plucking.WITH_LAST && !said.isEmpty();
        if (plucking == Plucking.WITH_LAST) plucking = Plucking.ALL;
        if (withLast && said.last().form() instanceof Pluck before) {
            var picks = new ArrayList<>(before.picks());
            picks.addAll(((Pluck) form).picks());
            said.replaceLast(said.last().withForm(PickedLine.pinched(picks, text, index)));
        } else {
            stroke(form, Optional.empty(), index, index);
        }
    }

    private Optional<Stroke> stroke(String word, int index) {
        if (isRingFinger(word)) return words.ringFinger();
        if (isFifthOfChord && words.ordinal(word).isPresent()) return words.alternate();
        if (numbers != NumberSense.STRINGS) return words.stroke(word, text, index);
        return words.ordinal(word)
                .map(number -> string(String.valueOf(number), index))
                .or(() -> words.stroke(word, text, index).map(stroke -> isRooted ? picked(stroke) : stroke));
    }

    /** Whether a finger was said by its letter at {@code index}. */
    private boolean isLetter(int index) {
        boolean ends = index + 1 == text.length() || !Character.isLetter(text.charAt(index + 1));
        return ends
                && said.last().form() instanceof Pluck
                && said.isByFingers()
                && Character.isLetter(text.charAt(index));
    }

    private Stroke string(String number, int index) {
        return Pluck.of(PickedLine.string(text, number, index));
    }

    /** Among strings the bass is the root, plucked. */
    private static Stroke picked(Stroke stroke) {
        boolean bass = stroke instanceof Strum strum && strum.reach() == Reach.BASS;
        return bass ? Pluck.of(new Pick.ByRole(Role.ROOT_BASS)) : stroke;
    }

    /** {@code Strum: D D U} names what follows. */
    private boolean isHeading(String word, int index) {
        if (!said.isEmpty() || word.length() < 2) return false;
        int colon = behindBlanks(index + word.length());
        return colon + 1 < text.length()
                && text.charAt(colon) == ':'
                && Character.isWhitespace(text.charAt(colon + 1))
                && words.isStrum(word);
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
        if (words.isLetterOfRing(word))
            return !said.isEmpty() && isLetter(said.last().index());
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
        if (numbers != NumberSense.COUNTS) {
            if (Character.isDigit(count.charAt(0))) plucked(count, index, index + word.length());
            return;
        }
        if (isAlone(word, index)
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
        Stroke form = numbers == NumberSense.FINGERS ? FINGERS.get(number) : string(number, index);
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
            switch (found) {
                case SpokenTimes.Several several -> several(several, index);
                case SpokenTimes.Times all -> times(all.number(), word, index);
                case SpokenTimes.Held held -> held(held, word, index);
                case SpokenTimes.Again again -> again(again.how(), word, index);
            }
        });
        return times.isPresent();
    }

    private void times(int number, String word, int index) {
        if (number > 0 && isBeforeStrokes(word, index)) said.repeatNext(number);
        else said.repeat(checked(number, word, index));
        // What is said again in brackets stands not in them: "down up (twice)".
        strokesWhenOpened = said.size();
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

    /** {@code twice down, up}: behind a comma, or first of all, it says how often the strokes right behind it come. */
    private boolean isBeforeStrokes(String word, int index) {
        int end = behindBlanks(index + word.length());
        int behind = end < text.length() && text.charAt(end) == ':' ? behindBlanks(end + 1) : end;
        return said.isAtPhrase() && behind < text.length() && Character.isLetterOrDigit(text.charAt(behind));
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
        if (said.isEmpty() && how == SpokenTimes.How.ALL && isBeforeStrokes(word, index)) return;
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
                isOn = isOn && isCountBehind(index + 1);
                if (plucking != Plucking.NOT) plucking = Plucking.NUMBERS;
                said.endPhrase();
            }
            case "!" -> force(Force.ACCENTED);
            case "'" -> force(Force.SOFT);
            case "(", "[" -> open(index);
            case ")", "]" -> close(index);
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
        int at = behindBlanks(index);
        int end = at;
        while (end < text.length() && Character.isLetterOrDigit(text.charAt(end))) end++;
        String word = text.substring(at, end).toLowerCase(Locale.ROOT);
        return !word.isEmpty() && words.numbered(word).isPresent() && !joined.isBeforeStroke(at);
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
            case "plucked" -> plucking = Plucking.ALL;
            case "soft" -> force = Force.SOFT;
            case "swept" -> touch = Touch.SWEPT;
            case "palm-muted" -> touch = Touch.PALM_MUTED;
            default -> {}
        }
    }

    private void unknown(String word, int index) {
        String typed = text.substring(index, index + word.length());
        List<String> nearest = unread.size() < COMPARED ? Spelling.nearest(typed, speech.lexicon()) : List.of();
        int from = said.takeNumberBefore(text, index, words).orElse(index);
        unread.add(new Unread(
                from, text.substring(from, index + word.length()), nearest, !said.isEmpty() && said.isPicked()));
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

    /** {@code thumb on the root}, {@code thumb on string 6}: one stroke, said by who plays it and where. */
    private boolean isThumbOn(Stroke form) {
        return form instanceof Pluck
                && said.counts().stream().noneMatch(count -> count.stroke() == said.size())
                && isRoot(said.last().form());
    }

    private static boolean isRoot(Stroke form) {
        return form.equals(Pluck.of(new Pick.ByRole(Role.ROOT_BASS)));
    }

    private static boolean isPlainStrum(SpokenStroke stroke) {
        return stroke.form() instanceof Strum strum && strum.reach() == Reach.ALL;
    }

    private void stroke(Stroke form, Optional<Direction> way, int index, int end) {
        if (isOn && isThumbOn(form)) {
            isOn = false;
            if (!isRoot(form)) said.replaceLast(SpokenStroke.of(form, Optional.empty(), index));
            return;
        }
        if (!(form instanceof Pluck)) plucking = Plucking.NOT;
        accents.taken().forEach(count -> said.count(count.said(), count.index()));
        isOn = false;
        boolean bare = form instanceof Strum strum && strum.reach() == Reach.ALL;
        if (bare && !said.isEmpty() && isOneStroke(way, index)) {
            way.ifPresent(goes -> said.replaceLast(said.last().withDirection(goes)));
            return;
        }
        if (bare && way.isPresent() && !said.isEmpty() && isDirectionOfLast(index)) {
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
