package tactus.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.section.Cue;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.Use;
import tactus.core.written.song.Hint;
import tactus.core.written.song.HintPlace;
import tactus.core.written.song.Song;
import tactus.words.SongWords;

/** Songs that say things by chance on top of what they have: rules, exceptions, cues, hints, rounds. */
public final class SongsByChance {

    private static final List<String> PLACES = List.of(
            "{s}",
            "{s}, last pass",
            "{s}, pass 2",
            "{s}, last chord",
            "{s}, chord 2",
            "{s}, bars 1-2",
            "{s}, second half",
            "last {s}",
            "{s}, where nobody sings",
            "everywhere, last bar");
    private static final List<String> PLAYS = List.of(
            "{p}",
            "{p}, only beats",
            "{p}, only downs",
            "{p}, busier",
            "muted strokes",
            "held strum",
            "stop and count",
            "silence",
            "p",
            "ff",
            "p to f",
            "up 2 with shapes",
            "up 2 with the capo",
            "or {p}",
            "pause of 2 beats",
            "carry through");

    private SongsByChance() {}

    /** So many of them, of each of {@code songs} in turn. */
    public static Stream<Song> of(List<Song> songs, int many) {
        return IntStream.range(0, many).mapToObj(seed -> of(songs.get(seed % songs.size()), seed));
    }

    /** {@code song} with six things more. */
    public static Song of(Song song, int seed) {
        var random = new Random(seed);
        Song other = song;
        for (int i = 0; i < 4; i++) other = ruled(other, random);
        other = moved(marked(other, random), random);
        return excepted(withOddBar(other, random), random);
    }

    private static <T> T any(List<T> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }

    /** A sentence that cannot be said in this song is not said. */
    private static Song ruled(Song song, Random random) {
        Section section = any(song.sections(), random);
        Pattern pattern = any(song.patterns(), random);
        String sentence = (any(PLACES, random) + ": " + any(PLAYS, random))
                .replace("{s}", section.name())
                .replace("{p}", pattern.name());
        try {
            return song.withRule(new SongWords(song).rules().parse(sentence));
        } catch (Refusal impossible) {
            return song;
        }
    }

    private static Song marked(Song song, Random random) {
        Section section = any(song.sections(), random);
        int bar = 1 + random.nextInt(section.bars().size());
        var cues = new ArrayList<>(section.cues());
        cues.add(new Cue(bar, 1, PassChoice.EVERY, "cue " + random.nextInt(100)));
        var hints = new ArrayList<>(song.lesson().hints());
        hints.add(new Hint(new HintPlace.OfBar(section.id(), bar), "hint " + random.nextInt(100)));
        return song.withSection(section.id(), each -> each.withCues(cues).withPasses(1 + random.nextInt(3)))
                .withLesson(song.lesson().withHints(hints));
    }

    /** A finger moves in the middle of a pattern, on a string by chance. */
    private static Song moved(Song song, Random random) {
        if (random.nextInt(3) > 0) return song;
        Pattern pattern = any(song.patterns(), random);
        var sound = any(List.of(FingerMove.Sound.values()), random);
        var move = new FingerMove(1 + random.nextInt(5), Optional.of(random.nextInt(4)), sound);
        return song.withPattern(pattern.withMoves(pattern.grid().slots().size() / 2, List.of(move)));
    }

    /** The second bar of a section in another meter; its chords keep their bars. */
    private static Song withOddBar(Song song, Random random) {
        Section section = any(song.sections(), random);
        if (random.nextInt(3) > 0 || section.bars().size() < 2) return song;
        var bars = new ArrayList<>(section.bars());
        bars.set(1, Meter.parse(any(List.of("7/8", "2/4", "5/4", "6/8"), random)));
        return song.withSection(section.id(), each -> each.withBars(bars));
    }

    private static Song excepted(Song song, Random random) {
        Use use = any(song.uses(), random);
        Section section = song.section(use.section()).orElseThrow();
        if (section.bars().size() < 3) return song;
        Except.Change change =
                random.nextBoolean() ? new Except.LeftOut(Stretch.bars(2, 2)) : new Except.LeftOut(Stretch.bars(1, 1));
        return song.withUse(use.plus(new Except(random.nextBoolean() ? PassChoice.LAST : PassChoice.EVERY, change)));
    }
}
