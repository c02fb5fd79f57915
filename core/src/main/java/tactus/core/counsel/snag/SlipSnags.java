package tactus.core.counsel.snag;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.reading.chart.KeyGuess;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.What;
import tactus.core.written.section.Cue;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.song.Song;

/** Finds slips of the hand in writing: a letter of a chord's name, a half, a bar's number, one stop among others. */
final class SlipSnags implements Finder {

    /** How often the likely chord must stand between the same neighbours; ours. */
    private static final int OFTEN = 2;
    /** How many other passes must stop alike. */
    private static final int ALIKE = 2;

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        Song song = laid.song();
        checkLetters(laid, found);
        for (Section section : song.sections()) {
            checkHalf(laid, section).ifPresent(found);
            checkMarks(section, found);
        }
        checkStops(laid, found);
    }

    private record Between(String before, String after) {}

    private record Place(Section section, int span) {}

    private static void checkLetters(LaidSong laid, Consumer<Snag> found) {
        Song song = laid.song();
        Map<String, List<Place>> places = new LinkedHashMap<>();
        Map<Between, Map<String, Integer>> between = new HashMap<>();
        for (Section section : song.sections()) {
            for (int span = 0; span < section.spans().size(); span++) {
                String chord = section.spans().get(span).chord();
                places.computeIfAbsent(chord, _ -> new ArrayList<>()).add(new Place(section, span));
                between.computeIfAbsent(between(section, span), _ -> new HashMap<>())
                        .merge(chord, 1, Integer::sum);
            }
        }
        places.forEach((chord, all) -> {
            if (all.size() != 1 || !isOffKey(song, all.getFirst().section(), chord)) return;
            Place place = all.getFirst();
            between.get(between(place.section(), place.span())).entrySet().stream()
                    .filter(other -> other.getValue() >= OFTEN
                            && isLetterAway(chord, other.getKey())
                            && !isOffKey(song, place.section(), other.getKey()))
                    .findFirst()
                    .ifPresent(other -> found.accept(letterAway(laid, place, chord, other.getKey(), other.getValue())));
        });
    }

    private static Snag letterAway(LaidSong laid, Place place, String chord, String likely, int times) {
        SectionId section = place.section().id();
        SnagPlace.InSection at = laid.ofChord(place.section(), place.span());
        return Snag.of(
                        Kind.CHORD_A_LETTER_AWAY,
                        at,
                        "snag.letter-away",
                        chord,
                        at.bar().index() + 1,
                        likely,
                        times)
                .called(section)
                .about(section, place.span(), chord)
                .counted("times", times)
                .mendedBy(new SectionFix.CallChord(section, place.span(), likely));
    }

    /** The chords beside one; a section goes round. */
    private static Between between(Section section, int span) {
        int all = section.spans().size();
        return new Between(
                section.spans().get((span + all - 1) % all).chord(),
                section.spans().get((span + 1) % all).chord());
    }

    private static boolean isOffKey(Song song, Section section, String chord) {
        Key key = section.key()
                .map(own -> own.plus(-song.facts().instrument().transposition()))
                .orElse(song.facts().shapesKey());
        Optional<ChordName> name = ChordName.isNoChord(chord) ? Optional.empty() : Chord.meaning(chord);
        return name.map(each -> KeyGuess.share(key, List.of(each)) < 1).orElse(false);
    }

    /** Whether one letter more, less or other makes one name the other. */
    private static boolean isLetterAway(String one, String other) {
        String shorter = one.length() <= other.length() ? one : other;
        String longer = one.length() <= other.length() ? other : one;
        // Of names that are a single letter each is a letter away from every other.
        if (longer.length() < 2 || longer.length() - shorter.length() > 1 || one.equals(other)) return false;
        int same = 0;
        while (same < shorter.length() && shorter.charAt(same) == longer.charAt(same)) same++;
        int from = longer.length() == shorter.length() ? same + 1 : same;
        return shorter.substring(Math.min(from, shorter.length())).equals(longer.substring(same + 1));
    }

    private static Optional<Snag> checkHalf(LaidSong laid, Section section) {
        String name = section.name().toLowerCase(Locale.ROOT);
        boolean isHalf = laid.lexicon().forms("called.half").stream().anyMatch(name::contains);
        if (!isHalf || section.spans().isEmpty()) return Optional.empty();
        return laid.song().sections().stream()
                .filter(whole -> whole != section
                        && !whole.spans().isEmpty()
                        && name.contains(whole.name().toLowerCase(Locale.ROOT)))
                .filter(whole -> 2 * section.bars().size() != whole.bars().size())
                .findFirst()
                .map(whole -> noHalf(section, whole));
    }

    private static Snag noHalf(Section section, Section whole) {
        int bars = section.bars().size();
        int all = whole.bars().size();
        return Snag.of(
                        Kind.HALF_THAT_IS_NONE,
                        section.id(),
                        "snag.no-half",
                        Quantity.of(Quantity.Unit.BAR, bars),
                        whole.id(),
                        Quantity.of(Quantity.Unit.BAR, all))
                .about(section.id(), whole.id())
                .counted("bars", bars, "bars-of-the-whole", all);
    }

    private static void checkMarks(Section section, Consumer<Snag> found) {
        int bars = section.bars().size();
        for (Cue cue : section.cues()) checkBar(section, cue.text(), cue.bar(), found);
        section.words().stream()
                .flatMap(line -> line.syllables().stream())
                .filter(each -> each.bar() > bars)
                .findFirst()
                .ifPresent(each -> checkBar(section, each.text(), each.bar(), found));
        // Where there are words they say where somebody sings.
        if (!section.words().isEmpty()) return;
        for (Stretch sung : section.voice())
            if (sung instanceof Stretch.Counted counted) checkBar(section, sung.code(), counted.toBar(), found);
    }

    private static void checkBar(Section section, String mark, int bar, Consumer<Snag> found) {
        int bars = section.bars().size();
        if (bar > bars)
            found.accept(Snag.of(Kind.MARK_BEYOND_BARS, section.id(), "snag.beyond-bars", mark, bar, bars)
                    .about(section.id(), mark, bar)
                    .counted("bar", bar, "bars", bars));
    }

    private record Ending(SnagPlace place, Length beats) {}

    private static void checkStops(LaidSong laid, Consumer<Snag> found) {
        Map<SectionId, List<Ending>> endings = new LinkedHashMap<>();
        List<TimelineSpan> spans = laid.timeline().spans();
        IntStream.range(0, spans.size())
                .filter(index -> isLastOfPass(spans, index))
                .forEach(index -> ending(laid, spans, index)
                        .ifPresent(ending -> endings.computeIfAbsent(
                                        laid.section(spans.get(index)).id(), _ -> new ArrayList<>())
                                .add(ending)));
        endings.forEach((section, all) -> unlike(section, all).ifPresent(found));
    }

    private static boolean isLastOfPass(List<TimelineSpan> spans, int index) {
        if (index + 1 == spans.size()) return true;
        TimelineSpan now = spans.get(index);
        TimelineSpan next = spans.get(index + 1);
        return now.use() != next.use() || now.pass() != next.pass();
    }

    /** The stop with which a pass ends. */
    private static Optional<Ending> ending(LaidSong laid, List<TimelineSpan> spans, int last) {
        if (spans.get(last).inSection().isEmpty() || !isStop(spans.get(last))) return Optional.empty();
        int first = last;
        while (first > 0 && isStop(spans.get(first - 1)) && !isLastOfPass(spans, first - 1)) first--;
        Length length = spans.get(last).end().minus(spans.get(first).start());
        Length beat = laid.song().facts().meter().shortestBeat();
        return Optional.of(new Ending(laid.place(spans.get(first)), length.dividedBy(beat)));
    }

    private static boolean isStop(TimelineSpan span) {
        return span.played().what().filter(what -> what == What.Event.STOP).isPresent();
    }

    private static Optional<Snag> unlike(SectionId section, List<Ending> endings) {
        if (endings.size() <= ALIKE) return Optional.empty();
        for (Ending one : endings) {
            List<Length> others = endings.stream()
                    .filter(each -> each != one)
                    .map(Ending::beats)
                    .distinct()
                    .toList();
            if (others.size() == 1 && !Objects.equals(others.getFirst(), one.beats()))
                return Optional.of(Snag.of(
                                Kind.STOPS_UNLIKE,
                                one.place(),
                                "snag.stop-unlike",
                                Quantity.beats(one.beats()),
                                Quantity.beats(others.getFirst()),
                                endings.size() - 1)
                        .called(section)
                        .about(section, one.place())
                        .counted("beats", one.beats(), "beats-of-the-others", others.getFirst()));
        }
        return Optional.empty();
    }
}
