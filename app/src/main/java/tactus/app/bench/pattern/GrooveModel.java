package tactus.app.bench.pattern;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import tactus.app.work.Work;
import tactus.core.counsel.edit.ChangeFact;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Meter;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.groove.GroovePatterns;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.song.Aspect;
import tactus.formats.file.FormatException;
import tactus.formats.midi.GrooveFile;
import tactus.words.Words;

/** The song's groove, and what writing it does. */
final class GrooveModel {

    private final Work work;

    GrooveModel(Work work) {
        this.work = work;
    }

    Optional<Groove> groove() {
        return work.song().facts().groove();
    }

    /** Takes what is said of the drums over one bar; nothing if it is blank. Returns what is wrong with it, if anything. */
    Optional<NotationException> say(String text) {
        try {
            Meter meter = work.song().facts().meter();
            Optional<Groove> said = text.isBlank()
                    ? Optional.empty()
                    : Optional.of(Groove.parse(text, meter, meter.beats().size(), Words.lexicon()));
            if (!said.equals(groove())) {
                work.type("groove", new ChangeFact<>(Aspect.GROOVE, said));
            }
            return Optional.empty();
        } catch (NotationException wrong) {
            return Optional.of(wrong);
        }
    }

    void take(Groove chosen) {
        work.change(new ChangeFact<>(Aspect.GROOVE, Optional.of(chosen)));
    }

    /** Reads the drums of a MIDI file. Returns what is wrong with it, if anything. */
    Outcome read(Path file) {
        try {
            take(GrooveFile.read(file));
            return Outcome.DONE;
        } catch (FormatException wrong) {
            return new Outcome.Refused(new Refusal(wrong.reason()));
        }
    }

    /** Three patterns made from the groove, the sparsest first. */
    List<Pattern> patterns() {
        return groove().map(GroovePatterns::of).orElse(List.of());
    }
}
