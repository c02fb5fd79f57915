package tactus.core.timeline;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.pitch.ConcertPitch;
import tactus.core.rule.Pace;
import tactus.core.rule.PassPlan;
import tactus.core.rule.Raise;
import tactus.core.rule.Rule;
import tactus.core.rule.RuleBook;
import tactus.core.rule.Situation;
import tactus.core.section.Except;
import tactus.core.section.Section;
import tactus.core.section.SectionId;
import tactus.core.section.Stretch.Bounds;
import tactus.core.song.Passes;
import tactus.core.song.Song;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;
import tactus.core.time.TempoMap;

/**
 * Builds a timeline pass by pass, in three steps: the plan of a pass, the pass with everything laid on it, and the pass
 * placed in the song. What passes look like that have the same bars and rules is worked out once.
 */
final class Layout {

    private record Key(SectionId section, List<Except> excepts, boolean isLast, BitSet rules) {}

    private record LaidKey(Key pass, Optional<LaidPass.GoingOn> before, Optional<PatternId> next) {}

    private final Song song;
    private final Tempo tempo;
    private final RuleBook book;
    private final List<Rule> alternatives;
    private final Passes passes;
    private final Forms forms;
    private final Map<Optional<Raise>, Strings> strings = new HashMap<>();
    private final Map<Key, PassFrame> frames = new HashMap<>();
    private final Map<LaidKey, LaidPass> laid = new HashMap<>();
    private final List<TimelineBar> bars = new ArrayList<>();
    private final List<TimelineSpan> spans = new ArrayList<>();
    private final List<TimelineStroke> strokes = new ArrayList<>();
    private final List<TimelineStroke> second = new ArrayList<>();
    private final List<TimelineCue> cues = new ArrayList<>();
    private final List<Bounds> sung = new ArrayList<>();
    private final List<Margin.SwellAt> swells = new ArrayList<>();
    private final List<Margin.SungAt> words = new ArrayList<>();
    private final List<Margin.PaceAt> paces = new ArrayList<>();
    private final List<Margin.OfferAt> offers = new ArrayList<>();
    private final List<TempoMap.Pause> pauses = new ArrayList<>();

    private Length length = Length.ZERO;

    private Layout(Song written) {
        song = written.asShown();
        tempo = song.facts().tempo();
        book = new RuleBook(song.rules());
        alternatives = song.rules().stream().filter(Rule::isAlternative).toList();
        passes = new Passes(song);
        forms = new Forms(song);
    }

    static Layout of(Song written) {
        var layout = new Layout(written);
        layout.layPasses();
        return layout;
    }

    /** A pass that is to be laid. */
    private record Turn(int use, int pass, int count, Key key, PassFrame frame) {}

    private void layPasses() {
        List<Turn> turns = turns();
        Optional<SongPosition> at = Optional.empty();
        Optional<LaidPass.GoingOn> goingOn = Optional.empty();
        for (int i = 0; i < turns.size(); i++) {
            Turn turn = turns.get(i);
            Optional<Pattern> next =
                    i + 1 < turns.size() ? PassLayout.beginning(turns.get(i + 1).frame(), forms) : Optional.empty();
            LaidPass layout = laid(turn, goingOn, next);
            goingOn = layout.goingOn();
            SongPosition from = at.orElseGet(() -> start(layout));
            var place = new PassPlacing.Turn(turn.use(), turn.pass(), turn.count());
            PlacedPass placed = PassPlacing.of(layout, place, from, tempo, Pacing.of(layout, tempo));
            add(placed);
            addOffers(passes.situation(turn.use(), turn.pass()), layout, from.at());
            at = Optional.of(after(from, layout, placed));
        }
        length = at.map(SongPosition::at).orElse(Length.ZERO);
    }

    private List<Turn> turns() {
        var turns = new ArrayList<Turn>();
        for (int use = 0; use < song.uses().size(); use++) {
            int count = passes.count(use);
            for (int pass = 1; pass <= count; pass++) {
                BitSet indices = book.in(passes.situation(use, pass));
                var key = new Key(
                        song.uses().get(use).section(), passes.excepts(use, pass), passes.hasTag(use, pass), indices);
                int ofUse = use;
                int ofPass = pass;
                PassFrame frame = frames.computeIfAbsent(key, _ -> plan(ofUse, ofPass, book.at(indices)));
                turns.add(new Turn(use, pass, count, key, frame));
            }
        }
        return turns;
    }

    TempoMap tempoMap() {
        return new TempoMap(tempo, pauses);
    }

    ConcertPitch concert() {
        return song.facts().instrument().concert();
    }

