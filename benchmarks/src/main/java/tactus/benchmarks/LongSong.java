package tactus.benchmarks;

import java.util.Collections;
import java.util.List;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;

/** The first demo song played as often as a number of bars needs. */
final class LongSong {

    private LongSong() {}

    /** Exactly {@code bars} bars, a multiple of 100. */
    static Song of(int bars) {
        Song song = DemoSong.LANTERN_WALK.song();
        List<SectionId> once = song.order();
        return song.withOrder(Collections.nCopies(bars / 100, once).stream()
                .flatMap(List::stream)
                .toList());
    }
}
