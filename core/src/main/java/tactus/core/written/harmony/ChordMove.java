package tactus.core.written.harmony;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.FingerMove;

/**
 * A finger that moves on a chord whatever is played on it: {@code 1& 1h2}, a hammer-on half a count after the chord has
 * begun, and again in every bar that it lasts.
 *
 * @param after how many counts after the chord or a bar of it has begun, from 0 to under 32, in quarters of a count
 */
public record ChordMove(Length after, FingerMove move) {

    /** The most that a chord has. */
    public static final int MOST = 16;

    private static final Pattern WRITTEN = Pattern.compile("\\s*(\\d{1,2})\\s*([&ea]?)\\s+(\\S+)\\s*");
    private static final List<String> QUARTERS = List.of("", "e", "&", "a");
    private static final long LAST_COUNT = 32;

    /** @throws IllegalArgumentException if {@code after} is outside its range */
    public ChordMove {
        Objects.requireNonNull(move);
        boolean inRange = !after.isLessThan(Length.ZERO) && after.isLessThan(Length.WHOLE.times(LAST_COUNT));
        if (!inRange || 4 % after.under() != 0)
            throw new IllegalArgumentException("a finger moves 0 to 32 counts later, in quarters; was " + after);
    }

    /**
     * Reads {@code 1 1.0, 1& 1h2}: counts as they are said from where the chord begins, each with a move.
     *
     * @throws NotationException if a part is no count with a move, or there are more than {@link #MOST}
     */
    public static List<ChordMove> parse(String text) {
        var moves = new ArrayList<ChordMove>();
        int at = 0;
        for (String part : text.split(",", -1)) {
            if (!part.isBlank()) moves.add(one(part, text, at));
            at += part.length() + 1;
        }
        if (moves.size() > MOST) throw new NotationException("chord-move.too-many", text, text.length(), MOST);
        return moves.stream().sorted(Comparator.comparing(ChordMove::after)).toList();
    }

    private static ChordMove one(String part, String text, int at) {
        Matcher move = WRITTEN.matcher(part);
        if (!move.matches())
            throw new NotationException("chord-move.unread", text, at + NotationException.stop(WRITTEN, part));
        int count = Integer.parseInt(move.group(1));
        if (count < 1 || count > LAST_COUNT) throw new NotationException("chord-move.unread", text, at + move.start(1));
        Length after = Length.of(count - 1).plus(new Length(QUARTERS.indexOf(move.group(2)), 4));
        try {
            return new ChordMove(after, FingerMove.parse(move.group(3)));
        } catch (NotationException unread) {
            throw new NotationException("chord-move.move", text, at + move.start(3), move.group(3), unread.reason());
        }
    }

    /** The count as it is said: {@code 1&}. */
    public String count() {
        long whole = after.wholesOf(Length.WHOLE);
        long quarters = after.minus(Length.of(whole)).times(4).wholesOf(Length.WHOLE);
        return (whole + 1) + QUARTERS.get((int) quarters);
    }

    /** Writes {@code moves} as they are read. */
    public static String line(List<ChordMove> moves) {
        return moves.stream().map(ChordMove::toString).collect(Collectors.joining(", "));
    }

    /** Returns {@code 1& 1h2}. */
    @Override
    public String toString() {
        return count() + " " + move;
    }
}
