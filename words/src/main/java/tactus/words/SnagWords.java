package tactus.words;

import java.util.Optional;
import java.util.stream.Collectors;
import tactus.core.comparison.SideBySide;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.section.Section;
import tactus.core.section.SectionId;
import tactus.core.snag.PatternSnag;
import tactus.core.snag.PlayedSnag;
import tactus.core.snag.RuleSnag;
import tactus.core.snag.SecondPartSnag;
import tactus.core.snag.SectionSnag;
import tactus.core.snag.SetUpSnag;
import tactus.core.snag.SlipSnag;
import tactus.core.snag.Snag;
import tactus.core.snag.SnagPlace;
import tactus.core.snag.WordedSnag;
import tactus.core.song.Song;
import tactus.core.stroke.Mute;
import tactus.core.stroke.Stroke;
import tactus.core.time.Length;
import tactus.core.time.Quantity;
import tactus.core.time.Slot;

/** The snags of a song in words: where each is, what is wrong, and what was counted. */
public final class SnagWords {

    /** More places than these are as good as none. */
    private static final int MOST_PLACES = 4;

    private final Song song;
    private final SongWords words;

    public SnagWords(Song song) {
        this.song = song;
        words = new SongWords(song);
    }

    /** {@code Verse, bar 3: the chords last 7 beats ...}. */
    public String of(Snag snag) {
        return Words.of("snag.at", where(snag), sentence(snag));
    }

    /** What was counted: {@code beats of the chords 7}. */
    public String numbers(Snag snag, String between) {
        return snag.numbers().stream()
                .map(number -> label(number) + " " + number.value())
                .collect(Collectors.joining(between));
    }

    /** What a number is. */
    public static String label(Snag.Number number) {
        return Words.of("number." + number.code());
    }

    /** The place as a person would say it: {@code Verse, bar 3}. */
    public String where(Snag snag) {
        return switch (snag) {
            case SetUpSnag.StringTooTight _ -> Words.of("where.tuning");
            case SetUpSnag.CapoTooHigh _ -> Words.of("where.capo");
            case SetUpSnag.WrongShape shape -> Words.of("where.chord", shape.chord());
            case SetUpSnag.TwoNames names -> Words.of("where.chord", names.chord());
            case SetUpSnag.NotUsed chord -> Words.of("where.chord", chord.chord());
            case SetUpSnag.OtherStandIn standIn -> Words.of("where.chord", standIn.chord());
            case SetUpSnag.NeedlessMove move -> Words.of("where.chord", move.chord());
            case SetUpSnag.OtherKey _ -> Words.of("where.key");
            case SectionSnag.NoBarsLeft except -> words.use(except.use());
            case SectionSnag.NotThere part -> part.part();
            case SectionSnag.Uneven uneven -> section(uneven.section());
            case SectionSnag.RoundsOfNothing rounds -> section(rounds.section());
            case SlipSnag.LetterAway chord -> section(chord.section());
            case SlipSnag.NoHalf half -> section(half.section());
            case SlipSnag.BeyondBars mark -> section(mark.section());
            case SlipSnag.StopUnlike stop -> section(stop.section());
            case SectionSnag.LengthsOpen open -> section(open.section());
            case SectionSnag.NoShape chord -> section(chord.section());
            case SectionSnag.SameName same -> section(same.section());
            case SectionSnag.UnlikeSibling sibling -> section(sibling.section());
            case SectionSnag.OddLength odd -> section(odd.section());
            case WordedSnag.TwoNumbers string -> where(string.place());
            case WordedSnag.NoSuspension none -> pattern(none.pattern());
            case RuleSnag.NothingSaid silent -> section(silent.section());
            case RuleSnag.Contradiction rule -> words.of(rule.winner().where());
            case RuleSnag.NeverHolds rule -> words.of(rule.rule().where());
            case PatternSnag.AgainstTheHand stroke -> where(stroke.pattern(), stroke.slot());
            case PatternSnag.WrongString string -> where(string.pattern(), string.slot());
            case PatternSnag.SameWords same -> pattern(same.pattern());
            case PatternSnag.SameRhythm same -> pattern(same.pattern());
            case PatternSnag.StrayMove move -> where(move.pattern(), move.slot());
            case PatternSnag.IdleMove move -> where(move.pattern(), move.slot());
            case PlayedSnag played -> where(played);
            case SecondPartSnag.Uneven uneven -> section(uneven.section());
            case SecondPartSnag.OffChord off -> section(off.section());
        };
    }

    private String where(PlayedSnag snag) {
        return switch (snag) {
            case PlayedSnag.Cut cut ->
                cut.beat().equals(Length.WHOLE)
                        ? Words.of("where.bar", section(cut.section()), cut.bar())
                        : Words.of("where.beat", section(cut.section()), cut.bar(), cut.beat());
            case PlayedSnag.Stop stop -> Words.of("where.bar", section(stop.section()), stop.bar());
            case PlayedSnag.NotStruck chord -> Words.of("where.bar", section(chord.section()), chord.bar());
            case PlayedSnag.TooFast fast -> pattern(fast.pattern());
            case PlayedSnag.TooQuick quick ->
                Words.of("where.change", quick.change().from(), quick.change().to());
            case PlayedSnag.OtherLength _ -> Words.of("where.length");
        };
    }

