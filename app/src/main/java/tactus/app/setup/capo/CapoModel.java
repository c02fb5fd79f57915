package tactus.app.setup.capo;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import tactus.app.work.Aside;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.capo.CapoChoice;
import tactus.core.counsel.capo.CapoMove;
import tactus.core.counsel.capo.CapoPlan;
import tactus.core.counsel.capo.CapoSums;
import tactus.core.counsel.capo.KeyChange;
import tactus.core.counsel.capo.VoiceKeys;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Key;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** The places of the capo compared, for the song as it is; computed beside the window. */
public final class CapoModel {

    private final Work work;
    private final Settings settings;
    private final Aside aside;
    private final ReadOnlyObjectWrapper<Optional<CapoPlan>> plan =
            new ReadOnlyObjectWrapper<>(this, "plan", Optional.empty());
    private final ObjectProperty<OptionalInt> tunedDown =
            new SimpleObjectProperty<>(this, "tunedDown", OptionalInt.of(0));
    private final ObservableValue<Optional<VoiceKeys>> voiceKeys;
    private volatile Object asked;

    public CapoModel(Work work, Settings settings, Aside aside) {
        this.work = work;
        this.settings = settings;
        this.aside = aside;
        voiceKeys = Bindings.createObjectBinding(
                () -> plan.get().flatMap(found -> VoiceKeys.of(work.song().facts(), found)),
                plan,
                work.stateProperty());
        work.stateProperty().subscribe(_ -> ask());
        settings.handProperty().subscribe(_ -> ask());
        settings.scaleLengthProperty().subscribe(_ -> ask());
    }

    private void ask() {
        Song song = work.song();
        var facts = song.facts();
        Object question = List.of(
                facts.key(),
                facts.spelling(),
                facts.instrument(),
                song.chords(),
                song.sections().stream()
                        .map(section -> List.of(section.bars(), section.spans(), section.passes()))
                        .toList(),
                song.uses(),
                song.rules(),
                settings.handProperty().get(),
                settings.scaleLengthProperty().get());
        if (Objects.equals(question, asked)) return;
        asked = question;
        var timeline = work.timeline();
        double scale = settings.scaleLengthProperty().get();
        var hand = settings.handProperty().get();
        aside.run(() -> {
            CapoPlan found = CapoPlan.of(song, timeline, scale, hand, () -> asked != question);
            return () -> {
                if (asked == question) plan.set(Optional.of(found));
            };
        });
    }

    /** The plan; empty until it is first computed. */
    public ReadOnlyObjectProperty<Optional<CapoPlan>> planProperty() {
        return plan.getReadOnlyProperty();
    }

    /** In which keys the singer has the tune; empty unless the song says what both go over. */
    public ObservableValue<Optional<VoiceKeys>> voiceKeysProperty() {
        return voiceKeys;
    }

    /** By how many semitones strings are tuned down in the choices shown; empty shows them all. */
    public ObjectProperty<OptionalInt> tunedDownProperty() {
        return tunedDown;
    }

    /** The choices shown, the easiest first. */
    public List<CapoChoice> choices() {
        return plan.get().map(CapoPlan::choices).orElse(List.of()).stream()
                .filter(choice -> choice.tunedDown() == tunedDown.get().orElse(choice.tunedDown()))
                .limit(12)
                .toList();
    }

    public boolean isNow(CapoChoice choice) {
        return plan.get().flatMap(CapoPlan::current).filter(choice::equals).isPresent();
    }

    /** Puts {@code choice} into effect; the sounding key stays. */
    void take(CapoChoice choice) {
        if (!isNow(choice)) work.change("edit.capo-plan", song -> CapoMove.apply(song, choice));
    }

    /** Puts the easiest choice into effect. */
    public void takeBest() {
        plan.get().flatMap(each -> each.choices().stream().findFirst()).ifPresent(this::take);
    }

    /** How shapes in one key sound in another. */
    String settings(String sounding, String shapes) {
        try {
            return CapoSums.settings(Key.parse(sounding), Key.parse(shapes)).stream()
                    .limit(3)
                    .map(setting -> Words.of("capo.setting", setting.capo(), setting.tunedDown()))
                    .collect(Collectors.joining(Words.of("capo.or")));
        } catch (Refusal wrong) {
            return Words.why(wrong);
        }
    }

    /** The key a recording sounds in whose guitar is tuned {@code semitones} lower. */
    Key onLoweredGuitar(int semitones) {
        return CapoSums.onLoweredGuitar(work.song().facts().key(), semitones);
    }

    /** Tunes the guitar down by {@code semitones} more, as the recording's is, with the same shapes. */
    public Outcome soundLower(int semitones) {
        return Outcome.of(() -> work.change("edit.lower", song -> {
            var guitar = song.facts().instrument();
            return song.withFacts(song.facts()
                    .withInstrument(guitar.withTunedDown(guitar.tunedDown() + semitones))
                    .withKey(onLoweredGuitar(semitones)));
        }));
    }

    /** What the shapes sound in when the capo is left at home. */
    Key withoutCapo() {
        return CapoSums.withoutCapo(
                work.song().facts().key(), work.song().facts().instrument());
    }

    /** The easiest choice for a student who has no capo; empty until there is a plan. */
    Optional<CapoChoice> bestWithoutCapo() {
        return plan.get().map(CapoPlan::choices).orElse(List.of()).stream()
                .filter(choice -> choice.capo() == 0)
                .findFirst();
    }

    /** The answers to a change of key by {@code semitones}; empty until there is a plan. */
    List<KeyChange.Answer> keyChange(int semitones) {
        return plan.get()
                .filter(each -> semitones != 0 && each.current().isPresent())
                .map(each -> KeyChange.of(work.song(), each, semitones).answers())
                .orElse(List.of());
    }
}
