package tactus.app.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.concurrent.Task;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import tactus.app.field.Images;
import tactus.app.place.Place;
import tactus.app.work.ExportTask;
import tactus.app.work.Work;
import tactus.console.export.Export;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.section.Section;
import tactus.core.written.song.Song;
import tactus.formats.file.FileName;
import tactus.formats.sheet.Picture;
import tactus.formats.sheet.SheetBook;
import tactus.formats.sheet.SheetLook;
import tactus.formats.song.SongFile;
import tactus.records.folder.FileTrouble;
import tactus.words.Words;

/** Writes the song out as other files, beside the window. */
final class Exporting {

    private static final float PICTURE_DPI = 150;

    private final Work work;
    private final FileAsker asker;
    private final Background background;
    private final StatusLine status;
    private final NoticeBar notices;
    private final Supplier<SheetLook> look;

    Exporting(
            Work work,
            FileAsker asker,
            Background background,
            StatusLine status,
            NoticeBar notices,
            Supplier<SheetLook> look) {
        this.work = work;
        this.asker = asker;
        this.background = background;
        this.status = status;
        this.notices = notices;
        this.look = look;
    }

    /** Asks where and writes there. */
    void export(Export kind) {
        String name = FileName.of(work.song().facts().title(), "song");
        asker.toWrite(kind.fileName(name), kind.ending()).ifPresent(file -> start(kind, file));
    }

    /** Puts a picture of what is chosen in {@code place} on the clipboard. */
    void copyPicture(Place place) {
        place.pictured()
                .ifPresentOrElse(
                        subject -> draw(subject, Path.of(""), picture -> {
                            var content = new ClipboardContent();
                            content.putImage(Images.of(picture.image(PICTURE_DPI)));
                            Clipboard.getSystemClipboard().setContent(content);
                            status.say(Words.of("picture.copied"));
                        }),
                        () -> status.say(Words.of("picture.none")));
    }

    /** Writes a picture of what is chosen in {@code place}. */
    void savePicture(Place place, String ending) {
        place.pictured()
                .ifPresentOrElse(
                        subject -> asker.toWrite(FileName.of(name(subject), "picture"), ending)
                                .ifPresent(file -> draw(subject, file, picture -> {
                                    picture.write(file, PICTURE_DPI);
                                    status.say(Words.of("status.exported", file));
                                })),
                        () -> status.say(Words.of("picture.none")));
    }

    /** Does something with a picture that can fail at a file. */
    private interface Drawing {
        void with(Picture picture) throws IOException;
    }

    private void draw(Picture.Subject subject, Path target, Drawing drawing) {
        try {
            drawing.with(new Picture(work.song(), work.timeline(), subject, look.get()));
        } catch (IOException unwritten) {
            notices.show(Words.of("export.failed", FileTrouble.said(unwritten, target)), List.of());
        }
    }

    private String name(Picture.Subject subject) {
        return switch (subject) {
            case Picture.Subject.OfPattern(var id) ->
                work.song().pattern(id).map(Pattern::name).orElse(id.value());
            case Picture.Subject.OfSection(var id) ->
                work.song().section(id).map(Section::name).orElse(id.value());
            case Picture.Subject.OfShape(String chord) -> chord;
        };
    }

    /** Asks for songs and writes their sheets as one PDF, with contents and bookmarks. */
    void exportBook() {
        List<Path> songs = asker.toOpenSeveral();
        if (songs.isEmpty()) return;
        asker.toWrite(Words.of("book.name"), "pdf")
                .ifPresent(file -> follow(new Binding(songs, look.get(), file), file));
    }

    private void start(Export kind, Path file) {
        follow(
                new ExportTask(
                        kind,
                        new Export.Job(work.song(), work.timeline(), look.get(), Export.MusicLook.PLAIN, file, false)),
                file);
    }

    private void follow(Task<List<Path>> writing, Path file) {
        writing.setOnSucceeded(_ -> status.say(Words.of("status.exported", file)));
        writing.setOnCancelled(_ -> status.say(Words.of("status.cancelled")));
        writing.setOnFailed(_ -> fail(writing.getException(), file));
        status.follow(writing, Words.of("status.exporting", file.getFileName()));
        background.run(writing);
    }

    private void fail(Throwable wrong, Path file) {
        status.say("");
        notices.show(Words.of("export.failed", FileTrouble.said(wrong, file)), List.of());
    }

    /** Binds the sheets of songs that are read one after the other. */
    private static final class Binding extends Task<List<Path>> {

        private final List<Path> files;
        private final SheetLook look;
        private final Path target;

        Binding(List<Path> files, SheetLook look, Path target) {
            this.files = files;
            this.look = look;
            this.target = target;
        }

        @Override
        protected List<Path> call() throws IOException {
            var songs = new ArrayList<Song>();
            for (Path each : files) songs.add(SongFile.read(each).song());
            String title = target.getFileName().toString().replaceFirst("\\.pdf$", "");
            SheetBook.write(title, songs, look, target, done -> updateProgress(done, 1), this::isCancelled);
            return List.of(target);
        }
    }
}
