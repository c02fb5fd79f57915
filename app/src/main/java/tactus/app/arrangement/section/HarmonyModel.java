package tactus.app.arrangement.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.app.work.OfferedShapes;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.chord.ChordLetters;
import tactus.core.music.chord.ChordName;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Section;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;

/** What can be done with the bars and chords of the chosen section. */
public final class HarmonyModel {

    private final Work work;
    private final ArrangementModel arrangement;
    private final Settings settings;

    public HarmonyModel(Work work, ArrangementModel arrangement, Settings settings) {
        this.work = work;
        this.arrangement = arrangement;
        this.settings = settings;
    }

    /** The chosen chord as written; empty where the section has none, or this pass has another one. */
    public Optional<Span> span() {
        return arrangement
                .section()
                .filter(_ -> arrangement.isAsWritten())
                .map(section -> section.spans().get(index()));
    }

    /** Names the chosen chord as it is typed. Returns what is wrong with the name, if anything. */
    public Outcome rename(String chord) {
        return Outcome.from(() -> {
            String name = read(chord);
            return span().map(span -> arrangement.type(
                            "chord " + index(),
                            "edit.chord",
                            section -> section.withSpan(index(), new Span(name, span.length()))))
                    .orElse(Outcome.DONE);
        });
    }

    /** A name that the song knows, or that says no chord, stays as it is; in another school's letters it is translated. */
    private String read(String chord) {
        String typed = chord.strip();
        String name = ChordLetters.international(typed, settings.noteSchool());
        if (work.song().chord(name).isPresent() || ChordName.isNoChord(name)) return name;
        ChordName.parse(Chord.plainName(typed), settings.noteSchool());
        return Chord.checkedName(name);
    }

    /** Writes the chosen chord in the house form once it has been typed: {@code Am7} for {@code A-7}. */
    public void settleName() {
        span().filter(span -> work.song().chord(span.chord()).isEmpty())
                .ifPresent(span -> Chord.meaning(span.chord())
                        .map(name -> Chord.labelledAs(span.chord(), name.toString()))
                        .ifPresent(name -> rename(ChordLetters.written(name, settings.noteSchool()))));
    }

    /**
     * The chosen chord is held in the next of the shapes that the song has for its name; where it has one only, another is
     * offered, under a label of its own.
     */
    public void nextShape() {
        span().ifPresent(span -> Chord.meaning(span.chord()).ifPresent(name -> {
            List<Chord> shapes = work.song().chords().stream()
                    .filter(chord -> chord.meaning().equals(Optional.of(name)))
                    .toList();
            int now = shapes.stream().map(Chord::name).toList().indexOf(span.chord());
            Optional<Chord> next = shapes.size() > 1
                    ? Optional.of(shapes.get((now + 1) % shapes.size()))
                    : another(span.chord(), name, shapes);
            next.ifPresent(chord -> hold(span, chord));
        }));
    }

    private Optional<Chord> another(String written, ChordName name, List<Chord> shapes) {
        String plain = Chord.plainName(written);
        return new OfferedShapes(settings)
                .another(
                        work.song().facts(),
                        name,
                        shapes.stream().map(Chord::voicing).toList())
                .map(voicing -> Chord.offered(plain + Chord.LABELLED + (shapes.size() + 1), voicing));
    }

    /** The chord comes into the song with the change that names it. */
    private void hold(Span span, Chord chord) {
        var held = new Span(chord.name(), span.length());
        arrangement
                .section()
                .ifPresent(section -> work.change(
                        "edit.chord-shape",
                        song -> (song.chord(chord.name()).isPresent() ? song : song.withChord(chord))
                                .withSection(section.id(), each -> each.withSpan(index(), held)),
                        chord.name()));
    }

    /** The chosen chord as this user types it; empty where there is none. */
    public String typedName() {
        return span().map(span -> ChordLetters.written(span.chord(), settings.noteSchool()))
                .orElse("");
    }

    /** Whether {@code text} already says the chosen chord, so that it need not be replaced while it is typed. */
    public boolean says(String text) {
        try {
            return span().filter(span -> span.chord().equals(read(text))).isPresent();
        } catch (Refusal unreadable) {
            return false;
        }
    }

    /** Gives the chosen chord another length. Returns what is wrong with it, if anything. */
    public Outcome lengthen(SpanLength length) {
        return span().map(span -> arrangement.change(
                        "edit.chord-length", section -> section.withSpan(index(), new Span(span.chord(), length))))
                .orElse(Outcome.DONE);
    }

