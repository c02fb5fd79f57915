package tactus.app.arrangement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tactus.app.arrangement.assignment.RulesModel;
import tactus.app.arrangement.comparison.VersionsModel;
import tactus.app.arrangement.section.HarmonyModel;
import tactus.app.arrangement.section.OrderModel;
import tactus.app.bench.BenchParts;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.written.rule.Company;
import tactus.core.written.rule.What;
import tactus.core.written.section.PassChoice;
import tactus.core.written.song.Song;
import tactus.core.written.song.Versions;
import tactus.formats.demo.DemoSong;
import tactus.formats.song.SongFile;
import tactus.records.folder.DataFolder;
import tactus.sound.transport.Transport;
import tactus.words.Words;

/** Whatever is done with a song, by many commands in any order: what the program saves, it opens whole. */
class AnyCommandTest {

    private static final int RUNS = 5;
    private static final int COMMANDS = 40;
    private static final List<String> TEXTS = List.of(
            "C | G/B | Am | F",
            "Xyz Q9 | H",
            "N.C. x3 | C:3/2 D",
            "G x9999",
            "D" + "_".repeat(24),
            "[D x3 | A] x2",
            "(7/8) Em | (2/4) G",
            "last 2 bars",
            "2-3",
            "1.3-2.1",
            "4.x",
            "Verse, last pass: Tin roof, strong",
            "everywhere: stop and count",
            "Chorus, chord 2: muted strokes",
            "0.4 and",
            "2 gather",
            "Solo, Coda",
            "3:25",
            "\u266b \"quoted\" \\ \u00f6",
            "",
            "   ",
            "a".repeat(300));

    @TempDir
    private Path folder;

    private final Random random = new Random();
    private Work work;
    private ArrangementParts parts;
    private BenchParts bench;

    private String text() {
        return TEXTS.get(random.nextInt(TEXTS.size()));
    }

    private int upTo(int most) {
        return random.nextInt(most + 1);
    }

    private void command() {
        switch (upTo(7)) {
            case 0 -> choose();
            case 1, 2 -> harmony();
            case 3 -> rules();
            case 4 -> order();
            case 5 -> marks();
            case 6 -> versions();
            default -> bench();
        }
    }

    /** With a version shown, the song without it is the same as before, or it is said why it is not. */
    private void checked(Runnable command) {
        Song before = work.written();
        Optional<Work.Done> told = work.doneProperty().get();
        command.run();
        Optional<String> shown = before.versions().shown();
        Song after = work.written();
        if (shown.isEmpty() || !shown.equals(after.versions().shown())) return;
        boolean isSaid = !told.equals(work.doneProperty().get())
                && !work.doneProperty().get().orElseThrow().forAll().isEmpty();
        boolean isTakenBack = work.canRedoProperty().get();
        if (isSaid || isTakenBack) return;
        String last = work.undoLabelProperty().get().map(Words::say).orElse("nothing");
        assertEquals(full(before, shown.get()), full(after, shown.get()), "behind “" + last + "”");
    }

    private static Song full(Song song, String version) {
        return song.withRules(song.rules().stream()
                        .filter(rule -> !rule.where().version().equals(Optional.of(version)))
                        .toList())
                .withVersions(new Versions(
                        song.versions().all().stream()
                                .filter(each -> !each.name().equals(version))
                                .toList(),
                        Optional.empty()));
    }

    private void choose() {
        if (work.song().uses().isEmpty()) return;
        parts.arrangement().choose(upTo(work.song().uses().size() - 1), 1 + upTo(2), upTo(8));
    }

    private void harmony() {
        HarmonyModel harmony = parts.harmony();
        switch (upTo(9)) {
            case 0 -> harmony.rename(text());
            case 1 -> harmony.addBeats(upTo(9) - 4);
            case 2 -> harmony.addSpan();
            case 3 -> harmony.removeSpan();
            case 4 -> harmony.split();
            case 5 -> harmony.join();
            case 6 -> parts.bars().repeatBar();
            case 7 -> parts.bars().addBar();
            case 8 -> parts.bars().removeBar();
            default -> parts.line().takeLine(text());
        }
    }

