package tactus.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.concurrent.Task;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.app.work.Autosave;
import tactus.app.work.Origin;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.edit.Difference;
import tactus.core.counsel.edit.Edit;
import tactus.core.ground.statement.Statement;
import tactus.core.reading.transcription.Transcription;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongId;
import tactus.formats.demo.DemoSong;
import tactus.formats.file.Checksum;
import tactus.formats.file.FileName;
import tactus.formats.song.OpenedSong;
import tactus.formats.song.Problem;
import tactus.formats.song.SongFile;
import tactus.formats.transcription.Import;
import tactus.records.folder.FileTrouble;
import tactus.words.Words;

/** New, open and save; asks before anything unsaved would be lost, and says what went wrong. */
final class SongDesk {

    private static final Logger LOG = LoggerFactory.getLogger(SongDesk.class);
    private static final int PROBLEMS_SHOWN = 4;

    private final Work work;
    private final Settings settings;
    private final Autosave autosave;
    private final FileAsker asker;
    private final Card overlay;
    private final NoticeBar notices;
    private final StatusLine status;
    private final Consumer<Task<?>> background;
    /** The file as it was when it was last read or written. */
    private boolean isAsked;

    private Optional<Origin> origin = Optional.empty();

    private Runnable begins = () -> {};

    SongDesk(
            Work work,
            Settings settings,
            Autosave autosave,
            FileAsker asker,
            Card overlay,
            NoticeBar notices,
            StatusLine status,
            Consumer<Task<?>> background) {
        this.work = work;
        this.settings = settings;
        this.autosave = autosave;
        this.asker = asker;
        this.overlay = overlay;
        this.notices = notices;
        this.status = status;
        this.background = background;
    }

    /** Shows the page on which a song begins. */
    void begin() {
        unlessUnsaved(() -> begins.run());
    }

    /** @param page shows the page on which a song begins */
    void beginWith(Runnable page) {
        begins = page;
    }

    /** Begins with {@code song}; then {@code made} is done to it, which can be undone. */
    void begin(Song song, Optional<Edit> made) {
        begin(song);
        made.ifPresent(work::change);
    }

    void begin(DemoSong demo) {
        unlessUnsaved(() -> begin(demo.song()));
    }

    private void begin(Song song) {
        autosave.forget();
        origin = Optional.empty();
        status.say("");
        work.begin(song);
    }

    void open() {
        unlessUnsaved(() -> asker.toOpen().ifPresent(this::read));
    }

    void open(Path file) {
        unlessUnsaved(() -> read(file));
    }

    /** Asks for music of another program and begins with it as a song; says what could not be taken. */
    void bringIn() {
        unlessUnsaved(() -> asker.toImport().ifPresent(this::bringIn));
    }

    private void bringIn(Path file) {
        var reading = new Task<Transcription>() {
            @Override
            protected Transcription call() throws IOException {
                return Import.read(file);
            }
        };
        reading.setOnSucceeded(_ -> bringIn(file, reading.getValue()));
        reading.setOnCancelled(_ -> status.say(Words.of("status.cancelled")));
        reading.setOnFailed(_ -> {
            status.say("");
            notices.show(Words.of("open.failed", FileTrouble.said(reading.getException(), file)), List.of());
        });
        status.follow(reading, Words.of("import.reading", file.getFileName()));
        background.accept(reading);
    }

    /** What was changed while it was read is asked about as before. */
    private void bringIn(Path file, Transcription read) {
        unlessUnsaved(() -> {
            begin(read.song());
            String left =
                    read.left().stream().map(each -> "\n  • " + Words.say(each)).collect(Collectors.joining());
            if (left.isEmpty()) status.say(Words.of("import.done", file.getFileName()));
            else notices.show(Words.of("import.left", file.getFileName(), left), List.of());
        });
    }

    /** Begins a song that is a copy of the one in {@code file} and has no file of its own yet. */
    void beginLike(Path file) {
        unlessUnsaved(() -> {
            try {
                Song song = SongFile.read(file).song();
                String title = Words.of("shelf.likeTitle", song.facts().title());
                begin(song.withFacts(song.facts().withTitle(title.substring(0, Math.min(title.length(), 100)))));
            } catch (IOException unreadable) {
                LOG.warn("{} cannot be opened", file, unreadable);
                notices.show(Words.of("open.failed", FileTrouble.said(unreadable, file)), List.of());
            }
        });
    }

    /** Does {@code next} for somebody who has said already what becomes of unsaved work. */
    void asked(Runnable next) {
        isAsked = true;
        try {
            next.run();
        } finally {
            isAsked = false;
        }
    }

    /** Does {@code next} at once if everything is saved, otherwise when the user has said what to do first. */
    void unlessUnsaved(Runnable next) {
        if (isAsked || !work.isUnsaved()) {
            next.run();
            return;
        }
        overlay.ask(
                Words.of("unsaved.title", work.song().facts().title()),
                Words.of("unsaved.text"),
                List.of(
                        new Card.Answer("save", Words.of("unsaved.save"), () -> {
                            if (save()) next.run();
                        }),
                        new Card.Answer("drop", Words.of("unsaved.drop"), next),
                        new Card.Answer("stay", Words.of("unsaved.stay"), () -> {})));
    }

