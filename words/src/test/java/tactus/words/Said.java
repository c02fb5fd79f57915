package tactus.words;

import java.util.List;
import tactus.core.counsel.snag.Kind;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.SnagPlace;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;

/** A snag of a song with its words. */
record Said(Song song, Snag snag) {

    /** The snags of {@code song} that are not accepted. */
    static List<Said> of(Song song) {
        return Snags.of(song, Timeline.of(song), Words.lexicon()).stream()
                .map(snag -> new Said(song, snag))
                .toList();
    }

    Kind kind() {
        return snag.kind();
    }

    SnagPlace place() {
        return snag.place();
    }

    String where() {
        return new SnagWords(song).where(snag);
    }

    String sentence() {
        return new SnagWords(song).sentence(snag);
    }

    String numbers() {
        return new SnagWords(song).numbers(snag, ", ");
    }

    String fix() {
        return Words.say(snag.fix().orElseThrow().label());
    }

    Song mended() {
        return snag.fix().orElseThrow().appliedTo(song);
    }

    @Override
    public String toString() {
        return new SnagWords(song).of(snag);
    }
}
