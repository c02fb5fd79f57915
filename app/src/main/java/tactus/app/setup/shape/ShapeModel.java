package tactus.app.setup.shape;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleIntegerProperty;
import tactus.app.setup.fact.SetUpModel;
import tactus.app.work.Aside;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.edit.Edit;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.shape.Fingering;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Shape;
import tactus.core.music.shape.StringRange;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Quantity;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.ChordMove;
import tactus.core.written.song.Song;

/** One chord's shape while it is being made: what it sounds as, what is wrong with it, and what else would do. */
public final class ShapeModel {

    private static final String FIELD = "shape ";

    private final Work work;
    private final Settings settings;
    private final Aside aside;
    private final SetUpModel setUp;
    private final ReadOnlyObjectWrapper<Optional<Chord>> chosen =
            new ReadOnlyObjectWrapper<>(this, "chosen", Optional.empty());
    private final ReadOnlyObjectWrapper<ShapeOffers> offers =
            new ReadOnlyObjectWrapper<>(this, "offers", ShapeOffers.NONE);
    private final IntegerProperty string = new SimpleIntegerProperty(this, "string", 1);
    private Optional<ShapeOffers.Question> asked = Optional.empty();
    private OptionalInt typed = OptionalInt.empty();

    public ShapeModel(Work work, Settings settings, Aside aside) {
        this.work = work;
        this.settings = settings;
        this.aside = aside;
        setUp = new SetUpModel(work, settings);
        work.stateProperty().subscribe(_ -> follow());
        settings.handProperty().subscribe(_ -> ask());
        settings.scaleLengthProperty().subscribe(_ -> ask());
        string.subscribe(_ -> typed = OptionalInt.empty());
    }

    /** Stays on the chord of the same name; one that is gone makes room for the first. */
    private void follow() {
        Song song = work.song();
        chosen.set(chosen.get()
                .flatMap(chord -> song.chord(chord.name()))
                .or(() -> song.chords().stream().findFirst()));
        string.set(Math.min(string.get(), strings()));
        ask();
    }

    private int strings() {
        return Math.max(1, chosen.get().map(chord -> chord.voicing().strings()).orElse(1));
    }

    private void ask() {
        Optional<ShapeOffers.Question> question =
                chosen.get().map(chord -> new ShapeOffers.Question(chord, tuning(), neck(), hand()));
        if (question.equals(asked)) return;
        asked = question;
        question.ifPresentOrElse(
                each -> aside.run(() -> {
                    ShapeOffers found = ShapeOffers.to(each);
                    return () -> {
                        if (asked.filter(each::equals).isPresent()) offers.set(found);
                    };
                }),
                () -> offers.set(ShapeOffers.NONE));
    }

    private Tuning tuning() {
        return work.song().facts().tuning();
    }

    /** The neck with the song's capo. */
    Neck neck() {
        return settings.neck(work.song().facts().capo());
    }

    FrettingHand hand() {
        return settings.handProperty().get();
    }

