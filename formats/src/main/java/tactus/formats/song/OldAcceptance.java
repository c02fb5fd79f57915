package tactus.formats.song;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Accepted;
import tactus.core.written.song.LessonNotes;
import tactus.core.written.song.Song;
import tactus.words.SnagWords;
import tactus.words.Words;

/**
 * A snag that was accepted in a file of version 2, which knew snags by their words: {@code pattern_cut @ Verse, bar 3 @
 * ...}. It is found again by its kind and its place; one that is no longer there is dropped.
 *
 * @param kind its code
 * @param where the place in words
 */
record OldAcceptance(String kind, String where, String reason) {

    static boolean isOne(Branch at) {
        return !at.field("of").isThere();
    }

    static OldAcceptance read(Branch at) {
        String[] parts = at.field("snag").text().split(" @ ", 3);
        String kind = parts[0].toLowerCase(Locale.ROOT).replace('_', '-');
        return new OldAcceptance(
                kind, parts.length > 1 ? parts[1] : "", at.field("reason").text());
    }

    /** {@code song} with every one that is found again accepted. */
    static Song resolved(Song song, List<OldAcceptance> old) {
        if (old.isEmpty()) return song;
        List<Snag> snags = Snags.all(song, Timeline.of(song), Words.lexicon());
        LessonNotes lesson = song.lesson();
        for (OldAcceptance each : old) {
            Optional<Snag> found = each.found(song, snags);
            if (found.isPresent() && !each.reason.isBlank()) {
                lesson = lesson.with(new Accepted(found.get().id(), found.get().values(), each.reason));
            }
        }
        return song.withLesson(lesson);
    }

    private Optional<Snag> found(Song song, List<Snag> snags) {
        var words = new SnagWords(song);
        return snags.stream()
                .filter(snag ->
                        snag.kind().code().equals(kind) && words.where(snag).equals(where))
                .findFirst();
    }
}
