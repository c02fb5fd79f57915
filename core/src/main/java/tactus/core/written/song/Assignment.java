package tactus.core.written.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;

/** What a song's rules say about patterns, seen from its sections. */
public final class Assignment {

    private Assignment() {}

    /** The pattern of a section as a whole: what its rule says, or else the rule for the song. */
    public static Optional<PatternId> of(Song song, SectionId section) {
        return said(song, Where.in(section)).or(() -> said(song, Where.EVERYWHERE));
    }

    /** The pattern of the last pass of a section, if a rule names another one for it. */
    public static Optional<PatternId> ofLastPass(Song song, SectionId section) {
        return said(song, Where.in(section).withPass(PassChoice.LAST));
    }

    /** What a rule of the version that is shown says there, or else one that holds in all of them. */
    private static Optional<PatternId> said(Song song, Where where) {
        return song.versions()
                .shown()
                .flatMap(name -> saidAt(song, where.withVersion(Optional.of(name))))
                .or(() -> saidAt(song, where));
    }

    private static Optional<PatternId> saidAt(Song song, Where where) {
        return song.rules().reversed().stream()
                .filter(rule -> rule.where().equals(where) && !rule.isAlternative())
                .flatMap(rule -> rule.pattern().stream())
                .findFirst();
    }

    /** {@code song} with {@code pattern} played at {@code where}, or with no rule of its own there. */
    public static Song assigned(Song song, Where where, Optional<PatternId> pattern) {
        if (pattern.isPresent()) return song.withRule(new Rule(where, Play.pattern(pattern.get())));
        return song.withRules(song.rules().stream()
                .map(rule -> rule.where().equals(where) && !rule.isAlternative()
                        ? rule.withPlay(rule.play().withoutWhat())
                        : rule)
                .filter(rule -> !rule.play().isOpen())
                .toList());
    }

    /** How long one round lasts, for chords of {@code section} that are counted in rounds; a bar where nothing is assigned. */
    public static Length round(Song song, Section section) {
        return of(song, section.id())
                .flatMap(song::pattern)
                .map(Pattern::length)
                .orElse(section.bars().getFirst().length());
    }

    /**
     * The rules of {@code song} with those about single chords of {@code section} following when chords are added or
     * taken away.
     *
     * @param from the index, from 0, of the first chord that is moved
     * @param by how many places; -1 takes the chord in front of {@code from} away, and its rules with it
     */
    public static Song moved(Song song, SectionId section, int from, int by) {
        var rules = song.rules().stream()
                .filter(rule -> by >= 0 || !isAbout(rule, section, from))
                .map(rule -> chord(rule, section)
                        .filter(number -> number > from)
                        .map(number -> rule.withWhere(rule.where().withPart(new Part.OnChord(number + by))))
                        .orElse(rule))
                .toList();
        return song.withRules(rules);
    }

    private static boolean isAbout(Rule rule, SectionId section, int number) {
        return chord(rule, section).filter(each -> each == number).isPresent();
    }

    private static Optional<Integer> chord(Rule rule, SectionId section) {
        return rule.where()
                .part()
                .filter(Part.OnChord.class::isInstance)
                .map(part -> ((Part.OnChord) part).number())
                .filter(_ -> rule.where().section().filter(section::equals).isPresent());
    }

    static List<Section> sectionsOf(Song song, PatternId id) {
        return song.sections().stream()
                .filter(section -> of(song, section.id()).filter(id::equals).isPresent()
                        || song.rules().stream()
                                .anyMatch(rule -> rule.patterns().anyMatch(id::equals)
                                        && rule.where()
                                                .section()
                                                .filter(section.id()::equals)
                                                .isPresent())
                        || section.second().contains(id))
                .toList();
    }

    /** {@code rules} without those of {@code version} in whose place {@code rule} is said. */
    static List<Rule> withoutOwn(List<Rule> rules, Rule rule, Optional<String> version) {
        if (version.isEmpty() || rule.where().version().isPresent()) return rules;
        Where own = rule.where().withVersion(version);
        return rules.stream()
                .filter(each -> !each.where().equals(own)
                        || each.isAlternative() != rule.isAlternative()
                        || !saysTheSame(each.play(), rule.play()))
                .toList();
    }

    /** A rule takes the place of one for the same place that says the same things; otherwise it comes last. */
    static List<Rule> with(List<Rule> rules, Rule rule) {
        var all = new ArrayList<Rule>();
        boolean placed = false;
        for (Rule each : rules) {
            boolean same = each.where().equals(rule.where())
                    && each.isAlternative() == rule.isAlternative()
                    && saysTheSame(each.play(), rule.play());
            if (!same) all.add(each);
            else if (!placed) {
                all.add(rule);
                placed = true;
            }
        }
        if (!placed) all.add(rule);
        return all;
    }

    private static boolean saysTheSame(Play one, Play other) {
        return one.what().isPresent() == other.what().isPresent()
                && one.dynamics().isPresent() == other.dynamics().isPresent()
                && one.raise().isPresent() == other.raise().isPresent()
                && one.pause().isPresent() == other.pause().isPresent()
                && one.pace().isPresent() == other.pace().isPresent()
                && one.shapes().isPresent() == other.shapes().isPresent()
                && one.second().isPresent() == other.second().isPresent()
                && (one.what().isPresent()
                        || one.form().isPresent() == other.form().isPresent());
    }

    /**
     * {@code song} with the way played that the rule with {@code index} offers; what rules for the same place say about the
     * same things is offered instead.
     */
    public static Song exchanged(Song song, int index) {
        Rule chosen = song.rules().get(index);
        var rules = new ArrayList<>(song.rules());
        rules.replaceAll(each -> each.where().equals(chosen.where()) && saysTheSame(each.play(), chosen.play())
                ? each.asAlternative(!each.equals(chosen))
                : each);
        return song.withRules(rules);
    }

    /** The rules without any that says {@code unwanted}. */
    static List<Rule> without(List<Rule> rules, PatternId unwanted) {
        return rules.stream()
                .map(rule -> rule.pattern().filter(unwanted::equals).isPresent()
                        ? rule.withPlay(rule.play().withoutWhat())
                        : rule)
                .map(rule -> rule.patterns().anyMatch(unwanted::equals)
                        ? rule.withPlay(rule.play().withoutSecond())
                        : rule)
                .filter(rule -> !rule.play().isOpen())
                .toList();
    }
}
