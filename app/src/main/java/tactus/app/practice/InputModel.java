package tactus.app.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import java.util.function.LongConsumer;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.taught.practice.Latency;
import tactus.sound.device.AudioIn;
import tactus.sound.device.MicrophoneIn;
import tactus.sound.device.MidiIn;
import tactus.sound.take.LiveStrokes;
import tactus.words.Words;

/**
 * What the program hears a student by besides the letter keys, and how late that is: MIDI instruments, and claps to the click
 * that measure the delay of keys or instrument once.
 */
final class InputModel {

    private final Settings settings;
    private final PlayerModel player;
    private final Function<LongConsumer, MidiIn> open;
    private final LongSupplier nanos;
    private final Supplier<Optional<AudioIn>> microphone;
    private final BooleanProperty headphones = new SimpleBooleanProperty(this, "headphones");
    private final ReadOnlyObjectWrapper<Optional<String>> hearing =
            new ReadOnlyObjectWrapper<>(this, "hearing", Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<String>> midi =
            new ReadOnlyObjectWrapper<>(this, "midi", Optional.empty());
    private final ReadOnlyObjectWrapper<String> said = new ReadOnlyObjectWrapper<>(this, "said", "");
    private final List<Double> claps = new ArrayList<>();
    private DoubleConsumer stroke = _ -> {};
    private Optional<DoubleConsumer> borrower = Optional.empty();
    private Optional<MidiIn> in = Optional.empty();
    private Optional<LiveStrokes> ear = Optional.empty();
    private boolean isClapping;
    private Runnable leave = () -> {};

    InputModel(Settings settings, PlayerModel player) {
        this(settings, player, MidiIn::open, MicrophoneIn::open, System::nanoTime);
    }

    /**
     * @param open listens to what is plugged in
     * @param microphone opens the microphone, if there is one
     * @param nanos the clock that its strokes are told by
     */
    InputModel(
            Settings settings,
            PlayerModel player,
            Function<LongConsumer, MidiIn> open,
            Supplier<Optional<AudioIn>> microphone,
            LongSupplier nanos) {
        this.microphone = microphone;
        this.settings = settings;
        this.player = player;
        this.open = open;
        this.nanos = nanos;
        player.playingProperty().subscribe((_, playing) -> {
            if (!playing) isClapping = false;
        });
        headphones.subscribe((_, _) -> hush());
    }

    /** {@code taken} is told of each stroke of an instrument, with how many seconds ago it was. */
    void onStroke(DoubleConsumer taken) {
        stroke = taken;
    }

    /** {@code taken} is told of strokes in place of who else is, until they are given back. */
    void lend(DoubleConsumer taken) {
        borrower = Optional.of(taken);
    }

    void giveBack() {
        borrower = Optional.empty();
    }

    /** Whether an instrument or the microphone is listened to. */
    boolean isListening() {
        return in.isPresent() || ear.isPresent();
    }

    /** Hears {@code standIn} the way it is to be heard, while it plays. */
    void follow(StandInModel standIn) {
        leave = () -> standIn.playsProperty().set(false);
        standIn.playsProperty().subscribe((_, _) -> hear(standIn));
        standIn.wayProperty().subscribe((_, _) -> hear(standIn));
    }

    private void hear(StandInModel standIn) {
        close();
        if (!standIn.playsProperty().get()) return;
        switch (standIn.wayProperty().get()) {
            case KEYS -> {}
            case INSTRUMENT -> listen(standIn.instrument()::listen);
            case MICROPHONE -> listen(standIn.microphone());
        }
    }

    /** Listens to what is plugged in, or no longer. */
    void toggleMidi() {
        leave.run();
        boolean wasOpen = in.isPresent();
        close();
        if (!wasOpen) listen(open);
    }

    private void listen(Function<LongConsumer, MidiIn> opening) {
        MidiIn opened = opening.apply(at -> Platform.runLater(() -> take(at)));
        if (opened.names().isEmpty()) {
            said.set(
                    opened.busy().isEmpty()
                            ? Words.of("input.no-midi")
                            : Words.of("input.busy-midi", String.join(", ", opened.busy())));
            opened.close();
            return;
        }
        in = Optional.of(opened);
        midi.set(Optional.of(String.join(", ", opened.names())));
        said.set("");
    }

    /** Listens to the microphone, or no longer. Until headphones are said to be worn, only the count-in is played meanwhile. */
    void toggleMicrophone() {
        leave.run();
        boolean wasOpen = ear.isPresent();
        close();
        if (wasOpen) return;
        microphone.get().ifPresentOrElse(this::listen, () -> said.set(Words.of("input.no-microphone")));
    }

    private void listen(AudioIn opened) {
        ear = Optional.of(new LiveStrokes(
                opened, at -> Platform.runLater(() -> take(at)), () -> Platform.runLater(this::unplugged)));
        hearing.set(Optional.of(opened.name()));
        hush();
    }

    private void unplugged() {
        if (ear.isEmpty()) return;
        close();
        said.set(Words.of("input.microphone-gone"));
    }

    /** The student wears headphones, so that what is played is not heard by the microphone; or not. */
    BooleanProperty headphonesProperty() {
        return headphones;
    }

    private void hush() {
        player.loopModel().onlyCountInProperty().set(ear.isPresent() && !headphones.get());
        said.set(ear.isEmpty() ? "" : Words.of(headphones.get() ? "input.headphones" : "input.no-headphones"));
    }

    /** Listens to nothing any longer, so that other programs can. */
    void close() {
        boolean wasOpen = in.isPresent() || ear.isPresent();
        in.ifPresent(MidiIn::close);
        ear.ifPresent(LiveStrokes::close);
        in = Optional.empty();
        ear = Optional.empty();
        midi.set(Optional.empty());
        hearing.set(Optional.empty());
        if (wasOpen) hush();
    }

    private void take(long at) {
        double ago = (nanos.getAsLong() - at) * 1e-9;
        if (!clap(ago)) borrower.orElse(stroke).accept(ago);
    }

    /** The names of the instruments that are listened to; empty if none is. */
    ReadOnlyObjectProperty<Optional<String>> midiProperty() {
        return midi.getReadOnlyProperty();
    }

    /** What there is to say of the input. */
    ReadOnlyObjectProperty<String> saidProperty() {
        return said.getReadOnlyProperty();
    }

    /** What is listened to: an instrument by its name, or the keys. */
    private String name() {
        return midi.get().or(hearing::get).orElse("");
    }

    /** What the microphone is called, while it is listened to. */
    ReadOnlyObjectProperty<Optional<String>> hearingProperty() {
        return hearing.getReadOnlyProperty();
    }

    /** By how many seconds what is heard comes late. */
    double late() {
        return settings.delaysProperty().get().of(name()) / 1000.0;
    }

    /** Plays the click alone, to which one claps; or gives it up. */
    void measure(Optional<Pattern> beats) {
        if (isClapping) {
            player.stop();
            said.set("");
            return;
        }
        if (beats.isEmpty()) return;
        claps.clear();
        player.stop();
        player.playClick(beats.get());
        isClapping = true;
        said.set(Words.of("input.clap", Latency.CLAPS));
    }

    /**
     * Takes a clap, if the delay is being measured.
     *
     * @param ago how many seconds ago it was
     */
    boolean clap(double ago) {
        if (!isClapping) return false;
        if (player.isCountingIn()) return true;
        double speed = player.speedProperty().get();
        player.place().ifPresent(now -> claps.add(now.at().value() - ago * speed));
        if (claps.size() < Latency.CLAPS) {
            said.set(Words.of("input.clap", Latency.CLAPS - claps.size()));
            return true;
        }
        OptionalDouble late = Latency.of(player.clicks(), List.copyOf(claps));
        player.stop();
        if (late.isPresent()) {
            int delay = (int) Math.round(late.getAsDouble() / speed * 1000);
            settings.delaysProperty().set(settings.delaysProperty().get().with(name(), delay));
            said.set(Words.of("input.latency", delay));
        } else said.set(Words.of("input.uneven"));
        return true;
    }
}
