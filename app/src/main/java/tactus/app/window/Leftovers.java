package tactus.app.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.app.work.Autosave;
import tactus.app.work.Origin;
import tactus.core.written.song.Song;
import tactus.formats.song.SongFile;
import tactus.records.folder.FileTrouble;
import tactus.words.Words;

/** Offers work that a program which crashed has left, one after another, the newest first. */
final class Leftovers {

    private static final Logger LOG = LoggerFactory.getLogger(Leftovers.class);

    private final Autosave autosave;
    private final SongDesk desk;
    private final NoticeBar notices;

    Leftovers(Autosave autosave, SongDesk desk, NoticeBar notices) {
        this.autosave = autosave;
        this.desk = desk;
        this.notices = notices;
    }

    void offer() {
        offer(autosave.left());
    }

    private void offer(List<Path> left) {
        if (left.isEmpty()) return;
        Path file = left.getFirst();
        List<Path> others = left.subList(1, left.size());
        try {
            offer(SongFile.read(file).song(), file, others);
        } catch (IOException unreadable) {
            LOG.warn("left work cannot be read", unreadable);
            String why = FileTrouble.said(unreadable, file);
            notices.show(
                    Words.of("recover.unreadable", why, file),
                    List.of(
                            new Card.Answer("keep", Words.of("recover.keep"), () -> offer(others)),
                            new Card.Answer("discard", Words.of("recover.discard"), () -> {
                                autosave.giveUp(file);
                                offer(others);
                            })));
        }
    }

    private void offer(Song song, Path file, List<Path> others) {
        var origin = autosave.origin(file);
        String text = origin.map(from -> Words.of(
                        "recover.textOf", song.facts().title(), from.file().getFileName()))
                .orElseGet(() -> Words.of("recover.text", song.facts().title()));
        notices.show(
                text,
                List.of(
                        new Card.Answer(
                                "recover",
                                Words.of("recover.open"),
                                () -> desk.unlessUnsaved(() -> {
                                    desk.recover(song, origin);
                                    takeOver(song, origin, file);
                                    offer(others);
                                })),
                        new Card.Answer("discard", Words.of("recover.discard"), () -> {
                            autosave.giveUp(file);
                            offer(others);
                        })));
    }

    /** What was left goes only once this program keeps it; until then it would be offered again. */
    private void takeOver(Song song, Optional<Origin> origin, Path file) {
        try {
            autosave.keep(song, origin);
            autosave.giveUp(file);
        } catch (IOException full) {
            LOG.warn("recovered work cannot be kept anew, and stays where it was", full);
        }
    }
}
