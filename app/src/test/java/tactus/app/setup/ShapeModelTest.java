package tactus.app.setup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.app.setup.shape.ChosenShape;
import tactus.app.setup.shape.ShapeModel;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Shape;
import tactus.core.music.shape.Voicing;
import tactus.core.written.harmony.Chord;
import tactus.formats.demo.DemoSong;
import tactus.formats.font.ChordText;
import tactus.words.Words;

class ShapeModelTest {

    @TempDir
    private static Path folder;

    private final ModelFixture fixture = new ModelFixture(DemoSong.LANTERN_WALK, folder);
    private final ShapeModel model = new ShapeModel(fixture.work, fixture.settings, fixture.atOnce);

    private String shape() {
        return model.chosenProperty().get().orElseThrow().voicing().toString();
    }

    private void type(int... digits) {
        for (int digit : digits) model.typeDigit(digit);
    }

    @Test
    void theFirstChordIsChosenAtFirstAndTheLastOneEndsTheRow() {
        assertEquals("C", model.chosenProperty().get().orElseThrow().name());
        model.chooseNext(99);
        assertEquals("G/B", model.chosenProperty().get().orElseThrow().name());
        model.chooseNext(-99);
        assertEquals("C", model.chosenProperty().get().orElseThrow().name());
    }

    @Test
    void digitsGoTogetherWhileTheyMakeAFret() {
        model.stringProperty().set(5);
        type(1, 2);
        assertEquals("x-12-2-0-1-0", shape());
        type(3);
        assertEquals("x32010", shape());
        type(2, 5);
        assertEquals("x52010", shape());
        type(0, 7);
        assertEquals("x72010", shape());
    }

    @Test
    void anotherStringBeginsAnotherNumber() {
        model.stringProperty().set(1);
        type(1);
        model.moveString(-1);
        type(2);
        assertEquals("x32021", shape());
    }

    @Test
    void stringsGoTheWayTheyAreDrawn() {
        model.stringProperty().set(3);
        model.moveString(-1);
        assertEquals(4, model.stringProperty().get());
        fixture.settings.lowStringOnTopProperty().set(false);
        model.moveString(-1);
        assertEquals(3, model.stringProperty().get());
        model.moveString(99);
        assertEquals(6, model.stringProperty().get());
    }

    @Test
    void aNameThatIsThereGetsAnotherShapeUnderALabelThatCanBeChanged() {
        assertTrue(model.add("C").isDone());
        Chord second = model.chosenProperty().get().orElseThrow();
        assertEquals("C@2", second.name());
        assertFalse(second.voicing().toString().equals("x32010"));
        assertTrue(model.rename(" C @ up the neck ").isDone());
        assertEquals("C@up-the-neck", model.chosenProperty().get().orElseThrow().name());
        assertEquals("C (up the neck)", ChordText.of("C@up-the-neck"));
        assertTrue(model.rename("C@?").refusal().map(Words::why).orElseThrow().contains("letters, digits and hyphens"));
        assertTrue(model.add("x35553").isDone());
        assertEquals("C@2", model.chosenProperty().get().orElseThrow().name(), "a third one, held as it was typed");
        assertEquals("x35553", shape());
        assertTrue(model.add("x35553").isDone());
        assertEquals(
                3,
                fixture.work.song().chords().stream()
                        .filter(chord -> Chord.plainName(chord.name()).equals("C"))
                        .count());
    }