    /** Makes the chosen chord {@code beats} felt beats longer, or shorter if negative; one beat is the least. */
    public void addBeats(int beats) {
        arrangement
                .section()
                .ifPresent(section -> span().ifPresent(span -> {
                    Length now = beats(section, span);
                    Length wanted = now.plus(Length.of(beats));
                    if (wanted.isPositive()) lengthen(inBarsIfWhole(section, wanted));
                }));
    }

    private Length beats(Section section, Span span) {
        BarLines bars = section.barLines();
        Length start = start(section);
        return bars.beatsBefore(span.length().end(bars, start, round(section))).minus(bars.beatsBefore(start));
    }

    private Length round(Section section) {
        return Assignment.round(work.song(), section);
    }

    private Length start(Section section) {
        return section.edges(round(section)).get(index());
    }

    private SpanLength inBarsIfWhole(Section section, Length beats) {
        BarLines bars = section.barLines();
        Length start = start(section);
        return SpanLength.between(bars, start, bars.afterBeats(start, beats));
    }

    /** Adds a bar of the chosen chord after it (of the song's first one where there is none yet) and chooses it. */
    public void addSpan() {
        String chord = span().map(Span::chord)
                .or(() -> work.song().chords().stream().findFirst().map(first -> first.name()))
                .orElse("C");
        int place = span().isEmpty() ? 0 : index() + 1;
        insert(place, List.of(new Span(chord, SpanLength.bars(1))));
        arrangement.chooseSpan(place);
    }

    private void insert(int place, List<Span> added) {
        arrangement
                .section()
                .ifPresent(section -> work.change(
                        "edit.add-chord",
                        song -> {
                            var spans = new ArrayList<>(section.spans());
                            spans.addAll(Math.min(place, spans.size()), added);
                            return Assignment.moved(song, section.id(), place, added.size())
                                    .withSection(section.withSpans(spans));
                        },
                        section.name()));
    }

    /** Takes the chosen chords away. */
    public void removeSpan() {
        if (span().isEmpty()) return;
        arrangement.section().ifPresent(section -> {
            int first = arrangement.choice().first();
            int last = Math.min(arrangement.choice().last(), section.spans().size() - 1);
            work.change(
                    "edit.remove-chord",
                    song -> {
                        var spans = new ArrayList<>(section.spans());
                        spans.subList(first, last + 1).clear();
                        Song moved = song;
                        for (int span = last; span >= first; span--)
                            moved = Assignment.moved(moved, section.id(), span + 1, -1);
                        return moved.withSection(section.withSpans(spans));
                    },
                    section.name());
            arrangement.chooseSpan(first);
        });
    }

    /** Splits the chosen chord in two halves, the longer one first where its beats are odd. */
    public void split() {
        arrangement
                .section()
                .ifPresent(section -> span().ifPresent(span -> {
                    Length beats = beats(section, span);
                    if (!Length.WHOLE.isLessThan(beats)) return;
                    long whole = beats.wholesOf(Length.WHOLE);
                    Length first = Length.of((whole + 1) / 2);
                    work.change("edit.split", song -> {
                        var spans = new ArrayList<>(section.spans());
                        spans.set(index(), new Span(span.chord(), inBarsIfWhole(section, first)));
                        spans.add(index() + 1, new Span(span.chord(), new SpanLength.Beats(beats.minus(first))));
                        return Assignment.moved(song, section.id(), index() + 1, 1)
                                .withSection(section.withSpans(spans));
                    });
                }));
    }

    /** Gives the time of the next chord to the chosen one. */
    public void join() {
        arrangement
                .section()
                .ifPresent(section -> span().filter(
                                _ -> index() + 1 < section.spans().size())
                        .ifPresent(span -> {
                            BarLines bars = section.barLines();
                            List<Length> edges = section.edges(round(section));
                            SpanLength both = SpanLength.between(bars, edges.get(index()), edges.get(index() + 2));
                            work.change("edit.join", song -> {
                                var spans = new ArrayList<>(section.spans());
                                spans.set(index(), new Span(span.chord(), both));
                                spans.remove(index() + 1);
                                return Assignment.moved(song, section.id(), index() + 2, -1)
                                        .withSection(section.withSpans(spans));
                            });
                        }));
    }

    /** The chosen chord counted in its other units: {@code 1 bar = 4 beats = 1/2 round}. */
    public String inOtherUnits() {
        return arrangement
                .section()
                .flatMap(
                        section -> span().map(span -> LengthConversions.of(work.song(), section, span, start(section))))
                .orElse("");
    }

    private int index() {
        return arrangement.choice().span();
    }
}