    private String where(SnagPlace place) {
        return switch (place) {
            case SnagPlace.InSection(SectionId id, int bar, int _) -> Words.of("where.bar", section(id), bar + 1);
            case SnagPlace.InPattern(PatternId id, int _) -> pattern(id);
            case SnagPlace.InChord(String chord) -> Words.of("where.chord", chord);
            case SnagPlace.InUse _, SnagPlace.InRules _, SnagPlace.InFacts _ -> Words.of("where.note");
        };
    }

    private String where(PatternId pattern, Slot slot) {
        return slot.bar() > 0
                ? Words.of("where.pattern-bar-count", pattern(pattern), slot.bar() + 1, slot.count())
                : Words.of("where.pattern-count", pattern(pattern), slot.count());
    }

    private String section(SectionId id) {
        return song.section(id).map(Section::name).orElse(id.value());
    }

    private String pattern(PatternId id) {
        return song.pattern(id).map(Pattern::name).orElse(id.value());
    }

    /** What is wrong, in plain words. */
    public String sentence(Snag snag) {
        return switch (snag) {
            case SetUpSnag setUp -> sentence(setUp);
            case SectionSnag section -> sentence(section);
            case SlipSnag slip -> sentence(slip);
            case RuleSnag rule -> sentence(rule);
            case WordedSnag worded -> sentence(worded);
            case PatternSnag pattern -> sentence(pattern);
            case PlayedSnag played -> new PlayedSnagWords(song).sentence(played);
            case SecondPartSnag second -> new PlayedSnagWords(song).sentence(second);
        };
    }

    private static String sentence(SetUpSnag snag) {
        return switch (snag) {
            case SetUpSnag.StringTooTight tight ->
                Words.of(
                                "snag.string-too-tight",
                                tight.string(),
                                count(Quantity.Unit.SEMITONE, tight.semitones()),
                                tight.percent())
                        + tight.instead()
                                .map(advice -> Words.of(
                                        "snag.tune-instead", advice.tuning().notes(), advice.capo()))
                                .orElse("");
            case SetUpSnag.CapoTooHigh(int capo) -> Words.of("snag.capo-too-high", capo);
            case SetUpSnag.WrongShape shape -> Words.say(shape.fault());
            case SetUpSnag.TwoNames names ->
                Words.of(
                        names.isSameShape() ? "snag.two-names" : "snag.two-names-two-shapes",
                        names.chord(),
                        names.other());
            case SetUpSnag.NotUsed chord -> Words.of("snag.not-used", chord.chord());
            case SetUpSnag.OtherStandIn standIn ->
                Words.of("snag.other-stand-in", standIn.version(), standIn.chord(), standIn.voicing());
            case SetUpSnag.NeedlessMove move ->
                move.stray()
                        .map(note -> Words.of("snag.chord-move-stray", move.at(), note))
                        .orElseGet(() -> Words.of("snag.chord-move-idle", move.at()));
            case SetUpSnag.OtherKey key -> Words.of("snag.other-key", key.stated(), key.sounding());
        };
    }

    private String sentence(SectionSnag snag) {
        return switch (snag) {
            case SectionSnag.Uneven uneven -> uneven(uneven);
            case SectionSnag.RoundsOfNothing _ -> Words.of("snag.rounds-of-nothing");
            case SectionSnag.LengthsOpen open -> Words.of("snag.lengths-open", open.chords());
            case SectionSnag.NoShape chord -> Words.of("snag.no-shape", chord.chord());
            case SectionSnag.NoBarsLeft except ->
                Words.of("snag.no-bars-left", words.of(except.except()), section(except.section()));
            case SectionSnag.SameName same ->
                Words.of(
                        "snag.same-name",
                        section(same.section()),
                        count(Quantity.Unit.PLACE, same.places()),
                        sides(same.first()));
            case SectionSnag.UnlikeSibling slip -> {
                int more = slip.bars() - slip.siblingBars();
                yield Words.of(
                        more > 0 ? "snag.more-than" : "snag.fewer-than",
                        count(Quantity.Unit.BAR, Math.abs(more)),
                        section(slip.sibling()),
                        sides(slip.line()));
            }
            case SectionSnag.OddLength odd -> odd(odd);
            case SectionSnag.NotThere part ->
                Words.of(part.isWritten() ? "snag.planned-written" : "snag.planned", part.part());
        };
    }

