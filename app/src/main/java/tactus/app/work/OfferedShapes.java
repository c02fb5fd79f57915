package tactus.app.work;

import java.util.Collection;
import java.util.Optional;
import tactus.core.counsel.suggestion.UsualShapes;
import tactus.core.music.chord.ChordName;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.search.StandIn;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Shape;
import tactus.core.music.shape.Voicing;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;

/** The shapes that chords get when they are written, for the guitar of the song and the hand that is set. */
public final class OfferedShapes {

    private static final int CONSIDERED = 12;

    private final Settings settings;

    public OfferedShapes(Settings settings) {
        this.settings = settings;
    }

    /** What belongs to an edit: chords that it brought have a shape. */
    public Song complete(Song before, Song after) {
        return UsualShapes.given(before, after, name -> of(after.facts(), name));
    }

    /** The first shape of {@code name} that is none of {@code known}; empty if the hand can hold no other. */
    public Optional<Voicing> another(Facts facts, ChordName name, Collection<Voicing> known) {
        return search(facts).findBehind(settings.neck(facts.capo()), name, CONSIDERED).stream()
                .map(Shape::voicing)
                .filter(voicing -> !known.contains(voicing))
                .findFirst();
    }

    private ShapeSearch search(Facts facts) {
        return new ShapeSearch(
                facts.tuning(), settings.neck(0), settings.handProperty().get());
    }

    /**
     * The usual shape of {@code name} behind the song's capo; empty if the hand can hold none. In a first lesson a shape with a
     * barre waits, and its small form is given (common practice).
     */
    public Optional<Voicing> of(Facts facts, ChordName name) {
        Neck neck = settings.neck(facts.capo());
        FrettingHand hand = settings.handProperty().get();
        return search(facts).findBehind(neck, name, CONSIDERED).stream()
                .findFirst()
                .map(usual -> UsualShapes.first(
                                usual, facts.level(), held -> StandIn.small(name, held, facts.tuning(), neck, hand))
                        .voicing());
    }
}
