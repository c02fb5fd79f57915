package tactus.formats;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import tactus.core.music.pitch.ConcertPitch;
import tactus.core.music.pitch.Guitar;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Spelling;
import tactus.core.music.pitch.Tune;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.pitch.VoiceRange;
import tactus.core.music.shape.Fingering;
import tactus.core.music.shape.StringRange;
import tactus.core.music.shape.Voicing;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Role;
import tactus.core.music.time.Division;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.library.Level;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.pattern.Story;
import tactus.core.patterns.picking.FingerSchool;
import tactus.core.patterns.picking.PickingHand;
import tactus.core.patterns.picking.PickingStyle;
import tactus.core.patterns.picking.Strike;
import tactus.core.patterns.rhythm.CellWords;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.ChordMove;
import tactus.core.written.harmony.Loop;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Company;
import tactus.core.written.rule.Dynamic;
import tactus.core.written.rule.FitChoice;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Pace;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Raise;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.SecondGuitar;
import tactus.core.written.rule.ShapeChoice;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Cue;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.Syllable;
import tactus.core.written.section.Use;
import tactus.core.written.section.WordLine;
import tactus.core.written.song.Accepted;
import tactus.core.written.song.Arrangement;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.ChangeCount;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Handout;
import tactus.core.written.song.Heading;
import tactus.core.written.song.Hint;
import tactus.core.written.song.HintPlace;
import tactus.core.written.song.LessonNotes;
import tactus.core.written.song.Materials;
import tactus.core.written.song.Overlay;
import tactus.core.written.song.Pulse;
import tactus.core.written.song.Singing;
import tactus.core.written.song.SnagId;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;
import tactus.core.written.song.Versions;

/** A song with everything in it that a song can have. */
public final class SampleSong {

    public static final Meter FOUR = Meter.parse("4/4");

    private SampleSong() {}

