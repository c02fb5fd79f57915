package tactus.app.practice;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.DoubleSupplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import tactus.core.taught.practice.ChangeMinute;
import tactus.core.taught.practice.ChangeWork;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** A minute of changes that runs or not: presses are counted, or what the microphone or an instrument hears. */
final class MinuteModel {

    private final ClassModel students;
    private final InputModel input;
    private final DoubleSupplier seconds;
    private final ReadOnlyObjectWrapper<Optional<ChangeMinute>> minute =
            new ReadOnlyObjectWrapper<>(this, "minute", Optional.empty());
    private final BooleanProperty byEar = new SimpleBooleanProperty(this, "byEar");
    private final ReadOnlyStringWrapper said = new ReadOnlyStringWrapper(this, "said", "");
    private boolean isOurs;

    /**
     * @param input what strums are heard by
     * @param seconds the clock
     */
    MinuteModel(ClassModel students, InputModel input, DoubleSupplier seconds) {
        this.students = students;
        this.input = input;
        this.seconds = seconds;
    }

    /** The minute that runs. */
    ReadOnlyObjectProperty<Optional<ChangeMinute>> minuteProperty() {
        return minute.getReadOnlyProperty();
    }

    /** Whether strums are counted that are heard, and no presses. */
    BooleanProperty byEarProperty() {
        return byEar;
    }

    /** What there is to say. */
    ReadOnlyStringProperty saidProperty() {
        return said.getReadOnlyProperty();
    }

    boolean isRunning() {
        return minute.get().isPresent();
    }

    /** Strums are counted from now on, if there is something that hears them; or presses again. */
    void listen() {
        if (!byEar.get()) {
            hearNothing();
            return;
        }
        if (!input.isListening()) {
            input.toggleMicrophone();
            isOurs = input.isListening();
        }
        byEar.set(input.isListening());
        if (byEar.get()) input.lend(this::hear);
        said.set(Words.of(byEar.get() ? "minute.listens" : "input.no-microphone"));
    }

    /** Listens no longer. */
    void hearNothing() {
        input.giveBack();
        if (isOurs) input.close();
        isOurs = false;
        byEar.set(false);
    }

    private void hear(double ago) {
        minute.set(minute.get().map(running -> running.heard(now() - ago)));
        tell();
    }

    /** A first press begins, each further one is a change. */
    void press() {
        if (!isRunning()) {
            said.set("");
            minute.set(Optional.of(ChangeMinute.at(now())));
        } else if (!byEar.get()) {
            minute.set(minute.get().map(running -> running.counted(now())));
        }
        tell();
    }

    private double now() {
        return seconds.getAsDouble();
    }

    private void tell() {
        minute.get()
                .ifPresent(
                        running -> said.set(Words.of("minute.left", Math.round(running.left(now())), running.count())));
    }

    /** Looks at the clock; whether the minute is over. */
    boolean isOver() {
        tell();
        return minute.get().filter(running -> running.isOver(now())).isPresent();
    }

    /** Ends the minute that runs, and keeps what it comes to as the count of {@code of}. */
    void end(ChangeWork of) {
        OptionalInt perMinute = minute.get().orElseThrow().perMinute(now());
        minute.set(Optional.empty());
        if (perMinute.isEmpty()) {
            said.set(Words.of("minute.short"));
            return;
        }
        String before = said.get();
        students.count(of.from(), of.to(), perMinute.getAsInt(), kept -> {
            // Who has gone on meanwhile is told of something else.
            if (!said.get().equals(before)) return;
            said.set(kept.refusal()
                    .map(Words::why)
                    .orElseGet(() ->
                            MusicText.signs(Words.of("progress.change", of.from(), of.to(), perMinute.getAsInt()))));
        });
    }

    /** Forgets a minute that was begun and what was said of the last one. */
    void beginAnew() {
        minute.set(Optional.empty());
        said.set("");
    }
}
