package tactus.core.song;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import tactus.core.section.SectionId;
import tactus.core.section.Use;

/** What the entries of a running order are called: {@code second Chorus} where there are several. */
public final class UseNames {

    private static final List<String> ORDINALS =
            List.of("first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth");

    private UseNames() {}

    /** The name of the entry with the index {@code use}, from 0. */
    public static String of(Song song, int use) {
        SectionId id = song.uses().get(use).section();
        String name = song.section(id).orElseThrow().name();
        List<Integer> uses = indices(song, id);
        return uses.size() == 1 ? name : ordinal(uses.indexOf(use) + 1) + " " + name;
    }

    /** The name of the entry with {@code id}, as long as there is one. */
    public static Optional<String> ofId(Song song, int id) {
        return IntStream.range(0, song.uses().size())
                .filter(use -> song.uses().get(use).id() == id)
                .mapToObj(use -> of(song, use))
                .findFirst();
    }

    /** The entries of a section, as indices of the running order. */
    public static List<Integer> indices(Song song, SectionId section) {
        return IntStream.range(0, song.uses().size())
                .filter(use -> song.uses().get(use).section().equals(section))
                .boxed()
                .toList();
    }

    /** {@code second}, or {@code 11th} where words run out. */
    public static String ordinal(int number) {
        if (number <= ORDINALS.size()) return ORDINALS.get(number - 1);
        boolean teen = number % 100 >= 11 && number % 100 <= 13;
        String ending = teen
                ? "th"
                : switch (number % 10) {
                    case 1 -> "st";
                    case 2 -> "nd";
                    case 3 -> "rd";
                    default -> "th";
                };
        return number + ending;
    }

    /** The number that an ordinal says; empty if it is none. */
    public static Optional<Integer> number(String ordinal) {
        int index = ORDINALS.indexOf(ordinal.toLowerCase());
        if (index >= 0) return Optional.of(index + 1);
        return ordinal.matches("\\d{1,4}(st|nd|rd|th)")
                ? Optional.of(Integer.parseInt(ordinal.replaceAll("\\D", "")))
                : Optional.empty();
    }

    /** The entry called {@code name}, if one is. */
    public static Optional<Use> find(Song song, String name) {
        return IntStream.range(0, song.uses().size())
                .filter(use -> of(song, use).equalsIgnoreCase(name))
                .mapToObj(song.uses()::get)
                .findFirst();
    }
}