    public static Song song() {
        Pattern march = Pattern.empty(new PatternId("march"), "March", FOUR)
                .withDivision(Division.FOUR)
                .withLine("dudu-udux---Us(ut)=")
                .withDivision(Division.TWO)
                .withHand(Hand.pendulum(Length.SIXTEENTH));
        Pattern drive = Pattern.empty(new PatternId("drive"), "Drive “ö”", Meter.parse("2+2+3/8"))
                .withLine("ddDdddD")
                .withHand(Hand.allDown(Length.EIGHTH));
        Pattern picked = Pattern.empty(new PatternId("picked"), "Picked", FOUR)
                .withFrame(PatternFrame.of(FOUR)
                        .withDivisionOf(3, Division.THREE)
                        .withFeel(Feel.TRIPLET_SWING)
                        .withPickup(1))
                .withLine("p_ i' (q a)! m~ 5:3 (d4-2) l f(10,)")
                .withMoves(2, List.of(FingerMove.parse("2h3"), FingerMove.parse("1/5")))
                .withMoves(4, List.of(FingerMove.parse("2.-")))
                .withPicking(PickingHand.FOLLOWING.withFixed(Role.INDEX, 3).withOverride("C", Role.ALTERNATE_BASS, 6))
                .withStory(Story.NEW.withOrigin(Story.Origin.HEARD).withSaid("thumb, index"));
        Pattern light = march.copiedAs(new PatternId("march-light"), "March, light")
                .withForm(Optional.of(new Form(march.id(), Form.Derivation.LIGHT_BEATS, true)));
        var verse = new Section(
                        new SectionId("verse"),
                        "Verse",
                        Collections.nCopies(4, FOUR),
                        List.of(
                                new Span("C", SpanLength.bars(2)),
                                new Span("Bb", new SpanLength.Beats(Length.of(3, 2))),
                                new Span("C", new SpanLength.Beats(Length.of(13, 2)))),
                        2)
                .withAliases(List.of("A part"))
                .withTag(Optional.of(new SectionId("turn")))
                .withVoice(List.of(Stretch.bars(1, 3), Stretch.ofCode("4.2")))
                .withKey(Optional.of(Key.parse("Em")))
                .withLoops(List.of(new Loop(0, 1, 2)))
                .withWords(List.of(new WordLine(List.of(
                        new Syllable(0, Length.of(3, 4), "oh", false),
                        new Syllable(1, Length.ZERO, "lan", true),
                        new Syllable(1, Length.QUARTER, "tern", false)))))
                .withCues(List.of(new Cue(0, 4, PassChoice.EVERY, "breathe"), new Cue(2, 1, PassChoice.LAST, "light")))
                .withSecond(List.of(picked.id(), march.id()));
        var short2 = new Section(
                new SectionId("turn"),
                "Turn",
                List.of(FOUR, Meter.parse("2/4"), FOUR),
                List.of(new Span("C", SpanLength.bars(3))),
                1);
        var bars = new Except.Bars(
                List.of(FOUR, FOUR), List.of(new Span("Bb", SpanLength.rounds(2))), List.of(new Loop(0, 1, 2)));
        var last = new Use(
                7,
                verse.id(),
                List.of(
                        Except.runs(3),
                        Except.otherBars(Stretch.last(2), bars),
                        new Except(PassChoice.LAST, new Except.ExtraBars(bars)),
                        new Except(PassChoice.of(2), new Except.LeftOut(Stretch.bars(1, 1))),
                        new Except(
                                PassChoice.LAST,
                                new Except.OtherWords(
                                        List.of(new WordLine(List.of(new Syllable(2, Length.ZERO, "home", false)))))),
                        new Except(PassChoice.of(1), new Except.OtherWords(List.of())),
                        Except.always(new Except.OtherVoice(List.of(Stretch.bars(2, 2))))));
        var week = Version.of("First week")
                .withStandIns(List.of(new Chord("Bb", Voicing.parse("xx3331"))))
                .with(Aspect.CAPO, Optional.of(0))
                .withPlain(true)
                .with(Aspect.COMPANY, Optional.of(Company.SECOND_GUITAR))
                .with(Aspect.KEY, Optional.of(Key.parse("A")))
                .with(Aspect.VOICE, Optional.of(Optional.of(VoiceRange.parse("G3-C5"))))
                .with(Aspect.TEMPO, Optional.of(new Tempo(70, Length.QUARTER)))
                .withMostStrokes(Optional.of(4))
                .withOverlay(Overlay.NONE
                        .withChords(List.of(new Chord("Em", Voicing.parse("022000"))))
                        .withSections(List.of(verse.withPasses(5)))
                        .withUses(
                                List.of(new Use(40, verse.id(), List.of(Except.runs(2)))), Optional.of(List.of(40, 7)))
                        .withDropped(List.of(new Rule(Where.in(verse.id()), Play.of(What.Event.HELD)))));
        return new Song(
                new Facts(
                        new Heading("Sample", "A note", Optional.of(Level.EASY), List.of("autumn", "two parts")),
                        Key.parse("D"),
                        Spelling.FLATS,
                        new Instrument(
                                Tuning.parse("D2 A2 D3 G3 B3 E4"), 0, 2, new ConcertPitch(442), Guitar.NYLON_STRINGS),
                        new Pulse(
                                new Tempo(92.5, Length.QUARTER),
                                FOUR,
                                1,
                                Optional.of(Groove.ofLine("(kh)h(sh)h(kh)h(sh)-", FOUR, 4))),
                        Company.BAND,
                        Optional.of(204.5),
                        new PickingStyle(FingerSchool.LOW_ON_SIX, Optional.of(Strike.THUMB_AND_INDEX)),
                        new Singing(
                                Optional.of(VoiceRange.parse("A3-E5")),
                                Optional.of(Tune.parse("D4-B4", Key.parse("D"))))),
                new Materials(
                        List.of(
                                new Chord("C", Voicing.parse("x32010")).withMoves(ChordMove.parse("3 2.0, 3& 2h1")),
                                new Chord(
                                        "Bb",
                                        Voicing.parse("x-1-3-3-3-1"),
                                        Optional.of(Fingering.parse("x13331")),
                                        Optional.of(StringRange.parse("5-2")))),
                        List.of(march, drive, picked, light)),
                new Arrangement(
                        List.of(verse, short2),
                        List.of(Use.of(1, verse.id()), Use.of(2, short2.id()), last),
                        rules(march.id(), drive.id(), verse.id())),
                new Versions(List.of(week), Optional.of("First week")),
                List.of(new ChangeCount("C", "Bb", 24)),
                new LessonNotes(
                        List.of("Verse", "Solo"),
                        List.of(new Accepted(new SnagId("length-odd", List.of("turn")), List.of("3"), "it is meant")),
                        List.of(
                                new Hint(new HintPlace.OfSong(), "breathe"),
                                new Hint(new HintPlace.OfChord("Bb"), "flat finger"),
                                new Hint(new HintPlace.OfChange("C", "Bb"), "slide “up”"),
                                new Hint(new HintPlace.OfPattern(march.id()), "loose"),
                                new Hint(new HintPlace.OfStroke(drive.id(), 2), "light"),
                                new Hint(new HintPlace.OfSection(verse.id()), "calm"),
                                new Hint(new HintPlace.OfBar(verse.id(), 3), "look up")),
                        List.of(CellWords.of(drive, "one two TEA one two three TEA")),
                        Handout.USUAL
                                .with(Handout.Part.PRACTICE, true)
                                .withEasier(true)
                                .with(new Handout.Reader("Ines", "28 November", "bars 1 to 4 at 70"))));
    }

