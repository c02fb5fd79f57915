package tactus.core.counsel.comparison;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.ground.alignment.Alignment;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.language.Ordinals;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.statement.Statement;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.SpokenStroke;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Passes;
import tactus.core.written.song.Song;

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

    public Recap {
        found = List.copyOf(found);
    }

    /** What a section costs that is only said, or only written. */
    private static final int ALONE = 2;

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
            for (String part : lexicon.made("recap", Comparing::joining).split(clause))
                if (!part.isBlank()) readPlace(part.strip());
        }

        /** What stands between two places: a comma, {@code then}, {@code and}. */
        private static Pattern joining(Lexicon lexicon) {
            String words =
                    lexicon.forms("recap.joining").stream().map(Pattern::quote).collect(Collectors.joining("|"));
            return Pattern.compile(
                    "\\s*(?:,|(?<!\\p{L})(?:" + words + ")(?!\\p{L}))\\s*",
                    Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
        }

        private void readPlace(String part) {
            Optional<Item> item = section(part)
                    .flatMap(named -> times(named.rest())
                            .map(times -> new Item(named.section().id(), times)));
            item.ifPresentOrElse(each -> add(said, each), () -> unread.add(Statement.of("recap.unread", shown(part))));
        }

        private static String shown(String text) {
            return text.length() <= 40 ? text : text.substring(0, 39) + "…";
        }

        /** What comes again right behind itself is one item. */
        private static void add(List<Item> items, Item item) {
            boolean again = !items.isEmpty() && items.getLast().section().equals(item.section());
            int times = again ? items.removeLast().times() + item.times() : item.times();
            items.add(new Item(item.section(), times));
        }

        /** How often, as it is said; empty if that cannot be read. */
        private Optional<Integer> times(String text) {
            String plain = text.strip();
            if (plain.isEmpty() || lexicon.is("recap.once", plain)) return Optional.of(1);
            Optional<Integer> word = lexicon.find("times", plain).map(Integer::valueOf);
            if (word.isPresent()) return word;
            String number = lexicon.read("times.n", plain)
                    .map(holes -> holes.getFirst().strip())
                    .orElse(plain.replaceFirst("(?i)^[x×]\\s*", ""));
            return lexicon.number(number).filter(count -> count >= 1 && count <= Section.MOST_PASSES);
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
            for (int use = 0; use < song.uses().size(); use++)
                add(written, new Item(song.uses().get(use).section(), passes.count(use)));
            return written;
        }

        /** The fewest changes that turn what is written into what is said. */
        private List<Statement> order() {
            List<Item> written = written();
            var differences = new ArrayList<Statement>();
            for (Alignment.Pair pair : Alignment.of(written, said, ALONE, Comparing::cost)) {
                if (pair.right().isEmpty()) {
                    int at = pair.left().getAsInt();
                    differences.add(named("recap.not-said", written.get(at), at));
                } else if (pair.left().isEmpty()) {
                    int at = pair.right().getAsInt();
                    differences.add(named("recap.not-written", said.get(at), at));
                } else {
                    int at = pair.left().getAsInt();
                    int times = said.get(pair.right().getAsInt()).times();
                    Item item = written.get(at);
                    if (item.times() != times)
                        differences.add(Statement.of("recap.other-times", name(item), at + 1, times, item.times()));
                }
            }
            return differences;
        }

        private Statement named(String code, Item item, int at) {
            return Statement.of(code, name(item), at + 1, item.times());
        }

        /** Another section costs more than one that is left out and one that is put in. */
        private static int cost(Item written, Item said) {
            if (!said.section().equals(written.section())) return 2 * ALONE + 1;
            return said.times() == written.times() ? 0 : 1;
        }

        private String name(Item item) {
            return song.section(item.section()).orElseThrow().name();
        }

        private void compare(String strokes, Section section) {
            Optional<tactus.core.patterns.pattern.Pattern> pattern =
                    Assignment.of(song, section.id()).flatMap(song::pattern);
            if (pattern.isEmpty()) {
                found.add(Statement.of("recap.no-pattern", section.name(), shown(strokes)));
                return;
            }
            try {
                List<Dictation> readings = Dictation.parse(strokes, lexicon).readings();
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

        private static List<Stroke> struck(tactus.core.patterns.pattern.Pattern pattern) {
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
