package tactus.core.comparison;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tactus.core.dictation.Dictation;
import tactus.core.dictation.SpokenStroke;
import tactus.core.language.Lexicon;
import tactus.core.language.Ordinals;
import tactus.core.pattern.PatternId;
import tactus.core.refusal.NotationException;
import tactus.core.section.Section;
import tactus.core.section.SectionId;
import tactus.core.song.Assignment;
import tactus.core.song.Passes;
import tactus.core.song.Song;
import tactus.core.statement.Statement;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Miss;
import tactus.core.stroke.Mute;
import tactus.core.stroke.Ring;
import tactus.core.stroke.Stroke;
import tactus.core.stroke.Strum;

/**
 * What a teacher says at the end of a lesson ({@code verse twice, chorus, verse, chorus twice, ending; D U U for the verse})
 * beside what is written. A section that goes round twice and one that comes twice in a row are said the same.
 *
 * @param found one statement for each thing that is said otherwise than it is written, then those that cannot be read; none if
 *     they are the same
 * @param isEmpty whether nothing is said
 */
public record Recap(List<Statement> found, boolean isEmpty) {

    /** The most characters that are read. */
    public static final int LONGEST = 10_000;

    private static final Pattern CLAUSES = Pattern.compile("[;\\n.]+");
    private static final Pattern PLACES =
            Pattern.compile("\\s*(?:,|\\bthen\\b|\\band\\b)\\s*", Pattern.CASE_INSENSITIVE);

    public Recap {
        found = List.copyOf(found);
    }

    /** A section that is played so often in a row. */
    private record Item(SectionId section, int times) {}

    /** Compares what is said in {@code text} with {@code song}. */
    public static Recap of(Song song, String text, Lexicon lexicon) {
        String said = text.length() > LONGEST ? text.substring(0, LONGEST) : text;
        return said.isBlank() ? new Recap(List.of(), true) : new Comparing(song, lexicon).recap(said);
    }

    private static final class Comparing {

        private final Song song;
        private final Lexicon lexicon;
        private final List<Statement> found = new ArrayList<>();
        private final List<Statement> unread = new ArrayList<>();
        private final List<Item> said = new ArrayList<>();

        Comparing(Song song, Lexicon lexicon) {
            this.song = song;
            this.lexicon = lexicon;
        }

        Recap recap(String text) {
            for (String clause : CLAUSES.split(text)) if (!clause.isBlank()) read(clause.strip());
            var all = new ArrayList<Statement>();
            if (!said.isEmpty()) all.addAll(order());
            all.addAll(found);
            all.addAll(unread);
            return new Recap(all, false);
        }

        private void read(String clause) {
            Optional<List<String>> strokes = lexicon.read("recap.strokes", clause);
            Optional<Section> of =
                    strokes.flatMap(holes -> section(holes.getLast()).map(Named::section));
            if (of.isPresent() && section(strokes.get().getFirst()).isEmpty()) {
                compare(strokes.get().getFirst().strip(), of.get());
                return;
            }
            for (String part : PLACES.split(clause)) if (!part.isBlank()) readPlace(part.strip());
        }

        private void readPlace(String part) {
            Optional<Named> named = section(part);
            OptionalTimes times = named.map(each -> times(each.rest())).orElse(OptionalTimes.NONE);
            if (times.count() == 0) unread.add(Statement.of("recap.unread", shown(part)));
            else add(new Item(named.orElseThrow().section().id(), times.count()));
        }

        private static String shown(String text) {
            return text.length() <= 40 ? text : text.substring(0, 39) + "…";
        }

        private void add(Item item) {
            boolean again = !said.isEmpty() && said.getLast().section().equals(item.section());
            if (again)
                said.set(
                        said.size() - 1, new Item(item.section(), said.getLast().times() + item.times()));
            else said.add(item);
        }

        /** How often, as it is said; 0 if that cannot be read. */
        private record OptionalTimes(int count) {
            private static final OptionalTimes NONE = new OptionalTimes(0);
        }

        private OptionalTimes times(String text) {
            String plain = text.strip();
            if (plain.isEmpty() || lexicon.is("recap.once", plain)) return new OptionalTimes(1);
            if (lexicon.is("times.2", plain)) return new OptionalTimes(2);
            if (lexicon.is("times.3", plain)) return new OptionalTimes(3);
            String number = plain.replaceFirst("(?i)^[x×]\\s*", "");
            return lexicon.read("times.n", plain)
                    .map(holes -> holes.getFirst().strip())
                    .or(() -> Optional.of(number))
                    .flatMap(lexicon::number)
                    .filter(count -> count >= 1 && count <= 99)
                    .map(OptionalTimes::new)
                    .orElse(OptionalTimes.NONE);
        }

        /** A section that is named at the start of a text, and what stands behind its name. */
        private record Named(Section section, String rest) {}

        private Optional<Named> section(String text) {
            String plain = bare(text);
            return song.sections().stream()
                    .flatMap(section -> Stream.concat(Stream.of(section.name()), section.aliases().stream())
                            .filter(name -> begins(plain, name))
                            .map(name -> new Named(section, plain.substring(name.length()))))
                    .min(Comparator.comparingInt(named -> named.rest().length()));
        }

        private static boolean begins(String text, String name) {
            boolean same = text.toLowerCase(Locale.ROOT).startsWith(name.toLowerCase(Locale.ROOT));
            return same && (text.length() == name.length() || !Character.isLetterOrDigit(text.charAt(name.length())));
        }

