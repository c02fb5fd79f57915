package tactus.formats;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import tactus.core.groove.Groove;
import tactus.core.pattern.FingerMove;
import tactus.core.pattern.Form;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternFrame;
import tactus.core.pattern.PatternId;
import tactus.core.pattern.Story;
import tactus.core.picking.PickingHand;
import tactus.core.pitch.ConcertPitch;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.Key;
import tactus.core.pitch.Spelling;
import tactus.core.pitch.Tuning;
import tactus.core.shape.Fingering;
import tactus.core.shape.StringRange;
import tactus.core.shape.Voicing;
import tactus.core.song.ChangeCount;
import tactus.core.song.Chord;
import tactus.core.song.Facts;
import tactus.core.song.Section;
import tactus.core.song.SectionId;
import tactus.core.song.Song;
import tactus.core.song.Span;
import tactus.core.song.SpanLength;
import tactus.core.stroke.Hand;
import tactus.core.stroke.Role;
import tactus.core.time.Division;
import tactus.core.time.Feel;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;

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
                .withForm(Optional.of(new Form(march.id(), Form.Rule.LIGHT_BEATS, true)));
        var verse = new Section(
                new SectionId("verse"),
                "Verse",
                Collections.nCopies(4, FOUR),
                List.of(
                        new Span("C", SpanLength.bars(2)),
                        new Span("Bb", SpanLength.parse("3/2 beats")),
                        new Span("C", SpanLength.parse("13/2 beats"))),
                2,
                Optional.of(march.id()),
                Optional.of(drive.id()));
        var short2 = new Section(
                new SectionId("turn"),
                "Turn",
                List.of(FOUR, Meter.parse("2/4"), FOUR),
                List.of(new Span("C", SpanLength.bars(3))),
                1,
                Optional.empty(),
                Optional.empty());
        return new Song(
                new Facts(
                        "Sample",
                        "A note",
                        Key.parse("D"),
                        Spelling.FLATS,
                        new Instrument(Tuning.parse("D2 A2 D3 G3 B3 E4"), 0, 2, new ConcertPitch(442)),
                        new Tempo(92.5, Length.QUARTER),
                        FOUR,
                        Optional.of(Groove.parse("(kh)h(sh)h(kh)h(sh)-", FOUR, 4))),
                List.of(
                        new Chord("C", Voicing.parse("x32010")),
                        new Chord(
                                "Bb",
                                Voicing.parse("x-1-3-3-3-1"),
                                Optional.of(Fingering.parse("x13331")),
                                Optional.of(StringRange.parse("5-2")))),
                List.of(march, drive, picked, light),
                List.of(verse, short2),
                List.of(verse.id(), short2.id(), verse.id()),
                List.of(new ChangeCount("C", "Bb", 24)));
    }
}
