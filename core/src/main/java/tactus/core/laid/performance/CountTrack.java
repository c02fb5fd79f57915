package tactus.core.laid.performance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.time.CountSchool;
import tactus.core.music.time.Counting;
import tactus.core.music.time.Length;
import tactus.core.written.harmony.Chord;

/**
 * What a voice says along with a song.
 *
 * @param words in order
 */
public record CountTrack(List<Word> words) {

    /**
     * Something said at once.
     *
     * @param seconds where the vowel of its first part lies
     * @param parts words one after the other: {@code 1}; {@code &}; {@code C}, {@code sharp}, {@code minor}
     */
    public record Word(double seconds, List<String> parts) {
        public Word {
            parts = List.copyOf(parts);
        }
    }

    public CountTrack {
        words = List.copyOf(words);
    }

    /** What {@code voice} says through the whole of {@code timeline}. */
    public static CountTrack of(Timeline timeline, CountVoice voice) {
        Map<Length, List<String>> names = voice.chords() ? names(timeline) : Map.of();
        var words = new ArrayList<Word>();
        for (TimelineBar bar : timeline.bars()) {
            if (isSilent(bar, voice.silence())) continue;
            List<TimelineStroke> strokes = timeline.strokesIn(bar.number());
            var said = new TreeMap<Length, List<String>>();
            count(bar, strokes, voice, said);
            Length at = bar.start();
            for (Length beat : bar.meter().beats()) {
                if (names.containsKey(at)) said.put(at, names.get(at));
                at = at.plus(beat);
            }
            // A stroke that is swung is counted where it sounds.
            Map<Length, Double> sounding = new HashMap<>();
            for (TimelineStroke stroke : strokes) sounding.put(stroke.start(), stroke.seconds());
            said.forEach((place, parts) ->
                    words.add(new Word(sounding.getOrDefault(place, timeline.seconds(place)), parts)));
        }
        words.sort(Comparator.comparingDouble(Word::seconds));
        return new CountTrack(words);
    }

    private static boolean isSilent(TimelineBar bar, CountVoice.Silence silence) {
        return switch (silence) {
            case NEVER -> false;
            case REPEATS -> bar.pass() > 1;
            case EVERY_SECOND -> bar.pass() % 2 == 0;
            case AFTER_FIRST_BAR -> !bar.isFirst();
        };
    }

    private static void count(
            TimelineBar bar, List<TimelineStroke> strokes, CountVoice voice, Map<Length, List<String>> said) {
        if (voice.said() == CountVoice.Said.BEATS || strokes.isEmpty()) {
            Length at = Length.ZERO;
            for (Length beat : bar.meter().beats()) {
                said.put(bar.start().plus(at), List.of(Counting.said(voice.school(), bar.meter(), beat, at)));
                at = at.plus(beat);
            }
            return;
        }
        for (TimelineStroke stroke : strokes) {
            Length inBar = stroke.start().minus(bar.start());
            if (inBar.isLessThan(Length.ZERO)) continue;
            if (voice.said() == CountVoice.Said.SLOTS)
                said.put(stroke.start(), List.of(count(stroke, voice, bar, inBar)));
            else if (stroke.stroke().isStruck()) said.put(stroke.start(), List.of(way(stroke, voice, bar, inBar)));
        }
    }

    /** A pluck has no way, and is counted. */
    private static String way(TimelineStroke stroke, CountVoice voice, TimelineBar bar, Length inBar) {
        if (stroke.stroke() instanceof Pluck) return count(stroke, voice, bar, inBar);
        Direction way = stroke.stroke().way().or(stroke::hand).orElse(Direction.DOWN);
        return way == Direction.UP ? "up" : "down";
    }

    private static String count(TimelineStroke stroke, CountVoice voice, TimelineBar bar, Length inBar) {
        // The timeline has the numbers; a slot that a change of chord cuts short is still counted as it was.
        if (voice.school() == CountSchool.NUMBERS) return stroke.count().spoken();
        return Counting.said(voice.school(), bar.meter(), stroke.length(), inBar);
    }

    /** The next chord's name on the last felt beat that begins before it. */
    private static Map<Length, List<String>> names(Timeline timeline) {
        Map<Length, List<String>> names = new HashMap<>();
        Optional<TimelineSpan> before = Optional.empty();
        for (TimelineSpan span : timeline.spans()) {
            boolean isSame =
                    before.filter(last -> last.chord().equals(span.chord())).isPresent();
            if (!isSame && before.isPresent())
                beatBefore(timeline, span.start())
                        .ifPresent(at ->
                                Chord.meaning(span.chord()).ifPresent(name -> names.put(at, ChordSpeech.of(name))));
            before = Optional.of(span);
        }
        return names;
    }

    private static Optional<Length> beatBefore(Timeline timeline, Length change) {
        Length found = null;
        Optional<TimelineBar> there = timeline.barAt(change);
        Optional<TimelineBar> bar = there.filter(each -> each.start().isLessThan(change))
                .or(() -> there.flatMap(each -> timeline.bar(each.number() - 1)));
        if (bar.isEmpty()) return Optional.empty();
        Length at = bar.get().start();
        for (Length beat : bar.get().meter().beats()) {
            if (at.isLessThan(change)) found = at;
            at = at.plus(beat);
        }
        return Optional.ofNullable(found);
    }
}
