package tactus.core.written.song;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.groove.Groove;

/** How tempo and groove are written: they have parts. */
final class PulseForms {

    private static final Pattern RANGE = Pattern.compile("(\\d{1,3})\\s*[-–]\\s*(\\d{1,3})");

    /** Typed, it is the number of beats a minute; looked for, one or a range, {@code 80-100}. */
    static final FactForm<Tempo> TEMPO = FactForm.parts(PulseForms::written, (at, _) -> tempo(at))
            .typed(
                    (text, facts) -> new Tempo(
                            FactForm.number("number-wanted.tempo", text),
                            facts.tempo().beat()),
                    Tempo::perMinuteText)
            .found((wanted, _) -> tempi(wanted));

    static final FactForm<Optional<Groove>> GROOVE = FactForm.parts(PulseForms::written, PulseForms::groove);

    private PulseForms() {}

    private static Map<String, Object> written(Tempo tempo) {
        var parts = new LinkedHashMap<String, Object>();
        parts.put("perMinute", tempo.perMinute());
        parts.put("beat", tempo.beat().toString());
        return parts;
    }

    private static Tempo tempo(Written at) {
        return new Tempo(
                at.field("perMinute").decimal(), Length.parse(at.field("beat").text()));
    }

    private static Optional<Predicate<Tempo>> tempi(String wanted) {
        Matcher range = RANGE.matcher(wanted);
        if (range.matches()) {
            int from = Integer.parseInt(range.group(1));
            int to = Integer.parseInt(range.group(2));
            return Optional.of(tempo -> tempo.perMinute() >= from && tempo.perMinute() <= to);
        }
        if (!wanted.matches("\\d{1,3}")) return Optional.empty();
        int one = Integer.parseInt(wanted);
        return Optional.of(tempo -> Math.abs(tempo.perMinute() - one) < 1);
    }

    private static Map<String, Object> written(Optional<Groove> groove) {
        var parts = new LinkedHashMap<String, Object>();
        groove.ifPresent(each -> {
            parts.put("meter", each.meter().toString());
            parts.put("beats", each.beats());
            parts.put("hits", each.line());
        });
        return parts;
    }

    private static Optional<Groove> groove(Written at, Facts facts) {
        Written meter = at.field("meter");
        return Optional.of(Groove.ofLine(
                at.field("hits").text(),
                meter.isThere() ? Meter.parse(meter.text()) : facts.meter(),
                at.field("beats").number()));
    }
}