    private void read(Path file) {
        try {
            Optional<Checksum> contents = Files.isRegularFile(file) ? Optional.of(Checksum.of(file)) : Optional.empty();
            OpenedSong opened = SongFile.read(file);
            autosave.forget();
            origin = contents.map(known -> new Origin(file, known));
            if (opened.isWhole()) {
                work.open(opened.song(), file, opened.id());
                settings.remember(file);
                status.say(Words.of("status.opened", file.getFileName()));
            } else {
                work.rescue(opened.song(), Optional.empty());
                notices.show(problems(file, opened.problems()), List.of());
            }
        } catch (IOException unreadable) {
            LOG.warn("{} cannot be opened", file, unreadable);
            notices.show(Words.of("open.failed", FileTrouble.said(unreadable, file)), List.of());
        }
    }

    private static String problems(Path file, List<Problem> problems) {
        String shown = problems.stream()
                .limit(PROBLEMS_SHOWN)
                .map(problem -> "\n  • " + problem.sentence())
                .collect(Collectors.joining());
        int more = problems.size() - PROBLEMS_SHOWN;
        return Words.of("open.problems", file.getFileName(), problems.size())
                + shown
                + (more > 0 ? "\n  • " + Words.of("open.more", more) : "");
    }

    /** Saves where the song came from, or asks where. Answers whether it is saved now. */
    boolean save() {
        return work.getFile().map(this::write).orElseGet(this::saveAs);
    }

    /** Asks where and saves there. Answers whether it is saved now. */
    boolean saveAs() {
        String name = FileName.of(work.song().facts().title(), "song");
        Optional<Path> file = asker.toWrite(name, SongFile.ENDING.substring(1));
        return file.map(this::write).orElse(false);
    }

    /** Where the song came from as it is now; empty if it is in no file. */
    Optional<Origin> origin() {
        return work.getFile().flatMap(file -> origin.filter(from -> from.file().equals(file)));
    }

    /** Works on {@code song}, which a crashed program has left. */
    void recover(Song song, Optional<Origin> from) {
        origin = from;
        work.rescue(song, from.map(Origin::file));
    }

    private boolean write(Path file) {
        try {
            Optional<Origin> before = origin().filter(from -> from.file().equals(file));
            if (before.isPresent()
                    && Files.exists(file)
                    && !Checksum.of(file).equals(before.get().contents())) {
                askWhichToKeep(file);
                return false;
            }
            return overwrite(file);
        } catch (IOException unreadable) {
            return fail(unreadable, file);
        }
    }

    /** The file was changed elsewhere since it was opened: says when and what is other there, and offers both. */
    private void askWhichToKeep(Path file) {
        String when = Words.date(
                "date.moment",
                Instant.ofEpochMilli(file.toFile().lastModified()).atZone(ZoneId.systemDefault()));
        overlay.ask(
                Words.of("elsewhere.title", file.getFileName()),
                Words.of("elsewhere.text", when, whatIsOther(file)),
                List.of(
                        new Card.Answer("both", Words.of("elsewhere.both"), this::saveAs),
                        new Card.Answer("theirs", Words.of("elsewhere.theirs"), () -> read(file)),
                        new Card.Answer("over", Words.of("elsewhere.over"), () -> overwrite(file)),
                        new Card.Answer("stay", Words.of("unsaved.stay"), () -> {})));
    }

    private String whatIsOther(Path file) {
        try {
            List<Statement> other =
                    Difference.between(work.written(), SongFile.read(file).song());
            if (other.isEmpty()) return Words.of("elsewhere.same");
            return other.stream().map(Words::say).collect(Collectors.joining("\n  • ", "\n  • ", ""));
        } catch (IOException unreadable) {
            return FileTrouble.said(unreadable, file);
        }
    }

    private boolean overwrite(Path file) {
        try {
            SongId id = idIn(file);
            SongFile.write(work.written(), id, file);
            origin = Optional.of(new Origin(file, Checksum.of(file)));
            work.savedAs(file, id);
            autosave.forget();
            settings.remember(file);
            status.say(Words.of("status.saved", file));
            return true;
        } catch (IOException full) {
            return fail(full, file);
        }
    }

    /** A song keeps what it is known by, also where its file has moved; a copy beside the file it came from is another song. */
    private SongId idIn(Path file) {
        boolean isCopy = work.getFile()
                .filter(from -> !from.equals(file) && Files.exists(from))
                .isPresent();
        if (isCopy) return SongId.fresh();
        return work.idProperty().get().or(() -> idOf(file)).orElseGet(SongId::fresh);
    }

    /** Of a song that was repaired or recovered, which goes back to where it was. */
    private static Optional<SongId> idOf(Path file) {
        try {
            return Files.exists(file) ? SongFile.read(file).id() : Optional.empty();
        } catch (IOException unreadable) {
            LOG.info("{} is written over and had no id that can be read", file);
            return Optional.empty();
        }
    }

    private boolean fail(IOException full, Path file) {
        LOG.warn("{} cannot be saved", file, full);
        notices.show(
                Words.of("save.failed", FileTrouble.said(full, file)),
                List.of(new Card.Answer("save-as", Words.of("save.elsewhere"), this::saveAs)));
        return false;
    }
}