        /** Without {@code the}, {@code second}, {@code last} in front. */
        private String bare(String text) {
            var ordinals = new Ordinals(lexicon);
            String plain = text.strip();
            for (boolean less = true; less; ) {
                int space = plain.indexOf(' ');
                String word = space < 0 ? "" : plain.substring(0, space);
                less = !word.isEmpty()
                        && song.sections().stream().noneMatch(section -> section.isCalled(word))
                        && (lexicon.is("recap.article", word)
                                || ordinals.number(word).isPresent());
                if (less) plain = plain.substring(space).strip();
            }
            return plain;
        }

        private List<Item> written() {
            var written = new ArrayList<Item>();
            var passes = new Passes(song);
            for (int use = 0; use < song.uses().size(); use++) {
                SectionId section = song.uses().get(use).section();
                int times = passes.count(use);
                boolean again =
                        !written.isEmpty() && written.getLast().section().equals(section);
                if (again) times += written.removeLast().times();
                written.add(new Item(section, times));
            }
            return written;
        }

        /** The fewest changes that turn one order into the other (the edit distance of Levenshtein, 1966). */
        private List<Statement> order() {
            List<Item> written = written();
            int[][] costs = costs(written);
            var differences = new ArrayList<Statement>();
            int i = 0;
            int j = 0;
            while (i < said.size() || j < written.size()) {
                boolean both = i < said.size() && j < written.size();
                if (both
                        && costs[i][j] == costs[i + 1][j + 1] + cost(said.get(i), written.get(j))
                        && said.get(i).section().equals(written.get(j).section())) {
                    if (said.get(i).times() != written.get(j).times()) {
                        differences.add(Statement.of(
                                "recap.other-times",
                                name(written.get(j)),
                                j + 1,
                                said.get(i).times(),
                                written.get(j).times()));
                    }
                    i++;
                    j++;
                } else if (j < written.size() && costs[i][j] == costs[i][j + 1] + 2) {
                    differences.add(Statement.of(
                            "recap.not-said",
                            name(written.get(j)),
                            j + 1,
                            written.get(j).times()));
                    j++;
                } else {
                    differences.add(Statement.of(
                            "recap.not-written",
                            name(said.get(i)),
                            i + 1,
                            said.get(i).times()));
                    i++;
                }
            }
            return differences;
        }

        private int[][] costs(List<Item> written) {
            int[][] costs = new int[said.size() + 1][written.size() + 1];
            for (int i = said.size(); i >= 0; i--) {
                for (int j = written.size(); j >= 0; j--) {
                    if (i == said.size() || j == written.size()) {
                        costs[i][j] = 2 * (said.size() - i + written.size() - j);
                        continue;
                    }
                    int kept = costs[i + 1][j + 1] + cost(said.get(i), written.get(j));
                    costs[i][j] = Math.min(kept, 2 + Math.min(costs[i + 1][j], costs[i][j + 1]));
                }
            }
            return costs;
        }

        /** Another section is two changes, another number of times is one. */
        private static int cost(Item said, Item written) {
            if (!said.section().equals(written.section())) return 5;
            return said.times() == written.times() ? 0 : 1;
        }

        private String name(Item item) {
            return song.section(item.section()).orElseThrow().name();
        }

        private void compare(String strokes, Section section) {
            Optional<tactus.core.pattern.Pattern> pattern =
                    Assignment.of(song, section.id()).flatMap(this::pattern);
            if (pattern.isEmpty()) {
                found.add(Statement.of("recap.no-pattern", section.name(), shown(strokes)));
                return;
            }
            try {
                List<Dictation> readings = readings(Dictation.parse(strokes, lexicon));
                if (readings.stream().anyMatch(each -> isLike(each.strokes(), struck(pattern.get())))) return;
                found.add(Statement.of(
                        "recap.other-strokes",
                        section.name(),
                        shown(strokes),
                        pattern.get().name(),
                        pattern.get().line()));
            } catch (NotationException none) {
                unread.add(Statement.of("recap.unread", shown(strokes)));
            }
        }

        private Optional<tactus.core.pattern.Pattern> pattern(PatternId id) {
            return song.pattern(id);
        }

        private static List<Dictation> readings(Dictation said) {
            return Stream.concat(Stream.of(said), said.other().map(Dictation.Reading::dictation).stream())
                    .toList();
        }

        private static List<Stroke> struck(tactus.core.pattern.Pattern pattern) {
            return pattern.grid().slots().stream()
                    .map(pattern::at)
                    .filter(stroke -> !(stroke instanceof Miss) && !(stroke instanceof Ring))
                    .toList();
        }

        /** Whether the strokes are said, all of them or the ones that come again and again. */
        private static boolean isLike(List<SpokenStroke> said, List<Stroke> played) {
            List<SpokenStroke> strokes = said.stream()
                    .filter(each -> !(each.form() instanceof Miss) && !(each.form() instanceof Ring))
                    .toList();
            if (strokes.isEmpty() || played.size() % strokes.size() != 0) return false;
            for (int i = 0; i < played.size(); i++)
                if (!isLike(strokes.get(i % strokes.size()), played.get(i))) return false;
            return true;
        }

        /** How strongly and how it is struck need not be said. */
        private static boolean isLike(SpokenStroke said, Stroke played) {
            Direction way = switch (played) {
                case Strum strum -> strum.direction();
                case Mute mute -> mute.direction();
                default -> Direction.DOWN;
            };
            Stroke meant = said.stroke(way);
            return switch (played) {
                case Strum strum ->
                    said.isCounted()
                            || meant instanceof Strum other
                                    && other.direction() == strum.direction()
                                    && other.reach().equals(strum.reach());
                case Mute _ -> meant instanceof Mute;
                default -> said.isCounted() || meant.getClass() == played.getClass();
            };
        }
    }
}
