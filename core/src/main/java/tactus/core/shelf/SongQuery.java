package tactus.core.shelf;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tactus.core.harmony.Chord;
import tactus.core.language.Lexicon;
import tactus.core.pitch.Key;
import tactus.core.refusal.Refusal;

/**
 * Looks for songs: {@code capo 2}, {@code 3/4}, {@code key D}, {@code tempo 80-100}, {@code chord F}, {@code no barre}, {@code
 * has d-du-udu}, {@code level easy}, {@code tag autumn}, {@code with snags}, {@code tuning D A D G B E}, {@code same chords as
 * Lantern Walk}. Several are joined by commas and must all be true; other words are looked for in titles, words and tags. The
 * words are those of a lexicon; these are English.
 */
public final class SongQuery implements Predicate<ShelvedSong> {

    private static final Pattern RANGE = Pattern.compile("(\\d{1,3})\\s*[-–]\\s*(\\d{1,3})");

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
                .or(() -> read("capo", part).flatMap(SongQuery::whole).map(fret -> song -> song.capo() == fret))
                .or(() -> read("key", part)
                        .flatMap(SongQuery::key)
                        .map(key -> song -> song.key().equals(key)))
                .or(() -> read("tempo", part).flatMap(SongQuery::tempo))
                .or(() -> read("rhythm", part)
                        .map(line -> song -> song.rhythms().stream()
                                .anyMatch(each -> bare(each).contains(bare(line)))))
                .or(() -> read("chord", part).map(name -> song -> song.chords().contains(house(name))))
                .or(() -> read("level", part)
                        .flatMap(word -> lexicon.find("level", word))
                        .map(level -> song -> song.level().equals(level)))
                .or(() -> read("tag", part)
                        .map(tag -> song -> song.tags().stream().anyMatch(tag::equalsIgnoreCase)))
                .or(() -> read("tuning", part)
                        .map(notes -> song -> song.tuning().replace(" ", "").equalsIgnoreCase(notes.replace(" ", ""))))
                .or(() -> read("same-chords", part).map(this::sameChords))
                .orElseGet(() -> words(part));
    }

    private Optional<String> read(String what, String part) {
        return lexicon.read("song-query." + what, part).map(List::getFirst);
    }

    private static Optional<Predicate<ShelvedSong>> meter(String part) {
        return part.matches("[0-9+]+/\\d+") ? Optional.of(song -> song.meter().equals(part)) : Optional.empty();
    }

    /** What is one thing without anything to fill in. */
    private Optional<Predicate<ShelvedSong>> plain(String part) {
        return lexicon.find("song-query", part)
                .flatMap(code -> Optional.ofNullable(
                        switch (code) {
                            case "no-capo" -> song -> song.capo() == 0;
                            case "no-barre" -> song -> !song.hasBarre();
                            case "barre" -> ShelvedSong::hasBarre;
                            case "no-snags" -> song -> song.snags() == 0;
                            case "snags" -> song -> song.snags() > 0;
                            default -> null;
                        }));
    }

    private static Optional<Integer> whole(String text) {
        return text.matches("\\d{1,2}") ? Optional.of(Integer.valueOf(text)) : Optional.empty();
    }

    private static Optional<String> key(String text) {
        try {
            return Optional.of(Key.parse(text).toString());
        } catch (Refusal none) {
            return Optional.empty();
        }
    }

    private static Optional<Predicate<ShelvedSong>> tempo(String text) {
        Matcher range = RANGE.matcher(text);
        if (range.matches()) {
            int from = Integer.parseInt(range.group(1));
            int to = Integer.parseInt(range.group(2));
            return Optional.of(song -> song.tempo() >= from && song.tempo() <= to);
        }
        if (!text.matches("\\d{1,3}")) return Optional.empty();
        int wanted = Integer.parseInt(text);
        return Optional.of(song -> Math.abs(song.tempo() - wanted) < 1);
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
            String text =
                    (song.title() + " " + String.join(" ", song.tags()) + " " + song.words()).toLowerCase(Locale.ROOT);
            return wanted.stream().allMatch(text::contains);
        };
    }
}
