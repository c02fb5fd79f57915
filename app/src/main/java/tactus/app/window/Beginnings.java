package tactus.app.window;

import java.nio.file.Path;
import java.util.Optional;
import tactus.app.start.NewSong;
import tactus.app.start.ShelfModel;
import tactus.app.start.StartPage;
import tactus.app.work.Settings;
import tactus.core.counsel.edit.Edit;
import tactus.core.reading.chart.Chart;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.words.Words;

/** Shows the start page, and begins with what is chosen there. Who sees it was asked about unsaved work before. */
final class Beginnings implements StartPage.Beginning {

    private final SongDesk desk;
    private final Card overlay;
    private final Settings settings;
    private final Runnable toChords;
    private final ShelfModel shelf;
    private final FileAsker asker;

    /** @param toChords goes where chords are written */
    Beginnings(SongDesk desk, Card overlay, Settings settings, ShelfModel shelf, FileAsker asker, Runnable toChords) {
        this.desk = desk;
        this.overlay = overlay;
        this.settings = settings;
        this.toChords = toChords;
        this.shelf = shelf;
        this.asker = asker;
    }

    void show() {
        shelf.refresh();
        var page = new StartPage(this, settings.recentProperty().get(), shelf);
        overlay.page(Words.of("start.heading"), page, page.first());
    }

    @Override
    public void with(NewSong facts) {
        overlay.hide();
        desk.begin(facts.song(), Optional.empty());
        toChords.run();
    }

    @Override
    public void with(NewSong facts, Chart chart) {
        overlay.hide();
        Song base = facts.song();
        String title = chart.title().orElse(base.facts().title());
        desk.begin(base, Optional.of(Edit.of("edit.chart", song -> facts.with(chart, song), title)));
        toChords.run();
    }

    @Override
    public void with(DemoSong demo) {
        overlay.hide();
        desk.asked(() -> desk.begin(demo));
    }

    @Override
    public void open(Path file) {
        overlay.hide();
        desk.asked(() -> desk.open(file));
    }

    @Override
    public void like(Path file) {
        overlay.hide();
        desk.asked(() -> desk.beginLike(file));
    }

    @Override
    public Optional<Path> folder() {
        return asker.toOpenFolder();
    }

    @Override
    public void open() {
        overlay.hide();
        desk.asked(desk::open);
    }
}
