package tactus.app.fetch;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.app.start.ShelfModel;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Refusal;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.formats.sheet.FactsText;
import tactus.formats.song.SongFile;
import tactus.records.folder.FileTrouble;
import tactus.words.Words;

/** Other songs, what they have, and its way into the one that is open. */
public final class FetchModel {

    /**
     * A song that can be looked into.
     *
     * @param file where it is; empty for a demo song
     */
    record Source(String title, String facts, Optional<Path> file) {}

    private final Work work;
    private final ShelfModel shelf;
    private final List<Path> recent;

    /** @param recent files that were opened before */
    public FetchModel(Work work, ShelfModel shelf, List<Path> recent) {
        this.work = work;
        this.shelf = shelf;
        this.recent = List.copyOf(recent);
    }

    /** Songs of the folders that a query of the start page finds; without one also those opened last, and the demo songs. */
    List<Source> find(String query) {
        var found = new ArrayList<Source>();
        shelf.find(query)
                .forEach(song -> found.add(
                        new Source(song.title(), FactsText.brief(song.facts()), Optional.of(Path.of(song.place())))));
        String plain = query.strip().toLowerCase(Locale.ROOT);
        Stream<Source> others = Stream.concat(
                recent.stream()
                        .filter(file ->
                                found.stream().noneMatch(each -> each.file().equals(Optional.of(file))))
                        .map(file -> new Source(
                                file.getFileName().toString().replaceFirst("(\\.tactus)?\\.json$", ""),
                                Words.of("fetch.recent"),
                                Optional.of(file))),
                Stream.of(DemoSong.values())
                        .map(demo -> new Source(demo.title(), Words.of("fetch.demo"), Optional.empty())));
        others.filter(each -> each.title().toLowerCase(Locale.ROOT).contains(plain))
                .forEach(found::add);
        return found;
    }

    /**
     * What {@code source} has.
     *
     * @throws IOException if it cannot be read
     */
    List<Fetchable> of(Source source) throws IOException {
        return Fetchable.of(song(source));
    }

    private static Song song(Source source) throws IOException {
        if (source.file().isPresent()) return SongFile.read(source.file().get()).song();
        return Stream.of(DemoSong.values())
                .filter(demo -> demo.title().equals(source.title()))
                .findFirst()
                .orElseThrow()
                .song();
    }

    static String why(IOException unread, Source source) {
        return FileTrouble.said(unread, source.file().orElse(Path.of(source.title())));
    }

    /** Takes {@code wanted} over, as one step that can be taken back. Returns what was said of each. */
    List<String> fetch(List<Fetchable> wanted) {
        var refused = new ArrayList<String>();
        var taken = new ArrayList<Fetchable>();
        Song seen = work.song();
        for (Fetchable each : wanted) {
            try {
                seen = each.into(seen);
                taken.add(each);
            } catch (Refusal not) {
                refused.add(Words.why(not));
            }
        }
        if (taken.isEmpty()) return refused;
        String names = taken.stream().map(Fetchable::name).collect(Collectors.joining(", "));
        // The edit is done to whatever song it is given: that of a version, or all of it.
        work.change("edit.fetch", song -> into(song, taken), names);
        refused.addFirst(Words.of("fetch.done", names));
        return refused;
    }

    private static Song into(Song song, List<Fetchable> taken) {
        Song next = song;
        for (Fetchable each : taken) next = each.into(next);
        return next;
    }
}