    public ReadOnlyObjectProperty<Optional<Chord>> chosenProperty() {
        return chosen.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<ShapeOffers> offersProperty() {
        return offers.getReadOnlyProperty();
    }

    /** The string that is written on, from 1, the highest-sounding. */
    public IntegerProperty stringProperty() {
        return string;
    }

    /** Chooses the chord called {@code name}, if there is one. */
    public void choose(String name) {
        work.song().chord(name).ifPresent(chord -> {
            work.endTyping();
            chosen.set(Optional.of(chord));
            string.set(Math.min(string.get(), strings()));
            ask();
        });
    }

    /** Chooses the chord {@code step} places on. */
    public void chooseNext(int step) {
        List<Chord> chords = work.song().chords();
        if (chords.isEmpty()) return;
        int at = chosen.get().map(chords::indexOf).orElse(0) + step;
        choose(chords.get(Math.clamp(at, 0, chords.size() - 1)).name());
    }

    /** Goes {@code step} strings up or down as they are drawn. */
    public void moveString(int step) {
        int toward = settings.lowStringOnTopProperty().get() ? -step : step;
        string.set(Math.clamp(string.get() + toward, 1, strings()));
    }

    /** Types a digit of a fret: 1 and 2 after each other are 12, if the neck goes so far. */
    public void typeDigit(int digit) {
        int both = typed.orElse(0) * 10 + digit;
        int fret = both <= Voicing.HIGHEST_FRET ? both : digit;
        setFret(string.get(), fret);
        typed = OptionalInt.of(fret);
    }

    /** Holds {@code onString} at {@code fret}. */
    public void setFret(int onString, int fret) {
        edit(voicing -> voicing.with(onString, fret));
        typed = OptionalInt.empty();
    }

    /** Moves the finger on the string along by {@code step} frets; from a string that is not played to an open one. */
    public void shiftFret(int step) {
        edit(voicing -> {
            int fret = voicing.fret(string.get()).orElse(Voicing.NOT_PLAYED);
            return voicing.with(string.get(), Math.clamp(fret + step, Voicing.NOT_PLAYED, Voicing.HIGHEST_FRET));
        });
    }

    public void leaveOut() {
        setFret(string.get(), Voicing.NOT_PLAYED);
    }

    /** A press on the neck: puts a finger there, or takes off the one that is there. */
    public void press(int onString, int fret) {
        string.set(onString);
        edit(voicing -> {
            int now = voicing.fret(onString).orElse(Voicing.NOT_PLAYED);
            if (now != fret) return voicing.with(onString, fret);
            return voicing.with(onString, fret == 0 ? Voicing.NOT_PLAYED : 0);
        });
    }

    private void edit(UnaryOperator<Voicing> change) {
        chosen.get().ifPresent(chord -> take(change.apply(chord.voicing())));
    }

    /** Takes {@code voicing} as the shape of the chosen chord. */
    public void take(Voicing voicing) {
        chosen.get().ifPresent(chord -> put(chord, chord.withVoicing(voicing).confirmed()));
    }

    private void put(Chord before, Chord after) {
        work.type(FIELD + before.name(), Edit.of("edit.shape", song -> song.withChord(after), before.name()));
    }

    /** Shapes of the chosen chord that are easier than the one it has. */
    public List<Shape> easierShapes() {
        return chosen.get()
                .map(chord -> offers.get().easier(chord, neck(), hand()))
                .orElse(List.of());
    }

    /** Takes the easier shape, if one was found. */
    public void takeStandIn() {
        offers.get().standIn().ifPresent(standIn -> take(standIn.shape().voicing()));
    }

    public Outcome setFrets(String text) {
        return Outcome.of(() -> {
            Voicing voicing = Voicing.parse(text);
            if (voicing.strings() != tuning().strings()) {
                throw new Refusal(
                        "voicing.shape-tuning",
                        text.strip(),
                        Quantity.of(Quantity.Unit.STRING, voicing.strings()),
                        tuning().strings());
            }
            take(voicing);
        });
    }

    /** Sets the fingers that are asked for; an empty text asks for none in particular. */
    public Outcome setFingers(String text) {
        return Outcome.of(() -> chosen.get()
                .ifPresent(chord -> put(
                        chord,
                        chord.withFingering(text.isBlank() ? Optional.empty() : Optional.of(Fingering.parse(text))))));
    }

    /** Sets the strings that strokes reach; an empty text says all of them. */
    Outcome setStrummed(String text) {
        return Outcome.of(() -> chosen.get()
                .ifPresent(chord -> put(
                        chord,
                        chord.withStrummed(text.isBlank() ? Optional.empty() : Optional.of(StringRange.parse(text))))));
    }

    /** Lets fingers move on the chord whatever is played: {@code 1 1.0, 1& 1h2}. */
    Outcome setMoves(String text) {
        return Outcome.of(() -> chosen.get().ifPresent(chord -> put(chord, chord.withMoves(ChordMove.parse(text)))));
    }

    /** Adds chords by their names, {@code G D Em C}, with their usual shapes, or by shapes, under the names they sound as. */
    public Outcome add(String text) {
        return Outcome.of(() -> {
            List<Chord> chords =
                    new ChordFromText(work.song(), setUp, settings.noteSchool(), otherShapes()).readAll(text);
            List<Chord> fresh = chords.stream()
                    .filter(chord -> work.song().chord(chord.name()).isEmpty())
                    .toList();
            String names = fresh.stream().map(Chord::name).collect(Collectors.joining(" "));
            if (!fresh.isEmpty()) work.change("edit.add", song -> with(song, fresh), names);
            choose(chords.getLast().name());
        });
    }

    /** Shapes that are looked for where a name has one already. */
    private Function<ChordName, List<Voicing>> otherShapes() {
        return name -> new ShapeSearch(tuning(), neck().withCapo(0), hand())
                .find(name, 12).stream().map(Shape::voicing).toList();
    }

    private static Song with(Song song, List<Chord> added) {
        Song next = song;
        for (Chord chord : added) next = next.withChord(chord);
        return next;
    }

    /** Calls the chosen chord {@code text}, here and in every section. */
    public Outcome rename(String text) {
        return Outcome.of(() -> chosen.get().ifPresent(chord -> {
            String typed = text.strip().replaceAll("\\s*@\\s*", "@").replaceAll("(?<=\\S)\\s+(?=\\S)", "-");
            String name = Chord.checkedName(Chord.labelledAs(
                    typed,
                    ChordName.parse(Chord.plainName(typed), settings.noteSchool())
                            .toString()));
            if (name.equals(chord.name())) return;
            if (work.song().chord(name).isPresent()) {
                throw new Refusal("shape.there-already", name);
            }
            chosen.set(Optional.of(chord.withName(name)));
            work.change(
                    "edit.rename",
                    song -> song.withChordsRenamed(each -> each.equals(chord.name()) ? name : each),
                    chord.name());
        }));
    }

    /** Calls the chosen chord what it sounds as. */
    public Outcome callAsItSounds() {
        return shape().flatMap(shape -> shape.names().stream().findFirst())
                .map(best -> rename(best.name().written(settings.noteSchool())))
                .orElse(Outcome.DONE);
    }

    /** Takes the shape that the program offers for the chosen chord as one's own. */
    public void keep() {
        chosen.get().filter(Chord::isOffered).ifPresent(chord -> put(chord, chord.confirmed()));
    }

    /** Takes the chosen chord out; sections that name it are silent there. */
    public void removeChosen() {
        chosen.get()
                .ifPresent(chord -> work.change("edit.delete", song -> song.withoutChord(chord.name()), chord.name()));
    }

    /** The chosen shape as it sounds and as this hand holds it. */
    public Optional<ChosenShape> shape() {
        return chosen.get().map(chord -> new ChosenShape(chord, work.song().facts(), neck(), hand()));
    }
}