    private void rules() {
        RulesModel rules = parts.rules();
        switch (upTo(5)) {
            case 0 -> rules.take(text());
            case 1 -> rules.assignToChord(1 + upTo(5));
            case 2 -> rules.toggle(What.Event.values()[upTo(3)]);
            case 3 -> rules.louder(upTo(2) - 1);
            case 4 -> parts.rules().assign(1 + upTo(5), random.nextBoolean());
            default -> {
                if (!work.song().rules().isEmpty())
                    rules.delete(upTo(work.song().rules().size() - 1));
            }
        }
    }

    private void order() {
        OrderModel order = parts.order();
        switch (upTo(6)) {
            case 0 -> order.addSection();
            case 1 -> order.copySection();
            case 2 -> order.repeatUse();
            case 3 -> order.removeChosen();
            case 4 -> order.moveChosen(upTo(2) - 1);
            case 5 -> order.deleteSection();
            default -> parts.excepts().add(text(), text(), PassChoice.of(1 + upTo(2)));
        }
    }

    private void marks() {
        switch (upTo(6)) {
            case 0 -> parts.marks().takeVoice(text());
            case 1 -> parts.marks().addCue(text());
            case 2 -> parts.marks().takeAliases(text());
            case 3 -> parts.marks().takeSecond(text());
            case 4 -> parts.excepts().run(upTo(100));
            case 5 -> parts.sums().takeRecording(text());
            default -> parts.sums().takePlanned(text());
        }
    }

    private void versions() {
        VersionsModel versions = parts.versions();
        switch (upTo(6)) {
            case 0 -> versions.add(text());
            case 1 -> versions.makeEasier("Week " + upTo(3));
            case 2 -> versions.takeCapo(Optional.of(upTo(14)));
            case 3 -> versions.takeMostStrokes(Optional.of(upTo(25)));
            case 4 -> versions.takeCompany(Company.values()[upTo(3)]);
            case 5 -> versions.showNext();
            default -> versions.takePlain(random.nextBoolean());
        }
    }

    private void bench() {
        var model = bench.bench();
        switch (upTo(6)) {
            case 0 -> model.add();
            case 1 -> model.copy();
            case 2 -> model.delete();
            case 3 -> model.chooseNext(1);
            case 4 -> model.change("name", pattern -> pattern.withName(text()));
            case 5 -> model.change("beats", pattern -> pattern.withBeats(upTo(40)));
            default -> {
                if (work.canUndoProperty().get()) work.undo();
            }
        }
    }

    @ParameterizedTest
    @EnumSource(DemoSong.class)
    void everySongThatCommandsCanMakeIsSavedAndOpenedWhole(DemoSong demo) throws IOException {
        var settings = new Settings(new DataFolder(folder));
        for (int run = 0; run < RUNS; run++) {
            random.setSeed(1000L * demo.ordinal() + run);
            work = new Work(demo.song());
            var player = new PlayerModel(work, mock(Transport.class));
            parts = ArrangementParts.of(work, player, settings);
            bench = BenchParts.of(work, player, settings, Optional::empty);
            for (int i = 0; i < COMMANDS; i++) checked(this::command);
            Song song = work.song();
            var opened = SongFile.read(new ByteArrayInputStream(SongFile.toBytes(song)), Path.of("song.json"));
            assertEquals(List.of(), opened.problems(), "run " + run);
            assertEquals(song, opened.song(), "run " + run);
            assertFalse(Words.say(work.undoLabelProperty().get().orElseThrow()).isBlank());
            int steps = 0;
            for (; work.canUndoProperty().get(); steps++) work.undo();
            assertTrue(steps > 5 && work.song().equals(demo.song()), steps + " steps back");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "G x9999; too long",
                "D________________________; no chord",
                "C:99999 | G; too many",
                "[C | G] x99999; how often"
            })
    void aLineOfChordsIsTakenOrRefusedAfterEveryKey(String line, String reason) {
        work = new Work(DemoSong.LANTERN_WALK.song());
        parts = ArrangementParts.of(
                work, new PlayerModel(work, mock(Transport.class)), new Settings(new DataFolder(folder)));
        Outcome last = Outcome.DONE;
        for (int length = 1; length <= line.length(); length++) {
            last = parts.line().problem(line.substring(0, length)).get();
        }
        assertTrue(last.refusal().map(Words::why).orElse("nothing").contains(reason), last.toString());
    }
}