    private String sentence(SlipSnag snag) {
        return switch (snag) {
            case SlipSnag.LetterAway chord ->
                Words.of("snag.letter-away", chord.chord(), chord.bar() + 1, chord.likely(), chord.times());
            case SlipSnag.NoHalf half ->
                Words.of(
                        "snag.no-half",
                        count(Quantity.Unit.BAR, half.bars()),
                        section(half.whole()),
                        count(Quantity.Unit.BAR, half.wholeBars()));
            case SlipSnag.BeyondBars mark -> Words.of("snag.beyond-bars", mark.mark(), mark.bar(), mark.bars());
            case SlipSnag.StopUnlike stop ->
                Words.of(
                        "snag.stop-unlike",
                        Words.count(Quantity.beats(stop.beats())),
                        Words.count(Quantity.beats(stop.others())),
                        stop.times());
        };
    }

    private static String sentence(WordedSnag snag) {
        return switch (snag) {
            case WordedSnag.TwoNumbers string ->
                Words.of("snag.two-numbers", string.words(), string.right(), string.said());
            case WordedSnag.NoSuspension none -> Words.of("snag.no-suspension", none.chord());
        };
    }

    private static String uneven(SectionSnag.Uneven snag) {
        boolean over = snag.bars().isLessThan(snag.chords());
        Length difference =
                over ? snag.chords().minus(snag.bars()) : snag.bars().minus(snag.chords());
        return Words.of(
                over ? "snag.beats-too-many" : "snag.beats-missing",
                Words.count(Quantity.beats(snag.chords())),
                count(Quantity.Unit.BAR, snag.barCount()),
                snag.barCount(),
                Phrasing.number(snag.bars()),
                Words.count(Quantity.beats(difference)),
                Length.WHOLE.isLessThan(difference) ? 1 : 0);
    }

    private static String odd(SectionSnag.OddLength snag) {
        String what = Words.of(snag.bars() > snag.nearest() ? "snag.counted-twice" : "snag.forgotten");
        return Words.of(
                snag.others() < 2 ? "snag.odd-alone" : "snag.odd-length",
                count(Quantity.Unit.BAR, snag.bars()),
                count(Quantity.Unit.SECTION, snag.others()),
                snag.nearest(),
                snag.likeliest().size() > MOST_PLACES
                        ? what
                        : Words.of(
                                "snag.at-places",
                                what,
                                snag.likeliest().stream().map(SnagWords::of).collect(Collectors.joining("; "))));
    }

    private static String sides(SideBySide.Line line) {
        return Words.of("snag.side", held(line.left()), held(line.right()));
    }

    private static String held(Optional<SideBySide.Held> held) {
        return held.map(SnagWords::of).orElse(Words.of("snag.held-nothing"));
    }

    /** {@code bar 3: Am, 1 bar}. */
    public static String of(SideBySide.Held held) {
        return Words.of("snag.held", held.bar(), held.chord(), Words.value(held.length()));
    }

    private String sentence(RuleSnag snag) {
        return switch (snag) {
            case RuleSnag.NothingSaid silent ->
                Words.of("snag.nothing-said", silent.chord(), count(Quantity.Unit.CHORD, silent.count()));
            case RuleSnag.Contradiction rules ->
                Words.of(
                        "snag.contradiction",
                        words.rules().of(rules.beaten().play()),
                        words.rules().of(rules.winner().play()));
            case RuleSnag.NeverHolds rule -> Words.of("snag.never-holds", words.of(rule.rule()));
        };
    }

    private String sentence(PatternSnag snag) {
        return switch (snag) {
            case PatternSnag.AgainstTheHand against ->
                against.hand()
                        .map(way -> Words.of("snag.against-the-hand", stroke(against.stroke()), Words.value(way)))
                        .orElseGet(() -> Words.of("snag.beside-the-hand", stroke(against.stroke()), against.rate()));
            case PatternSnag.WrongString string ->
                switch (string.how()) {
                    case NO_STRING -> Words.of("snag.no-string", string.string());
                    case LEFT_OUT -> Words.of("snag.left-out", string.chord(), string.voicing(), string.string());
                    case OFF_CHORD -> Words.of("snag.off-chord", string.chord(), string.string());
                };
            case PatternSnag.SameWords same -> Words.of("snag.same-words", same.said(), pattern(same.other()));
            case PatternSnag.SameRhythm same -> Words.of("snag.same-rhythm", pattern(same.other()));
            case PatternSnag.StrayMove stray ->
                Words.of(
                        "snag.move-stray",
                        stray.chord(),
                        stray.note(),
                        stray.move().string(),
                        stray.move().fret().orElse(0));
            case PatternSnag.IdleMove idle ->
                Words.of(
                        !idle.isUnheard()
                                ? "snag.move-idle"
                                : idle.chords().isEmpty() ? "snag.move-unheard" : "snag.move-unheard-on",
                        idle.move().string(),
                        idle.move().fret().orElse(0),
                        String.join(", ", idle.chords()));
        };
    }

    /** {@code up stroke}, {@code mute (up)}. */
    private static String stroke(Stroke stroke) {
        String way = stroke.way().map(Words::value).orElse("");
        return Words.of(stroke instanceof Mute ? "snag.mute" : "snag.strum", way);
    }

    private static String count(Quantity.Unit unit, long number) {
        return Words.count(Quantity.of(unit, number));
    }
}
