package tactus.app.arrangement.comparison;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tactus.app.work.Work;
import tactus.core.counsel.edit.ChangeFact;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.sum.Moment;
import tactus.core.laid.sum.Recording;
import tactus.core.laid.sum.Sums;
import tactus.core.laid.sum.TappedTempo;
import tactus.core.music.time.Tempo;
import tactus.core.written.song.Aspect;
import tactus.words.SongWords;
import tactus.words.Words;

/** How long the song is, against its recording and the plan of the lesson. */
public final class SumsModel {

    private final Work work;
    private final List<Double> taps = new ArrayList<>();

    public SumsModel(Work work) {
        this.work = work;
    }

    public Sums sums() {
        return Sums.of(work.song(), work.timeline());
    }

    /** What an entry of the running order is called. */
    String name(Sums.Part part) {
        return new SongWords(work.song()).use(part.use());
    }

    /** The length of the recording as it is typed; empty if none is known. */
    String recording() {
        return work.song().facts().recording().map(Recording::clock).orElse("");
    }

    public Outcome takeRecording(String text) {
        return Outcome.of(() -> {
            Optional<Double> seconds = text.isBlank() ? Optional.empty() : Optional.of(Recording.parse(text));
            if (text.strip().equals(recording())) return;
            work.change(new ChangeFact<>(Aspect.RECORDING, seconds));
        });
    }

    /** How the song compares with the recording, in a sentence; empty if none is known. */
    public String comparison() {
        return compared()
                .map(each -> Words.of(
                        "sums.compared",
                        signed(each.difference()),
                        String.format(Locale.ROOT, "%+.2f", withoutSign(each.perBar(), 0.005)),
                        String.format(Locale.ROOT, "%.1f", each.tempo())))
                .orElse("");
    }

    private static String signed(double seconds) {
        return String.format(Locale.ROOT, "%+.1f", withoutSign(seconds, 0.05));
    }

    /** What would be rounded to nothing is nothing, without a sign. */
    private static double withoutSign(double number, double least) {
        return Math.abs(number) < least ? 0 : number;
    }

    Optional<Recording> compared() {
        return work.song().facts().recording().flatMap(seconds -> Recording.of(work.timeline(), seconds));
    }

    /** Takes the tempo at which the song is as long as the recording. */
    public void takeTempo() {
        compared().filter(Recording::isPossible).ifPresent(each -> setTempo(each.tempo()));
    }

    private void setTempo(double perMinute) {
        double rounded = Math.round(perMinute * 10) / 10.0;
        if (rounded < Tempo.SLOWEST || rounded > Tempo.FASTEST) return;
        work.change(new ChangeFact<>(
                Aspect.TEMPO, new Tempo(rounded, work.song().facts().tempo().beat())));
    }

    /** Where a time such as {@code 1:32} falls, or what is wrong with it. */
    public String place(String text) {
        if (text.isBlank()) return "";
        try {
            return Moment.at(work.timeline(), Recording.parse(text))
                    .map(new SongWords(work.song())::of)
                    .orElse(Words.of("sums.outside"));
        } catch (Refusal wrong) {
            return Words.why(wrong);
        }
    }

    /** A tap at {@code seconds} on some clock; says the tempo so far. */
    public String tap(double seconds) {
        if (!taps.isEmpty() && seconds - taps.getLast() > 3) taps.clear();
        taps.add(seconds);
        return TappedTempo.of(taps)
                .map(tempo ->
                        Words.of("sums.tapped", String.format(Locale.ROOT, "%.1f", tempo.perMinute()), taps.size()))
                .orElse(Words.of("sums.tapOn"));
    }

    /** Takes the tempo that was tapped. */
    public void takeTapped() {
        TappedTempo.of(taps).ifPresent(tempo -> setTempo(tempo.perMinute()));
        taps.clear();
    }

    /** The parts that the lesson needs, as they are typed. */
    public String planned() {
        return String.join(", ", work.song().lesson().planned());
    }

    public Outcome takePlanned(String text) {
        return Outcome.of(() -> {
            List<String> parts =
                    Arrays.stream(text.split(",")).map(String::strip).toList();
            var lesson = work.song().lesson().withPlanned(parts);
            if (!lesson.equals(work.song().lesson())) work.change("edit.plan", song -> song.withLesson(lesson));
        });
    }
}
