package tactus.core.reading.sentence;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.Slot;
import tactus.core.written.section.Section;
import tactus.core.written.song.Hint;
import tactus.core.written.song.HintPlace;
import tactus.core.written.song.Song;

/**
 * Hints as sentences, the place in front: {@code F: keep the first finger down}, {@code C - F: push with the second},
 * {@code Verse, bar 3: breathe}, {@code March, 2&: lightly}, {@code song: no capo at the rehearsal}.
 */
public final class HintSentence {

    private static final Pattern CHANGE = Pattern.compile("(\\S+)\\s*(?:-|\u2013|>|\u2192)\\s*(\\S+)");

    /** Two names of chords with their labels are not longer. */
    private static final int LONGEST_CHANGE = 120;

    private final Lexicon lexicon;
    private final Song song;

    public HintSentence(Lexicon lexicon, Song song) {
        this.lexicon = lexicon;
        this.song = song;
    }

    /** Writes {@code hint} so that it can be read again. */
    public String of(Hint hint) {
        return place(hint.about()) + ": " + hint.text();
    }

    /** What the hint is about, in words. */
    public String place(HintPlace about) {
        return switch (about) {
            case HintPlace.OfSong _ -> lexicon.word("hint.song");
            case HintPlace.OfChord(String chord) -> chord;
            case HintPlace.OfChange(String from, String to) -> from + " \u2013 " + to;
            case HintPlace.OfPattern(var id) ->
                song.pattern(id).map(tactus.core.patterns.pattern.Pattern::name).orElse(id.value());
            case HintPlace.OfStroke(var id, int slot) ->
                song.pattern(id)
                        .map(pattern ->
                                pattern.name() + ", " + count(pattern.grid().slots(), slot))
                        .orElse(id.value());
            case HintPlace.OfSection(var id) ->
                song.section(id).map(Section::name).orElse(id.value());
            case HintPlace.OfBar(var id, int bar) ->
                song.section(id).map(Section::name).orElse(id.value()) + ", " + lexicon.say("stretch-bars.one", bar);
        };
    }

    private static String count(List<Slot> slots, int slot) {
        return slot < slots.size() ? slots.get(slot).count().toString() : Integer.toString(slot + 1);
    }

    /**
     * Reads a hint; one without a place is about {@code otherwise}.
     *
     * @throws NotationException if the place is not in the song
     */
    public Hint parse(String text, Optional<HintPlace> otherwise) {
        int colon = text.indexOf(':');
        if (colon < 0) {
            HintPlace about = otherwise.orElseThrow(() -> new NotationException("hint.no-place", text, 0));
            return new Hint(about, text);
        }
        String place = text.substring(0, colon).strip();
        HintPlace about = read(place).orElseThrow(() -> new NotationException("hint.unknown-place", text, 0, place));
        if (text.substring(colon + 1).isBlank()) throw new NotationException("hint.says-nothing", text, text.length());
        return new Hint(about, text.substring(colon + 1));
    }

    private Optional<HintPlace> read(String place) {
        if (lexicon.is("hint.song", place)) return Optional.of(new HintPlace.OfSong());
        int comma = place.lastIndexOf(',');
        return section(place)
                .<HintPlace>map(section -> new HintPlace.OfSection(section.id()))
                .or(() -> pattern(place).map(pattern -> new HintPlace.OfPattern(pattern.id())))
                .or(() -> comma < 0
                        ? Optional.empty()
                        : within(
                                place.substring(0, comma).strip(),
                                place.substring(comma + 1).strip()))
                .or(() -> chord(place).map(HintPlace.OfChord::new))
                .or(() -> change(place));
    }

    private Optional<Section> section(String name) {
        return song.sections().stream()
                .filter(section -> section.isCalled(name))
                .findFirst();
    }

    private Optional<tactus.core.patterns.pattern.Pattern> pattern(String name) {
        return song.patterns().stream()
                .filter(pattern -> pattern.name().equalsIgnoreCase(name))
                .findFirst();
    }

    /** {@code Verse, bar 3} or {@code March, 2&}. */
    private Optional<HintPlace> within(String whole, String part) {
        Optional<HintPlace> bar = section(whole)
                .flatMap(section -> lexicon.read("stretch-bars.one", part)
                        .flatMap(holes -> lexicon.number(holes.getFirst()))
                        .filter(number ->
                                number >= 1 && number <= section.bars().size())
                        .map(number -> new HintPlace.OfBar(section.id(), number)));
        return bar.or(() -> pattern(whole)
                .flatMap(pattern -> pattern.grid().slots().stream()
                        .filter(slot -> slot.count().toString().equals(part))
                        .findFirst()
                        .map(slot -> new HintPlace.OfStroke(pattern.id(), slot.index()))));
    }

    private Optional<String> chord(String name) {
        return song.chord(name).map(chord -> chord.name());
    }

    private Optional<HintPlace> change(String place) {
        Matcher change = CHANGE.matcher(place);
        return place.length() <= LONGEST_CHANGE && change.matches()
                ? chord(change.group(1))
                        .flatMap(from -> chord(change.group(2)).map(to -> new HintPlace.OfChange(from, to)))
                : Optional.empty();
    }
}