    List<TimelineBar> bars() {
        return bars;
    }

    List<TimelineSpan> spans() {
        return spans;
    }

    List<TimelineStroke> strokes() {
        return strokes;
    }

    Length length() {
        return length;
    }

    Margin margin() {
        return new Margin(cues, sung, swells, words, paces(), offers, second);
    }

    /** The changes of tempo without those that change nothing. */
    private List<Margin.PaceAt> paces() {
        var changes = new ArrayList<Margin.PaceAt>();
        Optional<Pace> now = Optional.empty();
        for (Margin.PaceAt each : paces) {
            if (!each.pace().equals(now)) changes.add(each);
            now = each.pace();
        }
        return changes;
    }

    private LaidPass laid(Turn turn, Optional<LaidPass.GoingOn> before, Optional<Pattern> next) {
        var key = new LaidKey(turn.key(), before, next.map(Pattern::id));
        return laid.computeIfAbsent(key, _ -> PassLayout.of(turn.frame(), forms, before, next));
    }

    private PassFrame plan(int use, int pass, List<Rule> rules) {
        Section written = passes.section(use, pass);
        var raise = RuleBook.decide(
                        rules.stream()
                                .filter(rule -> rule.where().part().isEmpty())
                                .toList(),
                        play -> play.raise())
                .flatMap(verdict -> verdict.winner().play().raise());
        Section raised = Raised.chords(song, written, raise);
        Section section = ShapesHeld.in(song, raised, rules, passes.round(raised));
        List<Bounds> voice = section.sung();
        PassPlan plan = PassPlan.of(section, rules, passes.round(section), voice);
        Strings sounding = strings.computeIfAbsent(raise, each -> Raised.strings(song, each));
        return PassFrame.of(section, raise, plan, rules, sounding, voice);
    }

    /** Where the first pass begins: behind the incomplete bar, which is on the chord that the song starts with. */
    private SongPosition start(LaidPass first) {
        int beats = song.facts().pickup();
        if (beats == 0) return new SongPosition(Length.ZERO, 1, 0, Length.ZERO, Optional.empty());
        Meter meter = Pickup.meter(song.facts().meter(), beats);
        bars.add(new TimelineBar(
                0,
                meter,
                Length.ZERO,
                tempo.seconds(Length.ZERO),
                first.section().id(),
                0,
                1,
                OptionalInt.empty()));
        if (!first.spans().isEmpty()) {
            spans.add(new TimelineSpan(
                    first.spans().getFirst().chord(),
                    Length.ZERO,
                    meter.length(),
                    0,
                    1,
                    OptionalInt.empty(),
                    false,
                    TimelineSpan.Played.NOTHING,
                    first.frame().raise()));
        }
        return new SongPosition(meter.length(), 1, spans.size(), Length.ZERO, lead(first));
    }

    private SongPosition after(SongPosition from, LaidPass layout, PlacedPass placed) {
        Length held = placed.pauses().stream().map(TempoMap.Pause::extra).reduce(from.held(), Length::plus);
        return new SongPosition(
                from.at().plus(layout.bars().length()),
                from.bar() + placed.bars().size(),
                spans.size(),
                held,
                lead(layout));
    }

    private Optional<SongPosition.Lead> lead(LaidPass before) {
        if (spans.isEmpty()) return Optional.empty();
        TimelineSpan last = spans.getLast();
        return Optional.of(
                new SongPosition.Lead(last.chord(), last.start(), before.frame().strings()));
    }

    private void addOffers(Situation situation, LaidPass pass, Length from) {
        for (Margin.OfferAt each : Offers.in(alternatives, situation, pass)) {
            offers.add(new Margin.OfferAt(from.plus(each.at()), each.rule()));
        }
    }

    private void add(PlacedPass placed) {
        placed.takesFrom().ifPresent(from -> {
            while (!strokes.isEmpty() && !strokes.getLast().start().isLessThan(from)) strokes.removeLast();
        });
        strokes.addAll(placed.pickup());
        bars.addAll(placed.bars());
        spans.addAll(placed.spans());
        strokes.addAll(placed.strokes());
        second.addAll(placed.margin().second());
        int first = bars.getFirst().number();
        for (TimelineCue cue : placed.margin().cues()) {
            cues.add(cue.bar() < first ? new TimelineCue(cue.at(), first, cue.text()) : cue);
        }
        sung.addAll(placed.sung());
        swells.addAll(placed.margin().swells());
        words.addAll(placed.margin().words());
        paces.addAll(placed.margin().paces());
        pauses.addAll(placed.pauses());
    }
}
