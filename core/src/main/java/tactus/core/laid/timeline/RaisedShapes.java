package tactus.core.laid.timeline;

import java.util.LinkedHashMap;
import java.util.List;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Raise;
import tactus.core.written.song.Song;

/** The shapes that parts of a song in another key are held in. */
public final class RaisedShapes {

    private RaisedShapes() {}

    /**
     * Those that are none of the song's own, each once, in the order of playing.
     *
     * @param song as it is shown, from which {@code timeline} was laid out
     */
    public static List<Chord> of(Song song, Timeline timeline) {
        var shapes = new LinkedHashMap<String, Chord>();
        for (TimelineSpan span : timeline.spans()) {
            boolean isKnown = song.chord(span.chord()).isPresent() || shapes.containsKey(span.chord());
            boolean isRaised = span.raise()
                    .filter(raise -> raise.way() == Raise.Way.SHAPES)
                    .isPresent();
            if (isKnown || !isRaised) continue;
            Raised.withRaised(song, span.raise().get().semitones()).stream()
                    .filter(chord -> chord.name().equals(span.chord()))
                    .forEach(chord -> shapes.put(chord.name(), chord));
        }
        return List.copyOf(shapes.values());
    }
}
