package tactus.core.reading.sentence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.reading.sentence.PlaceParts.Said;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.song.Song;

/**
 * Reads the sentence of a rule, part by part: where it holds, each part by {@link WhereReader}; what it says is read by {@link
 * PlayReader}. Where parts are not told apart by commas, only from where one ended another one is looked for, so that a sentence
 * takes as long as it is.
 */
final class RuleReader {

    private static final Pattern GAP = Pattern.compile("[\\s,]+");

    private final Lexicon lexicon;
    private final Song song;
    private final String sentence;
    private final Slips slips;
    private final WhereReader where;

    RuleReader(Lexicon lexicon, Song song, String sentence) {
        this(lexicon, song, sentence, new WhereReader(lexicon, song, new Slips(sentence)));
    }

    private RuleReader(Lexicon lexicon, Song song, String sentence, WhereReader where) {
        this.lexicon = lexicon;
        this.song = song;
        this.sentence = sentence;
        this.where = where;
        slips = new Slips(sentence);
    }

    /** How many texts were looked at to find the parts. */
    int looked() {
        return where.looked();
    }

    Rule read() {
        int colon = colon();
        if (colon < 0) return withoutColon();
        List<Said> parts = parts(sentence.substring(0, colon));
        Optional<Said> named =
                parts.stream().filter(part -> where.isPlace(part.text())).findFirst();
        Said place = named.orElse(parts.getFirst());
        boolean isEverywhere = named.isEmpty() && where.isCondition(place.text());
        Where holds = isEverywhere ? Where.EVERYWHERE : where.place(place.text(), place.at());
        for (Said part : parts) {
            if (isEverywhere || part != place) holds = where.condition(holds, part.text(), part.at());
        }
        var plays = new PlayReader(lexicon, song, slips);
        String said = sentence.substring(colon + 1);
        Optional<String> other = lexicon.read("rule.or", said).map(List::getFirst);
        if (other.isEmpty() || plays.isName(said)) return new Rule(holds, plays.read(colon + 1));
        int at = sentence.length()
                - other.get().length()
                - (said.length() - said.stripTrailing().length());
        return new Rule(holds, plays.read(at), true);
    }

    /** {@code in the verse, March}: the colon is where the words before it are a place and those behind it are played. */
    private Rule withoutColon() {
        if (sentence.length() <= PlaceParts.LONGEST_TALK) {
            Set<Integer> ends = ends();
            Matcher gaps = GAP.matcher(sentence);
            while (gaps.find()) {
                if (!ends.contains(gaps.start())) continue;
                String guessed = sentence.substring(0, gaps.start()) + ":" + sentence.substring(gaps.start() + 1);
                try {
                    return new RuleReader(lexicon, song, guessed, where.in(new Slips(guessed))).read();
                } catch (NotationException elsewhere) {
                    // The colon may stand further on.
                    continue;
                }
            }
        }
        throw slips.wrong("rule-reader.needs-colon", sentence.length());
    }

    /** Where a place that begins the sentence could end. */
    private Set<Integer> ends() {
        var ends = new TreeSet<Integer>();
        for (Said part : betweenCommas(sentence)) {
            Set<Integer> inside = new PlaceParts(part, lexicon, where).ends();
            ends.addAll(inside);
            if (!inside.contains(part.at() + part.text().length())) break;
        }
        return ends;
    }

    private List<Said> parts(String text) {
        return betweenCommas(text).stream()
                .flatMap(part -> new PlaceParts(part, lexicon, where).parts().stream())
                .toList();
    }

    private static List<Said> betweenCommas(String text) {
        var parts = new ArrayList<Said>();
        int at = 0;
        for (String part : text.split(",", -1)) {
            parts.add(new Said(part.strip(), at + Slips.indent(part)));
            at += part.length() + 1;
        }
        return parts;
    }

    /** The first colon that ends a place; names of sections may hold one. */
    private int colon() {
        for (Section section : song.sections()) {
            String name = section.name() + ":";
            if (section.name().contains(":") && sentence.startsWith(name))
                return section.name().length();
        }
        return sentence.indexOf(':');
    }
}
