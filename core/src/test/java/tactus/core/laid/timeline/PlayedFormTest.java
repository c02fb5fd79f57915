package tactus.core.laid.timeline;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static tactus.core.written.song.SongFixture.PATTERN;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import tactus.core.laid.picture.Passage;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/** What is said of a pattern is what is heard of it. */
class PlayedFormTest {

    private static final PatternId SHORT = new PatternId("short");
    private static final SectionId CHORUS = new SectionId("chorus");

    private static Song withShort() {
        Song song = song("4/4 4/4", "C: 2 beats, G: 2 beats, C: 1 bar", "d-du-udu");
        Pattern half = Pattern.empty(SHORT, "P, short", Meter.of(4, 4))
                .withBeats(2)
                .withLine("b-du")
                .withForm(Optional.of(new Form(PATTERN, Form.Derivation.SHORT_FIRST_HALF, true)));
        return song.withPattern(half);
    }

    private static List<String> played(Song song) {
        return PlayedForm.of(song, Timeline.of(song)).stream()
                .map(each -> each.pattern().name() + " " + each.pattern().line() + " "
                        + each.form().equals(FormChoice.FULL))
                .toList();
    }

    /** It was printed as "P, short, short": one beat, one stroke. */
    @Test
    void aFormThatIsKeptIsNotFormedAgain() {
        assertEquals(List.of("P d-du-udu true", "P, short b-du true"), played(withShort()));
        Song asked = withShort().withRule(English.rule(withShort(), "Verse, chord 1: P, short, short form"));
        assertEquals(List.of("P d-du-udu true", "P, short b-du true"), played(asked));
    }

    @Test
    void aFormThatIsDerivedIsStillOne() {
        Song song = song("4/4", "C: 1 bar", "d-du-udu");
        Song light = song.withRule(English.rule(song, "Verse: only beats form"));
        assertEquals(List.of("P d-d---d- false"), played(light));
    }

    /** The middle finger was drawn on string 1, where it goes if there is no ring finger, and heard on string 2. */
    @Test
    void inAFormTheFingersStayOnTheirStrings() {
        Song song = song("4/4", "D: 1 bar", "pamipami").withChord(new Chord("D", Voicing.parse("xx0232")));
        Song beats = song.withRule(English.rule(song, "Verse: only beats form"));
        Timeline timeline = Timeline.of(beats);
        PlayedForm form = PlayedForm.of(beats, timeline).getFirst();
        Passage picture = Passage.of(
                form.pattern(),
                form.whole(beats),
                beats.facts().held(beats.chord("D").orElseThrow()),
                "D");
        assertEquals(
                "4 2 4 2",
                picture.slots().stream()
                        .flatMap(slot -> slot.fingers().stream())
                        .map(finger -> "" + finger.string())
                        .collect(Collectors.joining(" ")));
        assertEquals(
                "4 2 4 2",
                timeline.strokes().stream()
                        .flatMap(stroke -> stroke.strings().stream())
                        .map(struck -> "" + struck.string())
                        .collect(Collectors.joining(" ")));
    }

    /** The line under a pattern's name was taken from rules that nothing came of. */
    @Test
    void whereAPatternIsPlayedIsWhereItIsHeard() {
        Song song = withShort();
        Song two = song.withSection(song.section(VERSE).orElseThrow().copiedAs(CHORUS, "Chorus"))
                .withOrder(List.of(VERSE, CHORUS, VERSE));
        Song beaten =
                two.withRule(English.rule(two, "Chorus: P, short")).withRule(English.rule(two, "Chorus, bars 1-2: P"));
        Timeline timeline = Timeline.of(beaten);
        assertEquals(List.of(VERSE, CHORUS), PlayedForm.sections(beaten, timeline, PATTERN));
        Song silent = two.withRule(English.rule(two, "Chorus: silence"));
        assertEquals(List.of(VERSE), PlayedForm.sections(silent, Timeline.of(silent), SHORT));
    }
}
