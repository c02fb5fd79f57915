package tactus.formats.sheet;

import static java.util.Map.entry;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Use;
import tactus.core.written.song.Song;
import tactus.formats.OtherSongs;
import tactus.formats.SampleSong;
import tactus.formats.demo.DemoSong;
import tactus.formats.midi.MidiSong;
import tactus.formats.musicxml.MusicXmlSong;
import tactus.formats.song.SongFile;
import tactus.formats.table.BarTable;
import tactus.formats.table.TextChart;

/** A song in which any single fact is another one; which facts there are is read off the types. */
class EveryFactTest {

    @TempDir
    private Path folder;

    private static Song sample(boolean isVersion) {
        Song sample = SampleSong.song();
        String first = sample.versions().all().getFirst().name();
        return sample.withVersions(
                sample.versions().withShown(Optional.of(first).filter(_ -> isVersion)));
    }

    private static Map<String, Song> others(Song song) {
        Map<String, Song> others = OtherSongs.of(song);
        others.values().removeIf(EveryFactTest::saysNothing);
        return others;
    }

    /** A rule of which nothing is left is none. */
    private static boolean saysNothing(Song song) {
        return Stream.concat(
                        song.rules().stream(),
                        song.versions().all().stream().flatMap(version -> version.overlay().dropped().stream()))
                .map(Rule::play)
                .anyMatch(Play.OPEN::equals);
    }

    @Test
    void everyFactOfASongIsKeptInItsFile() throws IOException {
        var lost = new TreeSet<String>();
        Map<String, Song> songs = others(sample(true));
        for (var each : songs.entrySet()) {
            var in = new ByteArrayInputStream(SongFile.toBytes(each.getValue()));
            Song read = SongFile.read(in, Path.of("other.json")).song();
            if (!read.equals(each.getValue())) lost.add(each.getKey());
        }
        assertTrue(songs.size() > 150, songs.keySet().toString());
        assertEquals(Collections.emptySet(), lost);
    }

    /** What is for whoever writes or practises, by the start of its name, and why it stands on no page and in no file. */
    private static final Map<String, String> INSIDE = Map.ofEntries(
            entry("arrangement.sections[].harmony.loops", "how chords are written, not what is played"),
            entry("arrangement.sections[].names.aliases", "what else it may be called in a rule"),
            entry("changeCounts", "what was counted in practice"),
            entry("facts.company", "which rules hold; said where one does"),
            entry("facts.heading.tags", "what it is found by"),
            entry("facts.pulse.groove", "drums go along where they are asked for"),
            entry("facts.recording", "what its length is compared with"),
            entry("lesson.accepted", "the teacher's own reasons"),
            entry("lesson.planned", "parts that are not yet written"),
            entry("materials.chords[].isOffered", "whether a shape is still to be looked at"),
            entry("materials.patterns[].story", "where a pattern comes from"));

    /** Each fact is changed in one song after the other until something comes of it. */
    @Test
    void everyFactOfASongIsSeenOrHeardOutsideOfIt() {
        var silent = new TreeSet<String>();
        var known = new TreeSet<String>();
        for (Song song :
                List.of(sample(false), asWritten(sample(false)), demo("rain-on-the-boathouse"), demo("lantern-walk"))) {
            List<String> before = outside(song).stream().map(Supplier::get).toList();
            for (var each : others(song).entrySet()) {
                String fact = each.getKey();
                boolean isInside =
                        fact.startsWith("versions") || INSIDE.keySet().stream().anyMatch(fact::startsWith);
                if (isInside || !known.add(fact) && !silent.contains(fact)) continue;
                if (isTold(each.getValue(), before)) silent.remove(fact);
                else silent.add(fact);
            }
        }
        assertEquals(Collections.emptySet(), silent);
    }

    /** Files are written one after the other until one is another than {@code before}. */
    private boolean isTold(Song song, List<String> before) {
        List<Supplier<String>> now = outside(song);
        return IntStream.range(0, before.size()).anyMatch(i -> !now.get(i).get().equals(before.get(i)));
    }

    /** Without what takes the place of what a section says: exceptions, rules for the second guitar, words. */
    private static Song asWritten(Song song) {
        return song.withUses(song.uses().stream()
                        .map(use -> new Use(use.id(), use.section(), use.name(), List.of()))
                        .toList())
                .withRules(song.rules().stream()
                        .filter(rule -> rule.play().second().isEmpty())
                        .toList())
                .withSections(song.sections().stream()
                        .map(section -> section.withWords(List.of()))
                        .toList());
    }

    private static Song demo(String name) {
        return DemoSong.named(name).song();
    }

    private List<Supplier<String>> outside(Song song) {
        Timeline timeline = Timeline.of(song);
        return List.of(
                () -> written(file -> TextChart.write(song, timeline, file)),
                () -> written(file -> BarTable.write(song, timeline, file)),
                () -> written(file -> MusicXmlSong.write(song, timeline, file)),
                () -> written(file -> MidiSong.write(song, timeline, file)),
                () -> written(file -> Files.writeString(
                        file,
                        String.join(
                                "",
                                Sheet.of(song, timeline, SheetLook.on(Paper.A4)).svg()))));
    }

    private interface Writer {
        void write(Path file) throws IOException;
    }

    private String written(Writer writer) {
        Path file = folder.resolve("other");
        try {
            writer.write(file);
            return Files.readString(file, StandardCharsets.ISO_8859_1);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
