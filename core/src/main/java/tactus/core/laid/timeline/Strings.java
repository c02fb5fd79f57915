package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import tactus.core.music.pitch.Pitch;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Stop;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.patterns.pattern.Figure;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.picking.Plucked;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.ChordMove;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;

/** Which strings a stroke makes sound on a chord. Remembers what it has found, and can be asked from several threads. */
final class Strings {

    /** @param moved strings that the fretting hand holds elsewhere than the shape says, with their frets */
    private record Question(String chord, Stroke stroke, Optional<PatternId> pattern, Map<Integer, Integer> moved) {}

    private final Tuning tuning;
    private final Facts facts;
    private final int capo;
    private final Map<String, Chord> shapes = new HashMap<>();
    private final Map<PatternId, Figure> figures = new HashMap<>();
    private final Map<Question, List<StruckString>> found = new ConcurrentHashMap<>();
    private final Map<Pattern, Map<String, List<List<StruckString>>>> known =
            Collections.synchronizedMap(new IdentityHashMap<>());

    /** @param capo where it sits for this part of the song */
    Strings(Song song, int capo) {
        tuning = song.facts().instrument().strings();
        facts = song.facts();
        this.capo = capo;
        for (Chord chord : song.chords()) if (chord.fits(tuning)) shapes.put(chord.name(), chord);
        for (Pattern pattern : song.patterns()) figures.put(pattern.id(), Figure.of(pattern));
    }

    /**
     * In the order in which the hand meets them. A strum sounds nothing on a chord without a shape.
     *
     * @param moved strings that the fretting hand holds elsewhere than the shape says, with their frets
     */
    List<StruckString> struck(String chord, Stroke stroke, Optional<PatternId> pattern, Map<Integer, Integer> moved) {
        var question = new Question(chord, stroke, pattern, moved);
        List<StruckString> known = found.get(question);
        return known != null ? known : found.computeIfAbsent(question, this::find);
    }

    /**
     * What each of the {@code slots} of a pattern strikes on a chord that is held as its shape has it, as far as it has been
     * worked out; null where it has not. Whoever works one out puts it there; two who do so at once find the same.
     */
    List<List<StruckString>> known(Pattern pattern, String chord, int slots) {
        return known.computeIfAbsent(pattern, _ -> new ConcurrentHashMap<>())
                .computeIfAbsent(chord, _ -> new ArrayList<>(Collections.nCopies(slots, null)));
    }

    /** The note that {@code string} sounds at {@code fret}; empty if the instrument has no such string. */
    Optional<StruckString> at(int string, int fret) {
        return string > tuning.strings()
                ? Optional.empty()
                : sounding(string, fret).findFirst();
    }

    /** The fret at which the shape of {@code chord} has {@code string}; empty if it is not played. */
    OptionalInt fret(String chord, int string) {
        Chord shape = shapes.get(chord);
        return shape == null || string > tuning.strings()
                ? OptionalInt.empty()
                : shape.voicing().fret(string);
    }

    /** The fingers that move on {@code chord} whatever is played. */
    List<ChordMove> moves(String chord) {
        Chord shape = shapes.get(chord);
        return shape == null ? List.of() : shape.moves();
    }

    private List<StruckString> find(Question question) {
        Chord shape = shapes.get(question.chord);
        return switch (question.stroke) {
            case Strum strum -> shape == null ? List.of() : strummed(strum, shape, question.moved);
            case Pluck pluck -> shape == null ? written(pluck) : plucked(pluck, shape, question);
            case Mute mute -> muted(mute, Optional.ofNullable(shape), question.moved);
            case Miss _, Ring _, Stop _ -> List.of();
        };
    }

    private List<StruckString> strummed(Strum strum, Chord shape, Map<Integer, Integer> moved) {
        return strum.reach()
                .order(strum.direction(), tuning.strings())
                .filter(string -> isReached(shape, string, moved))
                .boxed()
                .flatMap(string -> sounding(
                        string,
                        moved.getOrDefault(string, shape.voicing().fret(string).orElse(0))))
                .toList();
    }

    private List<StruckString> muted(Mute mute, Optional<Chord> shape, Map<Integer, Integer> moved) {
        return Reach.ALL
                .order(mute.direction(), tuning.strings())
                .boxed()
                .flatMap(string -> sounding(
                        string,
                        moved.getOrDefault(
                                string,
                                shape.map(chord -> chord.voicing().fret(string).orElse(0))
                                        .orElse(0))))
                .toList();
    }

    private List<StruckString> plucked(Pluck pluck, Chord shape, Question question) {
        Figure figure = figures.get(question.pattern.orElseThrow());
        return figure.on(facts.held(shape), shape.name(), pluck).stream()
                .filter(plucked -> plucked.sounds() || question.moved.containsKey(plucked.string()))
                .flatMap(plucked -> sounding(plucked.string(), fret(plucked, question.moved)))
                .toList();
    }

    private static int fret(Plucked plucked, Map<Integer, Integer> moved) {
        boolean written = plucked.pick() instanceof Pick.Fretted;
        return written ? plucked.fret() : moved.getOrDefault(plucked.string(), plucked.fret());
    }

    /** The notes of a figure need no chord. */
    private List<StruckString> written(Pluck pluck) {
        return pluck.picks().stream()
                .flatMap(pick ->
                        pick instanceof Pick.Fretted(int string, int fret) ? at(string, fret).stream() : Stream.empty())
                .toList();
    }

    private static boolean isReached(Chord chord, int string, Map<Integer, Integer> moved) {
        return (chord.voicing().isPlayed(string) || moved.containsKey(string))
                && chord.strummed().filter(range -> !range.has(string)).isEmpty();
    }

    private Stream<StruckString> sounding(int string, int fret) {
        int number = tuning.string(string).number() + capo + fret;
        return number <= 127 ? Stream.of(new StruckString(string, new Pitch(number))) : Stream.empty();
    }
}
