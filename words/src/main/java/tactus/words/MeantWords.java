package tactus.words;

import java.util.List;
import tactus.core.snag.Snags;
import tactus.core.song.Song;
import tactus.core.timeline.Timeline;

/** What looks like a slip and is meant so, as it is told to who has only the page. */
public final class MeantWords {

    private MeantWords() {}

    /** {@code Verse, bar 3: meant so, the last beat is left to the voice}, one for each snag of {@code song} that is accepted. */
    public static List<String> of(Song song, Timeline timeline) {
        if (song.lesson().accepted().isEmpty()) return List.of();
        var words = new SnagWords(song);
        return Snags.all(song, timeline, Words.lexicon()).stream()
                .flatMap(snag -> song.lesson().reason(snag.id(), snag.values()).stream()
                        .map(reason -> Words.of("sheet.meant", words.where(snag), reason)))
                .distinct()
                .toList();
    }
}
