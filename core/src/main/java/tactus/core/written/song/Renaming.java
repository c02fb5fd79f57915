package tactus.core.written.song;

import java.util.List;
import java.util.function.UnaryOperator;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Except;
import tactus.core.written.section.Section;
import tactus.core.written.section.Use;

/** Gives chords other names wherever a song has them. */
record Renaming(UnaryOperator<String> name) {

    Song of(Song song) {
        return song.withChords(chords(song.chords()))
                .withSections(sections(song.sections()))
                .withUses(song.uses().stream().map(this::use).toList())
                .withRules(song.rules().stream().map(this::rule).toList())
                .withVersions(new Versions(
                        song.versions().all().stream()
                                .map(version -> version.withStandIns(chords(version.standIns()))
                                        .withOverlay(overlay(version.overlay())))
                                .toList(),
                        song.versions().shown()))
                .withChangeCounts(song.changeCounts().stream().map(this::count).toList())
                .withLesson(song.lesson()
                        .withHints(song.lesson().hints().stream()
                                .map(hint -> new Hint(hint.about().renamed(name), hint.text()))
                                .toList()));
    }

    private List<Chord> chords(List<Chord> chords) {
        return chords.stream()
                .map(chord -> chord.withName(name.apply(chord.name())))
                .toList();
    }

    private List<Section> sections(List<Section> sections) {
        return sections.stream()
                .map(section -> section.withSpans(spans(section.spans())))
                .toList();
    }

    private Overlay overlay(Overlay other) {
        return other.withChords(chords(other.chords()))
                .withSections(sections(other.sections()))
                .withUses(other.uses().stream().map(this::use).toList(), other.order())
                .withDropped(other.dropped().stream().map(this::rule).toList());
    }

    private List<Span> spans(List<Span> spans) {
        return spans.stream()
                .map(span -> new Span(name.apply(span.chord()), span.length()))
                .toList();
    }

    private Rule rule(Rule rule) {
        return rule.where()
                .part()
                .map(part -> rule.withWhere(rule.where().withPart(part.renamed(name))))
                .orElse(rule);
    }

    private Use use(Use use) {
        return use.withExcepts(use.excepts().stream()
                .map(except -> new Except(except.on(), change(except.change())))
                .toList());
    }

    private Except.Change change(Except.Change change) {
        return switch (change) {
            case Except.Runs runs -> runs;
            case Except.LeftOut out -> out;
            case Except.OtherWords words -> words;
            case Except.OtherVoice voice -> voice;
            case Except.OtherBars(var where, var bars) -> new Except.OtherBars(where, bars(bars));
            case Except.ExtraBars(var bars) -> new Except.ExtraBars(bars(bars));
        };
    }

    private Except.Bars bars(Except.Bars bars) {
        return new Except.Bars(bars.bars(), spans(bars.spans()), bars.loops());
    }

    private ChangeCount count(ChangeCount count) {
        return new ChangeCount(name.apply(count.from()), name.apply(count.to()), count.perMinute());
    }
}
