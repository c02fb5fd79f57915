package tactus.core.timeline;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tactus.core.pitch.Pitch;
import tactus.core.pitch.Tuning;
import tactus.core.song.Chord;
import tactus.core.song.Song;
import tactus.core.stroke.Miss;
import tactus.core.stroke.Mute;
import tactus.core.stroke.Reach;
import tactus.core.stroke.Ring;
import tactus.core.stroke.Stop;
import tactus.core.stroke.Stroke;
import tactus.core.stroke.Strum;

/** Which strings a stroke makes sound on a chord. Remembers what it has found. */
final class Strings {

    private record Question(String chord, Stroke stroke) {}

    private final Tuning tuning;
    private final int capo;
    private final Map<String, Chord> shapes = new HashMap<>();
    private final Map<Question, List<StruckString>> found = new HashMap<>();

    Strings(Song song) {
        tuning = song.facts().instrument().strings();
        capo = song.facts().capo();
        for (Chord chord : song.chords()) if (chord.fits(tuning)) shapes.put(chord.name(), chord);
    }

    /** In the order in which the hand meets them. A strum sounds nothing on a chord without a shape. */
    List<StruckString> struck(String chord, Stroke stroke) {
        return found.computeIfAbsent(new Question(chord, stroke), this::find);
    }

    private List<StruckString> find(Question question) {
        int count = tuning.strings();
        var shape = Optional.ofNullable(shapes.get(question.chord));
        return switch (question.stroke) {
            case Strum strum ->
                shape.map(chord -> strum.reach()
                                .order(strum.direction(), count)
                                .filter(string -> isReached(chord, string))
                                .boxed()
                                .flatMap(string -> sounding(
                                        string, chord.voicing().fret(string).orElseThrow()))
                                .toList())
                        .orElse(List.of());
            case Mute mute -> {
                IntStream order = Reach.ALL.order(mute.direction(), count);
                yield order.boxed()
                        .flatMap(string -> sounding(
                                string,
                                shape.map(chord -> chord.voicing().fret(string).orElse(0))
                                        .orElse(0)))
                        .toList();
            }
            case Miss _, Ring _, Stop _ -> List.of();
        };
    }

    private static boolean isReached(Chord chord, int string) {
        return chord.voicing().isPlayed(string)
                && chord.strummed().filter(range -> !range.has(string)).isEmpty();
    }

    private Stream<StruckString> sounding(int string, int fret) {
        int number = tuning.string(string).number() + capo + fret;
        return number <= 127 ? Stream.of(new StruckString(string, new Pitch(number))) : Stream.empty();
    }
}
