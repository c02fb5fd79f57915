package tactus.core.counsel.snag;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.stream.Collectors;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;
import tactus.core.written.section.Section;
import tactus.core.written.song.Hint;
import tactus.core.written.song.HintPlace;

/** Finds words that what is written does not bear out: numbers of strings, suspensions. */
final class WordedSnags implements Finder {

    /** Semitones from the root of a second and a fourth, and of the thirds they stand for. */
    private static final List<Integer> SUSPENDED = List.of(2, 5);

    private static final List<Integer> THIRDS = List.of(3, 4);

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        checkNumbers(laid, found);
        for (Pattern pattern : laid.song().patterns()) {
            if (!pattern.moves().isEmpty() && isCalledSuspension(laid, pattern))
                checkSuspension(laid, pattern).ifPresent(found);
        }
    }

    private static void checkNumbers(LaidSong laid, Consumer<Snag> found) {
        checkNumbers(laid, SnagPlace.InFacts.PLAN, laid.song().facts().note(), found);
        for (Hint hint : laid.song().lesson().hints())
            checkNumbers(laid, place(hint.about(), laid), hint.text(), found);
        for (Section section : laid.song().sections()) {
            section.cues().forEach(cue -> checkNumbers(laid, laid.ofBar(section, cue.bar()), cue.text(), found));
        }
    }

    private static SnagPlace place(HintPlace about, LaidSong laid) {
        return switch (about) {
            case HintPlace.OfSong _ -> SnagPlace.InFacts.PLAN;
            case HintPlace.OfChord(String chord) -> new SnagPlace.InChord(chord);
            case HintPlace.OfChange(String from, String _) -> new SnagPlace.InChord(from);
            case HintPlace.OfPattern(var pattern) -> new SnagPlace.InPattern(pattern, 0);
            case HintPlace.OfStroke(var pattern, int slot) -> new SnagPlace.InPattern(pattern, slot);
            case HintPlace.OfSection(var section) -> SnagPlace.InSection.start(section);
            case HintPlace.OfBar(var section, int bar) -> laid.ofBar(laid.section(section), bar);
        };
    }

    private static void checkNumbers(LaidSong laid, SnagPlace place, String text, Consumer<Snag> found) {
        if (text.isEmpty()) return;
        Tuning tuning = laid.song().facts().tuning();
        Matcher named = laid.lexicon()
                .made("strings-called-twice", SpokenStrings::calledTwice)
                .matcher(text);
        while (named.find()) {
            int number = SpokenStrings.number(named, laid.lexicon());
            Set<Integer> right = SpokenStrings.named(named, laid.lexicon(), tuning);
            if (number == 0 || right.isEmpty() || right.contains(number)) continue;
            int meant = right.iterator().next();
            String mended = named.group().replaceFirst("\\d+", String.valueOf(meant));
            found.accept(Snag.of(Kind.STRING_BY_TWO_NUMBERS, place, "snag.two-numbers", named.group(), meant, number)
                    .about(named.group())
                    .counted("string", meant)
                    .mendedBy(new WordedFix.SayInstead(named.group(), mended)));
        }
    }

    private static boolean isCalledSuspension(LaidSong laid, Pattern pattern) {
        List<String> called = laid.lexicon().forms("called.suspension");
        var texts =
                laid
                        .song()
                        .lesson()
                        .hints(about ->
                                about.inPattern().filter(pattern.id()::equals).isPresent())
                        .stream()
                        .map(Hint::text)
                        .collect(Collectors.toSet());
        texts.add(pattern.name());
        return texts.stream()
                .flatMap(text -> List.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\d]+")).stream())
                .anyMatch(called::contains);
    }

    private static Optional<Snag> checkSuspension(LaidSong laid, Pattern pattern) {
        List<Chord> chords = laid.timeline().spans().stream()
                .filter(span -> span.pattern().filter(pattern.id()::equals).isPresent())
                .map(TimelineSpan::chord)
                .distinct()
                .flatMap(name -> laid.song().chord(name).stream())
                .filter(chord -> chord.fits(laid.song().facts().tuning())
                        && chord.meaning().isPresent())
                .toList();
        if (chords.isEmpty() || chords.stream().anyMatch(chord -> suspends(laid, pattern, chord)))
            return Optional.empty();
        int slot = pattern.grid().slots().stream()
                .filter(each -> !pattern.movesAt(each).isEmpty())
                .mapToInt(Slot::index)
                .findFirst()
                .orElse(0);
        String chord = chords.getFirst().name();
        return Optional.of(Snag.of(
                        Kind.SUSPENSION_THAT_IS_NONE,
                        new SnagPlace.InPattern(pattern.id(), slot),
                        "snag.no-suspension",
                        chord)
                .about(pattern.id(), chord));
    }

    /** Whether the shape, or what it is at some slot, has a second or a fourth and no third. */
    private static boolean suspends(LaidSong laid, Pattern pattern, Chord chord) {
        Tuning tuning = laid.song().facts().tuning();
        ChordName name = chord.meaning().orElseThrow();
        return isSuspended(chord.voicing().pitchClasses(tuning, 0), name)
                || MovedShapes.of(pattern, chord, tuning).stream()
                        .anyMatch(held -> isSuspended(
                                held.entrySet().stream()
                                        .map(each ->
                                                tuning.string(each.getKey()).number() + each.getValue())
                                        .toList(),
                                name));
    }

    private static boolean isSuspended(List<Integer> pitches, ChordName name) {
        var above = new TreeSet<Integer>();
        pitches.forEach(pitch -> above.add(Math.floorMod(pitch - name.root().pitchClass(), 12)));
        return SUSPENDED.stream().anyMatch(above::contains) && THIRDS.stream().noneMatch(above::contains);
    }
}
