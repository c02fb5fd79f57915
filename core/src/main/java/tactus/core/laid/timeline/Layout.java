package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.music.pitch.ConcertPitch;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.music.time.TempoMap;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Pace;
import tactus.core.written.rule.PassPlan;
import tactus.core.written.rule.Raise;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.RuleBook;
import tactus.core.written.rule.Situation;
import tactus.core.written.section.Except;
import tactus.core.written.section.Numbered;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch.Bounds;
import tactus.core.written.song.Passes;
import tactus.core.written.song.Song;

/**
 * Builds a timeline pass by pass, in three steps: the plan of a pass, the pass with everything laid on it, and the pass
 * placed in the song. What passes look like that have the same bars and rules is worked out once, and those that differ are
 * worked out side by side on all processors; what they share remembers what it found and is safe for that.
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
    private final Map<Optional<Raise>, Strings> strings = new ConcurrentHashMap<>();
    private final Map<Key, PassFrame> frames = new ConcurrentHashMap<>();
    private final Map<LaidKey, LaidPass> laid = new ConcurrentHashMap<>();
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
    private record Turn(int use, int pass, int count, Key key) {}

    private void layPasses() {
        List<Turn> turns = turns();
        distinct(turns).parallelStream().forEach(turn -> frames.put(turn.key(), plan(turn)));
        List<Optional<Pattern>> following = IntStream.range(0, turns.size())
                .mapToObj(i -> i + 1 < turns.size() ? beginning(turns.get(i + 1)) : Optional.<Pattern>empty())
                .toList();
        layAhead(turns, following);
        List<Placing> placings = placings(turns, following);
        List<PlacedPass> placed =
                placings.parallelStream().map(each -> each.placed(tempo)).toList();
        for (int i = 0; i < placings.size(); i++) {
            Placing placing = placings.get(i);
            add(placed.get(i));
            Turn turn = placing.turn();
            addOffers(
                    passes.situation(turn.use(), turn.pass()),
                    placing.laid(),
                    placing.from().at());
        }
    }

    /** A pass that has been laid, and where it goes. */
    private record Placing(Turn turn, LaidPass laid, List<TempoMap.Pause> pauses, SongPosition from) {

        PlacedPass placed(Tempo tempo) {
            var place = new PassPlacing.Turn(turn.use(), turn.pass(), turn.count());
            return PassPlacing.of(laid, place, from, tempo, pauses);
        }

        /** Where the next pass begins. */
        SongPosition after() {
            Length held = pauses.stream().map(TempoMap.Pause::extra).reduce(from.held(), Length::plus);
            return new SongPosition(
                    from.at().plus(laid.bars().length()),
                    from.bar() + laid.bars().bars(),
                    from.span() + laid.spans().size(),
                    held,
                    lead());
        }

        private Optional<SongPosition.Lead> lead() {
            Strings strings = laid.frame().strings();
            if (laid.spans().isEmpty())
                return from.before().map(lead -> new SongPosition.Lead(lead.chord(), lead.start(), strings));
            LaidSpan last = laid.spans().getLast();
            return Optional.of(new SongPosition.Lead(last.chord(), from.at().plus(last.start()), strings));
        }
    }

    private List<Placing> placings(List<Turn> turns, List<Optional<Pattern>> following) {
        var placings = new ArrayList<Placing>();
        Optional<LaidPass.GoingOn> goingOn = Optional.empty();
        for (int i = 0; i < turns.size(); i++) {
            LaidPass pass = laid(turns.get(i), goingOn, following.get(i));
            goingOn = pass.goingOn();
            SongPosition from =
                    placings.isEmpty() ? start(pass) : placings.getLast().after();
            placings.add(new Placing(turns.get(i), pass, Pacing.of(pass, tempo), from));
        }
        if (!placings.isEmpty()) length = placings.getLast().after().at();
        return placings;
    }

    private List<Turn> turns() {
        var turns = new ArrayList<Turn>();
        for (int use = 0; use < song.uses().size(); use++) {
            int count = passes.count(use);
            for (int pass = 1; pass <= count; pass++) {
                BitSet indices = book.in(passes.situation(use, pass));
                var key = new Key(
                        song.uses().get(use).section(), passes.excepts(use, pass), passes.hasTag(use, pass), indices);
                turns.add(new Turn(use, pass, count, key));
            }
        }
        return turns;
    }

    /** One turn for each key. */
    private static List<Turn> distinct(List<Turn> turns) {
        var first = new LinkedHashMap<Key, Turn>();
        turns.forEach(turn -> first.putIfAbsent(turn.key(), turn));
        return List.copyOf(first.values());
    }

    private Optional<Pattern> beginning(Turn turn) {
        return PassLayout.beginning(frames.get(turn.key()), forms);
    }

    /** Lays all passes side by side as they are where no round goes on from the pass before, which is rare. */
    private void layAhead(List<Turn> turns, List<Optional<Pattern>> following) {
        IntStream.range(0, turns.size())
                .boxed()
                .collect(Collectors.toMap(
                        i -> new LaidKey(
                                turns.get(i).key(),
                                Optional.empty(),
                                following.get(i).map(Pattern::id)),
                        i -> i,
                        (one, _) -> one))
                .values()
                .parallelStream()
                .forEach(i -> laid(turns.get(i), Optional.empty(), following.get(i)));
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

    Parts parts() {
        return new Parts(strokes, second);
    }

    Length length() {
        return length;
    }

    Margin margin() {
        return new Margin(cues, sung, swells, words, paces(), offers);
    }

    /** The changes of tempo without those that change nothing. */
    private List<Margin.PaceAt> paces() {
        var changes = new ArrayList<Margin.PaceAt>();
        Optional<Pace> now = Optional.empty();
        for (int i = 0; i < paces.size(); i++) {
            Margin.PaceAt each = paces.get(i);
            // A pass begins at the song's tempo, and at another one at once.
            boolean isPassing = i + 1 < paces.size() && paces.get(i + 1).at().equals(each.at());
            if (isPassing) continue;
            if (!each.pace().equals(now)) changes.add(each);
            now = each.pace();
        }
        return changes;
    }

    private LaidPass laid(Turn turn, Optional<LaidPass.GoingOn> before, Optional<Pattern> next) {
        var key = new LaidKey(turn.key(), before, next.map(Pattern::id));
        return laid.computeIfAbsent(key, _ -> PassLayout.of(frames.get(turn.key()), forms, before, next));
    }

    private PassFrame plan(Turn turn) {
        List<Rule> rules = book.at(turn.key().rules());
        Numbered written = passes.numbered(turn.use(), turn.pass());
        var raise = RuleBook.decide(
                        rules.stream()
                                .filter(rule -> rule.where().part().isEmpty())
                                .toList(),
                        play -> play.raise())
                .flatMap(verdict -> verdict.winner().play().raise());
        Numbered raised = written.with(Raised.chords(song, written.section(), raise));
        Length round = passes.round(raised.section());
        Numbered section = ShapesHeld.in(song, raised, rules, round);
        List<Bounds> voice = section.section().sung();
        PassPlan plan = PassPlan.of(section, rules, round, voice);
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
                OptionalInt.empty(),
                0));
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
        Optional<SongPosition.Lead> lead = spans.stream()
                .findFirst()
                .map(span -> new SongPosition.Lead(
                        span.chord(), span.start(), first.frame().strings()));
        return new SongPosition(meter.length(), 1, spans.size(), Length.ZERO, lead);
    }

    private void addOffers(Situation situation, LaidPass pass, Length from) {
        for (Margin.OfferAt each : OtherWays.in(alternatives, situation, pass)) {
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
        strokes.addAll(placed.parts().first());
        second.addAll(placed.parts().second());
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
