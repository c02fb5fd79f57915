package tactus.core.taught.shelf;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Aspect;

/**
 * Looks for songs: {@code capo 2}, {@code 3/4}, {@code key D}, {@code tempo 80-100}, {@code chord F}, {@code no barre}, {@code
 * has d-du-udu}, {@code level easy}, {@code tag autumn}, {@code with snags}, {@code tuning D A D G B E}, {@code same chords as
 * Lantern Walk}. Several are joined by commas and must all be true; other words are looked for in titles, words and tags. The
 * words are those of a lexicon; these are English.
 */
public final class SongQuery implements Predicate<ShelvedSong> {

    /** What is longer was pasted by mistake, and finds nothing. */
    private static final int LONGEST = 500;

    private final Lexicon lexicon;
    private final List<ShelvedSong> all;
    private final Predicate<ShelvedSong> test;

    private SongQuery(String text, Lexicon lexicon, List<ShelvedSong> all) {
        this.lexicon = lexicon;
        this.all = all;
        test = text.length() > LONGEST
                ? _ -> false
                : Stream.of(text.split("[,;]"))
                        .map(String::strip)
                        .filter(part -> !part.isEmpty())
                        .map(this::part)
                        .reduce(_ -> true, Predicate::and);
    }

    /**
     * Every text is a query; an empty one finds all.
     *
     * @param all the songs among which others are named
     */
    public static SongQuery parse(String text, Lexicon lexicon, List<ShelvedSong> all) {
        return new SongQuery(text, lexicon, all);
    }

    /** The songs that it finds, in their order. */
    public List<ShelvedSong> find() {
        return all.stream().filter(this).toList();
    }

    @Override
    public boolean test(ShelvedSong song) {
        return test.test(song);
    }

    private Predicate<ShelvedSong> part(String part) {
        return meter(part)
                .or(() -> plain(part))
                .or(() -> read("song-query.rhythm", part)
                        .map(line -> song -> song.rhythms().stream()
                                .anyMatch(each -> bare(each).contains(bare(line)))))
                .or(() -> read("song-query.chord", part)
                        .map(name -> song -> song.chords().contains(house(name))))
                .or(() -> read("song-query.same-chords", part).map(this::sameChords))
                .or(() -> Aspect.all().stream()
                        .flatMap(aspect -> fact(aspect, part).stream())
                        .findFirst())
                .orElseGet(() -> words(part));
    }

    private <T> Optional<Predicate<ShelvedSong>> fact(Aspect<T> aspect, String part) {
        return read("fact." + aspect.code(), part)
                .flatMap(wanted -> aspect.form().finder(wanted, lexicon))
                .map(finder -> song -> finder.test(aspect.of(song.facts())));
    }

    private Optional<String> read(String what, String part) {
        return lexicon.read(what, part).filter(holes -> !holes.isEmpty()).map(List::getFirst);
    }

    private static Optional<Predicate<ShelvedSong>> meter(String part) {
        return part.matches("[0-9+]+/\\d+")
                ? Optional.of(song -> song.facts().meter().toString().equals(part))
                : Optional.empty();
    }

    /** What is one thing without anything to fill in. */
    private Optional<Predicate<ShelvedSong>> plain(String part) {
        return lexicon.find("song-query", part)
                .flatMap(code -> Optional.ofNullable(
                        switch (code) {
                            case "no-capo" -> song -> song.facts().capo() == 0;
                            case "no-barre" -> song -> !song.hasBarre();
                            case "barre" -> ShelvedSong::hasBarre;
                            case "no-snags" -> song -> song.snags() == 0;
                            case "snags" -> song -> song.snags() > 0;
                            default -> null;
                        }));
    }

    /** The strokes alone: accents and other marks are not looked at. */
    private static String bare(String line) {
        return line.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\d-]", "");
    }

    private static String house(String chord) {
        return Chord.meaning(chord).map(Object::toString).orElse(chord);
    }

    private Predicate<ShelvedSong> sameChords(String title) {
        Optional<String> degrees = all.stream()
                .filter(song -> song.title().equalsIgnoreCase(title))
                .map(ShelvedSong::degrees)
                .findFirst();
        return song -> degrees.filter(song.degrees()::equals).isPresent()
                && !song.title().equalsIgnoreCase(title);
    }

    private static Predicate<ShelvedSong> words(String part) {
        List<String> wanted = List.of(part.toLowerCase(Locale.ROOT).split("\\s+"));
        return song -> {
            String text = (song.title() + " "
                            + String.join(" ", song.facts().heading().tags()) + " " + song.words())
                    .toLowerCase(Locale.ROOT);
            return wanted.stream().allMatch(text::contains);
        };
    }
}
