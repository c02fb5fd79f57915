package tactus.formats.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.laid.timeline.RaisedShapes;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.search.StandIn;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Song;
import tactus.words.HintWords;
import tactus.words.Words;

/** Puts the shapes on the pages, as large as is asked for, with easier ones beside them, and what is to be said of them. */
final class ShapesLayout {

    private final Song song;
    private final Timeline timeline;
    private final Pages pages;
    private final SheetLook look;
    private final double scale;

    /** A shape with what is said behind its name. */
    private record Drawn(Chord chord, String note) {}

    ShapesLayout(Song song, Timeline timeline, Pages pages, SheetLook look) {
        this.song = song;
        this.timeline = timeline;
        this.pages = pages;
        this.look = look;
        scale = song.lesson().handout().shapes() / 100.0;
    }

    void lay() throws IOException {
        List<Drawn> all = all();
        int inRow = Math.max(1, (int) (pages.width() / (ShapePicture.WIDTH * scale)));
        for (int from = 0; from < all.size(); from += inRow)
            layRow(all.subList(from, Math.min(from + inRow, all.size())));
        pages.moveDown(6);
        pages.paragraphs(new HintWords(song).ofChords(), pages.left(), pages.width());
        pages.moveDown(6);
    }

    private List<Drawn> all() {
        var all = new ArrayList<Drawn>();
        for (Chord chord : song.chords()) {
            all.add(new Drawn(chord, ""));
            if (song.lesson().handout().hasEasier())
                easier(chord).ifPresent(other -> all.add(new Drawn(other, Words.of("sheet.easier"))));
        }
        RaisedShapes.of(song, timeline).forEach(chord -> all.add(new Drawn(chord, Words.of("sheet.raised"))));
        return all;
    }

    private Optional<Chord> easier(Chord chord) {
        if (!chord.fits(song.facts().tuning())) return Optional.empty();
        return chord.meaning()
                .flatMap(name ->
                        StandIn.of(name, chord.voicing(), song.facts().tuning(), Neck.USUAL, FrettingHand.USUAL))
                .map(standIn -> new Chord(chord.name(), standIn.shape().voicing()));
    }

    private void layRow(List<Drawn> row) throws IOException {
        int strings = row.stream()
                .mapToInt(each -> each.chord().voicing().strings())
                .max()
                .orElseThrow();
        double height = ShapePicture.height(strings) * scale;
        double top = pages.startBlock(height);
        for (int i = 0; i < row.size(); i++) {
            double left = pages.left() + i * ShapePicture.WIDTH * scale;
            new ShapePicture(pages.pen(), row.get(i).chord(), row.get(i).note(), look, scale).print(left, top);
        }
        pages.moveDown(height);
    }
}