    @Test
    void severalChordsAreAddedAtOnceOrNoneOfThem() {
        int before = fixture.work.song().chords().size();
        assertFalse(model.add("Dm7 | A7, no-chord-at-all").isDone());
        assertEquals(before, fixture.work.song().chords().size());
        assertTrue(model.add(" Dm7 | A7, C ;").isDone());
        assertEquals(before + 2, fixture.work.song().chords().size());
        assertEquals("C", model.chosenProperty().get().orElseThrow().name());
        fixture.work.undo();
        assertEquals(before, fixture.work.song().chords().size());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", ",", " | | ", ";,"})
    void aTextWithoutAnyChordIsAnsweredAndAddsNone(String text) {
        assertFalse(model.add(text).isDone());
        assertFalse(fixture.work.canUndoProperty().get());
    }

    @Test
    void aPressPutsAFingerAndASecondTakesItOff() {
        model.press(1, 3);
        assertEquals("x32013", shape());
        model.press(1, 3);
        assertEquals("x32010", shape());
        model.press(1, 0);
        assertEquals("x3201x", shape());
        model.press(6, 0);
        assertEquals("03201x", shape());
    }

    @Test
    void aFingerSlidesFromNotPlayedToTheLastFretAndNoFarther() {
        model.stringProperty().set(6);
        model.shiftFret(1);
        assertEquals("032010", shape());
        model.shiftFret(-1);
        model.shiftFret(-1);
        assertEquals("x32010", shape());
        model.setFret(6, 24);
        model.shiftFret(1);
        assertEquals("24-3-2-0-1-0", shape());
    }

    @Test
    void anotherShapeForgetsTheFingersThatWereAskedFor() {
        assertTrue(model.setFingers("x32010").isDone());
        model.take(Voicing.parse("x35553"));
        assertTrue(model.chosenProperty().get().orElseThrow().fingering().isEmpty());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "x3201|is for 5 strings, the tuning has 6",
                "x320z0|is not a shape such as x32010",
                "x-99-0-0-0-0|a fret must be 0 to 24"
            })
    void fretsThatCannotBeAreRefusedAndTheShapeStays(String frets, String reason) {
        assertTrue(model.setFrets(frets).refusal().map(Words::why).orElseThrow().contains(reason));
        assertEquals("x32010", shape());
    }

    @ParameterizedTest
    @CsvSource({"G, G is in the song already", "Cmja7, nearest names are Cmaj7", "'', is empty"})
    void aNameThatIsTakenOrUnreadableIsRefused(String name, String reason) {
        assertTrue(
                model.rename(name).refusal().map(Words::why).orElseThrow().contains(reason),
                model.rename(name).toString());
        assertEquals("C", model.chosenProperty().get().orElseThrow().name());
    }

    @Test
    void anotherNameReachesEverySectionAndStaysChosen() {
        assertTrue(model.rename("C(9)").isDone());
        assertEquals("Cadd9", model.chosenProperty().get().orElseThrow().name());
        assertTrue(fixture.song().sections().stream()
                .flatMap(section -> section.spans().stream())
                .noneMatch(span -> span.chord().equals("C")));
    }

    @Test
    void offersAreTheEasiestShapesBehindTheCapoForThisHand() {
        List<Shape> shapes = model.offersProperty().get().shapes();
        assertEquals(12, shapes.size());
        List<Integer> others = shapes.stream().skip(1).map(Shape::ease).toList();
        assertEquals(others.stream().sorted((a, b) -> b - a).toList(), others, "behind the one that teachers draw");
        fixture.settings.handProperty().set(new FrettingHand(55, false));
        assertTrue(model.offersProperty().get().shapes().stream()
                .allMatch(shape -> shape.grip().stretch() <= 55));
    }

    @Test
    void offersThatComeTooLateAreDropped() {
        var late = new ShapeModel(fixture.work, fixture.settings, fixture.waiting::add);
        late.choose("G");
        late.choose("F");
        fixture.compute();
        assertTrue(late.offersProperty()
                .get()
                .standIn()
                .orElseThrow()
                .shape()
                .voicing()
                .toString()
                .equals("xx3211"));
        assertTrue(late.offersProperty().get().shapes().stream()
                .anyMatch(shape -> shape.voicing().toString().equals("133211")));
    }

    @Test
    void theNotesStandBesideTheStringsAsTheNameSpellsThem() {
        model.add("D7");
        ChosenShape d7 = model.shape().orElseThrow();
        List<String> labels = IntStream.of(4, 3, 2, 1)
                .mapToObj(string -> d7.sounding(string).orElseThrow())
                .map(sounding -> sounding.note() + " " + sounding.degree())
                .toList();
        assertEquals(List.of("D 1", "A 5", "C ♭7", "F# 3"), labels);
        assertTrue(d7.sounding(6).isEmpty());
    }

    @Test
    void aChordTakenOutMakesRoomForTheFirst() {
        model.choose("F");
        model.removeChosen();
        assertEquals("C", model.chosenProperty().get().orElseThrow().name());
        assertTrue(fixture.song().chord("F").isEmpty());
        fixture.work.undo();
        assertTrue(fixture.song().chord("F").isPresent());
    }
}
