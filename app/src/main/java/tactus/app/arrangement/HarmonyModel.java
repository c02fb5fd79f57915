package tactus.app.arrangement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.app.words.ChordText;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.chord.ChordName;
import tactus.core.pitch.NoteSchool;
import tactus.core.song.Chord;
import tactus.core.song.Section;
import tactus.core.song.Span;
import tactus.core.song.SpanLength;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.NotationException;

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

    /** The chosen chord as written; empty where the section has none. */
    public Optional<Span> span() {
        return arrangement
                .section()
                .map(Section::spans)
                .filter(spans -> !spans.isEmpty())
                .map(spans -> spans.get(arrangement.choice().span()));
    }

    /** Names the chosen chord as it is typed. Returns what is wrong with the name, if anything. */
    public Optional<String> rename(String chord) {
        try {
            String name = read(chord);
            return span().flatMap(span -> arrangement.type(
                    "chord " + index(), section -> section.withSpan(index(), new Span(name, span.length()))));
        } catch (NotationException unreadable) {
            return Optional.of(unreadable.getMessage());
        }
    }

    /** A name that the song knows, or that says no chord, stays as it is; in another school's letters it is translated. */
    private String read(String chord) {
        String plain = chord.strip();
        boolean known = settings.noteSchool() == NoteSchool.INTERNATIONAL
                && work.song().chord(plain).isPresent();
        if (known || ChordName.isNoChord(plain)) return plain;
        ChordName name = ChordName.parse(plain, settings.noteSchool());
        return settings.noteSchool() == NoteSchool.INTERNATIONAL ? plain : name.toString();
    }

    /** Writes the chosen chord in the house form once it has been typed: {@code Am7} for {@code A-7}. */
    public void settleName() {
        span().filter(span -> work.song().chord(span.chord()).isEmpty())
                .flatMap(span -> Chord.meaning(span.chord()))
                .ifPresent(name -> rename(ChordText.typed(name.toString(), settings.noteSchool())));
    }

    /** The chosen chord as this user types it; empty where there is none. */
    public String typedName() {
        return span().map(span -> ChordText.typed(span.chord(), settings.noteSchool()))
                .orElse("");
    }

    /** Whether {@code text} already says the chosen chord, so that it need not be replaced while it is typed. */
    public boolean says(String text) {
        try {
            return span().filter(span -> span.chord().equals(read(text))).isPresent();
        } catch (NotationException unreadable) {
            return false;
        }
    }

    /** Gives the chosen chord another length. Returns what is wrong with it, if anything. */
    public Optional<String> lengthen(SpanLength length) {
        return span().flatMap(span ->
                arrangement.change(section -> section.withSpan(index(), new Span(span.chord(), length))));
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
        Length start = start(section, bars);
        return bars.beatsBefore(span.length().end(bars, start)).minus(bars.beatsBefore(start));
    }

    private Length start(Section section, BarLines bars) {
        Length at = Length.ZERO;
        for (Span before : section.spans().subList(0, index()))
            at = before.length().end(bars, at);
        return at;
    }

    private SpanLength inBarsIfWhole(Section section, Length beats) {
        BarLines bars = section.barLines();
        Length start = start(section, bars);
        Length end = bars.afterBeats(start, beats);
        int first = bars.barAt(start);
        boolean onBarLine = bars.start(first).equals(start);
        for (int bar = first + 1; onBarLine && bar <= bars.bars(); bar++) {
            if (bars.start(bar).equals(end)) return SpanLength.bars(bar - first);
        }
        return new SpanLength.Beats(beats);
    }

    /** Adds a bar of the chosen chord after it (of the song's first one where there is none yet) and chooses it. */
    public void addSpan() {
        String chord = span().map(Span::chord)
                .or(() -> work.song().chords().stream().findFirst().map(first -> first.name()))
                .orElse("C");
        int place = span().isEmpty() ? 0 : index() + 1;
        arrangement.change(section -> {
            var spans = new ArrayList<>(section.spans());
            spans.add(place, new Span(chord, SpanLength.bars(1)));
            return section.withSpans(spans);
        });
        arrangement.chooseSpan(place);
    }

    /** Takes the chosen chord away. */
    public void removeSpan() {
        if (span().isEmpty()) return;
        arrangement.change(section -> {
            var spans = new ArrayList<>(section.spans());
            spans.remove(index());
            return section.withSpans(spans);
        });
    }

    /** Adds a bar like the last one at the end of the section. */
    public void addBar() {
        arrangement.change(section -> {
            var bars = new ArrayList<>(section.bars());
            bars.add(bars.getLast());
            return section.withBars(bars);
        });
    }

    /** Takes the last bar of the section away, if it is not its only one. */
    public void removeBar() {
        arrangement.change(section -> {
            List<Meter> bars = section.bars();
            return bars.size() == 1 ? section : section.withBars(bars.subList(0, bars.size() - 1));
        });
    }

    /** Gives the bar in which the chosen chord starts another meter. */
    public void setMeter(Meter meter) {
        arrangement.change(section -> {
            var bars = new ArrayList<>(section.bars());
            bars.set(bar(section), meter);
            return section.withBars(bars);
        });
    }

    /** The meter of the bar in which the chosen chord starts. */
    public Optional<Meter> meter() {
        return arrangement.section().map(section -> section.bars().get(bar(section)));
    }

    private int bar(Section section) {
        BarLines bars = section.barLines();
        return section.spans().isEmpty() ? 0 : bars.barAt(start(section, bars));
    }

    private int index() {
        return arrangement.choice().span();
    }
}