    /** The same song without exceptions, events, versions and a second guitar. */
    public static Song plain() {
        Song whole = song();
        var verse = whole.sections().getFirst();
        return whole.withVersions(new Versions(whole.versions().all(), Optional.empty()))
                .withFacts(whole.facts().withPickup(0))
                .withRules(List.of(
                        whole.rules().getFirst(),
                        new Rule(Where.in(verse.id()).withPass(PassChoice.LAST), Play.pattern(new PatternId("drive")))))
                .withSections(List.of(
                        new Section(verse.id(), verse.name(), verse.bars(), verse.spans(), verse.passes()),
                        whole.sections().get(1)))
                .withOrder(whole.order());
    }

    private static List<Rule> rules(PatternId march, PatternId drive, SectionId verse) {
        Where here = Where.in(verse);
        return List.of(
                new Rule(here, Play.pattern(march)),
                new Rule(
                        here.withPass(PassChoice.LAST),
                        Play.pattern(drive).with(FormChoice.of(Form.Derivation.LAST_TIME))),
                new Rule(
                        here.withUse(UseChoice.entry(7)).withPart(new Part.OnChordFromEnd(1)),
                        Play.of(What.Event.STOP)),
                new Rule(here.withUse(UseChoice.LAST).withPart(new Part.InHalf(true)), Play.OPEN.with(FitChoice.CARRY)),
                new Rule(here.withPart(new Part.SharedBars()), Play.OPEN.with(FormChoice.FULL)),
                new Rule(
                        here.withPass(PassChoice.BUT_LAST).withPart(new Part.Voice(false)),
                        Play.OPEN.with(new Swell(Dynamic.SOFT, Dynamic.STRONG))),
                new Rule(
                        Where.EVERYWHERE.withVersion(Optional.of("First week")).withCompany(Optional.of(Company.BAND)),
                        Play.OPEN.with(new Raise(2, Raise.Way.SHAPES))),
                new Rule(here.withPart(new Part.InBars(Stretch.bars(2, 3))), Play.OPEN.withPause(Length.of(2))),
                new Rule(here.withPart(new Part.OnName("C", false)), Play.OPEN.with(FitChoice.CUT)),
                new Rule(
                        here.withPass(PassChoice.Group.EVEN)
                                .withPart(Part.both(new Part.Voice(true), new Part.OnName("Bb", true))),
                        Play.OPEN.with(FitChoice.SHORT)),
                new Rule(here, Play.OPEN.with(new Pace(Pace.Way.STEADY, 84))),
                new Rule(
                        here.withPart(new Part.InBars(Stretch.last(1))),
                        Play.OPEN.with(new Pace(Pace.Way.SLOWING, 60.5)).with(SecondGuitar.RESTS)),
                new Rule(here, Play.OPEN.with(new ShapeChoice(Optional.of("up")))),
                new Rule(here.withPass(PassChoice.LAST), Play.OPEN.with(ShapeChoice.USUAL)),
                new Rule(here, Play.OPEN.with(SecondGuitar.plays(march))),
                new Rule(here.withPart(new Part.OnChord(1)), Play.of(What.Event.HELD), true));
    }
}
