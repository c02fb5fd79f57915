package tactus.core.counsel.snag;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.Span;
import tactus.core.written.section.Cue;
import tactus.core.written.section.EachLasts;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/** What mends sections, their uses and the plan of the lesson. */
public sealed interface SectionFix extends Fix {

    /** A chord is held as long as its bars. */
    record Hold(SectionId section, int index, Span span) implements SectionFix {

        public Hold {
            Objects.requireNonNull(section);
            Objects.requireNonNull(span);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.hold", span.chord(), span.length());
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withSection(section, each -> index < each.spans().size() ? each.withSpan(index, span) : each);
        }
    }

    /**
     * A chord is held as in a sibling, and the section becomes as long as that.
     *
     * @param sibling the sibling's name
     */
    record HoldAsIn(SectionId section, int index, Span span, int bars, String sibling) implements SectionFix {

        public HoldAsIn {
            Objects.requireNonNull(section);
            Objects.requireNonNull(sibling);
            Objects.requireNonNull(span);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.hold-as-in", span.chord(), span.length(), sibling);
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withSection(
                    section,
                    each -> index < each.spans().size()
                            ? each.withSpan(index, span).withBars(resized(each.bars()))
                            : each);
        }

        private List<Meter> resized(List<Meter> now) {
            if (bars <= now.size()) return now.subList(0, bars);
            var longer = new ArrayList<>(now);
            longer.addAll(Collections.nCopies(bars - now.size(), now.getLast()));
            return longer;
        }
    }

    /** Chords of which nothing is said last a bar each. */
    record LastABar(SectionId section) implements SectionFix {

        public LastABar {
            Objects.requireNonNull(section);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.last-a-bar");
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withSection(section, EachLasts.A_BAR::in);
        }
    }

    /** A chord is another one. */
    record CallChord(SectionId section, int index, String chord) implements SectionFix {

        public CallChord {
            Objects.requireNonNull(section);
            Objects.requireNonNull(chord);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.call-chord", chord);
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withSection(
                    section,
                    each -> index < each.spans().size()
                            ? each.withSpan(
                                    index,
                                    new Span(chord, each.spans().get(index).length()))
                            : each);
        }
    }

    /** An exception is taken back. */
    record TakeBack(int entry, int index) implements SectionFix {

        @Override
        public Statement label() {
            return Statement.of("fix.take-back");
        }

        @Override
        public Song appliedTo(Song song) {
            return song.use(entry)
                    .filter(use -> use.excepts().size() > index)
                    .map(use -> song.withUse(use.minus(index)))
                    .orElse(song);
        }
    }

    /** A section is called otherwise. */
    record Rename(SectionId section, String name) implements SectionFix {

        public Rename {
            Objects.requireNonNull(name);
            Objects.requireNonNull(section);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.rename", name);
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withSection(section, each -> each.withName(name));
        }
    }

    /** A part is no longer planned. */
    record TakeOffPlan(String part) implements SectionFix {

        public TakeOffPlan {
            Objects.requireNonNull(part);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.take-off-plan");
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withLesson(song.lesson()
                    .withPlanned(song.lesson().planned().stream()
                            .filter(each -> !each.equals(part))
                            .toList()));
        }
    }

    /** A cue that counts on is written. */
    record WriteCue(SectionId section, Cue cue) implements SectionFix {

        public WriteCue {
            Objects.requireNonNull(cue);
            Objects.requireNonNull(section);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.write-cue", cue.text());
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withSection(section, each -> {
                var cues = new ArrayList<>(each.cues());
                cues.add(cue);
                return each.withCues(cues);
            });
        }
    }
}
