package tactus.core.timeline;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tactus.core.chord.Chord;
import tactus.core.chord.Pitch;
import tactus.core.chord.Voicing;
import tactus.core.song.Facts;
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

    private final Facts facts;
    private final Map<String, Voicing> shapes = new HashMap<>();
    private final Map<Question, List<StruckString>> found = new HashMap<>();

    Strings(Song song) {
        facts = song.facts();
        for (Chord chord : song.chords()) {
            if (chord.voicing().strings() == facts.tuning().strings()) shapes.put(chord.name(), chord.voicing());
        }
    }

    /** In the order in which the hand meets them. A strum sounds nothing on a chord without a shape. */
    List<StruckString> struck(String chord, Stroke stroke) {
        return found.computeIfAbsent(new Question(chord, stroke), this::find);
    }

    private List<StruckString> find(Question question) {
        int count = facts.tuning().strings();
        var shape = Optional.ofNullable(shapes.get(question.chord));
        return switch (question.stroke) {
            case Strum strum ->
                shape.map(held -> strum.reach()
                                .order(strum.direction(), count)
                                .filter(string -> held.fret(string).isPresent())
                                .boxed()
                                .flatMap(string ->
                                        sounding(string, held.fret(string).orElseThrow()))
                                .toList())
                        .orElse(List.of());
            case Mute mute -> {
                IntStream order = Reach.ALL.order(mute.direction(), count);
                yield order.boxed()
                        .flatMap(string -> sounding(
                                string,
                                shape.map(held -> held.fret(string).orElse(0)).orElse(0)))
                        .toList();
            }
            case Miss _, Ring _, Stop _ -> List.of();
        };
    }

    private Stream<StruckString> sounding(int string, int fret) {
        int number = facts.tuning().string(string).number() + facts.capo() + fret;
        return number <= 127 ? Stream.of(new StruckString(string, new Pitch(number))) : Stream.empty();
    }
}
