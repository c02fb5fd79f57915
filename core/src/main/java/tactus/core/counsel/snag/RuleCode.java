package tactus.core.counsel.snag;

import java.util.ArrayList;
import java.util.List;
import tactus.core.ground.language.Lexicon;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;

/** Rules have no ids; these codes tell them apart by the ids that they speak of. */
final class RuleCode {

    private RuleCode() {}

    static String of(Where where) {
        List<String> parts = new ArrayList<>();
        where.section().ifPresent(id -> parts.add(id.value()));
        switch (where.use()) {
            case UseChoice.Entry(int id) -> parts.add("use-" + id);
            case UseChoice.Group.LAST -> parts.add("last-use");
            case UseChoice.Group.EVERY -> {}
        }
        if (!where.pass().isEvery()) parts.add("pass-" + where.pass().code());
        where.part().map(RuleCode::of).ifPresent(parts::add);
        where.version().ifPresent(name -> parts.add("version-" + name));
        where.company().ifPresent(company -> parts.add(Lexicon.code(company)));
        return parts.isEmpty() ? "everywhere" : String.join("/", parts);
    }

    private static String of(Part part) {
        return switch (part) {
            case Part.OnChord(int number) -> "chord-" + number;
            case Part.OnChordFromEnd(int number) -> "chord--" + number;
            case Part.SharedBars() -> "shared-bars";
            case Part.OnName(String chord, boolean last) -> (last ? "last-" : "on-") + chord;
            case Part.Both(Part one, Part other) -> of(one) + "+" + of(other);
            case Part.InBars(var bars) -> "bars-" + bars.code();
            case Part.InHalf(boolean second) -> second ? "half-2" : "half-1";
            case Part.Voice(boolean sung) -> sung ? "sung" : "unsung";
        };
    }

    static String of(Play play) {
        List<String> parts = new ArrayList<>();
        play.what()
                .ifPresent(what -> parts.add(
                        switch (what) {
                            case What.Plays(var id) -> id.value();
                            case What.Event event -> Lexicon.code(event);
                        }));
        play.form().ifPresent(form -> parts.add(form.rule().map(Lexicon::code).orElse("full")));
        play.fit().map(Lexicon::code).ifPresent(parts::add);
        play.dynamics()
                .ifPresent(swell ->
                        parts.add(swell.from().letters() + "-" + swell.to().letters()));
        play.raise().ifPresent(raise -> parts.add(raise.semitones() + "-" + Lexicon.code(raise.way())));
        play.pause().ifPresent(beats -> parts.add("pause-" + beats));
        play.pace().ifPresent(pace -> parts.add(Lexicon.code(pace.way()) + "-" + pace.perMinute()));
        play.shapes().ifPresent(shapes -> parts.add("shapes-" + shapes.label().orElse("")));
        play.second()
                .ifPresent(second -> parts.add(
                        "second-" + second.pattern().map(PatternId::value).orElse("rests")));
        return String.join("/", parts);
    }
}
