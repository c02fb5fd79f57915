package tactus.formats.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.HandPicture;
import tactus.core.laid.picture.Passage;
import tactus.core.laid.timeline.PlayedForm;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.stroke.Pluck;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;
import tactus.core.written.song.Handout;
import tactus.core.written.song.Song;
import tactus.formats.font.ChordText;
import tactus.formats.font.Typeface;
import tactus.words.HintWords;
import tactus.words.SongWords;
import tactus.words.Words;

/**
 * Puts the patterns on the pages as they are played: each in the forms that the song uses, and what is picked on every chord
 * on which the fingers take other strings.
 */
final class PatternsLayout {

    private static final double HIGH = 118;
    private static final double LOW = 88;
    private static final int COLUMNS = 2;
    private static final int MORE_COLUMNS = 3;
    private static final double HEAD = 30;
    private static final double FACTS = 10.5;
    private static final double GUTTER = 16;
    private static final int SLOTS_OF_HALF_A_PAGE = 12;

    /**
     * A picture with what stands over it.
     *
     * @param title the pattern's name and form, and the chords it is drawn on if it is picked
     * @param where where it is played; empty for a further picture of the same
     */
    private record Drawn(Pattern pattern, String title, String where, Passage passage) {

        boolean isWide() {
            return pattern.grid().size() > SLOTS_OF_HALF_A_PAGE;
        }
    }

    private final Song song;
    private final Timeline timeline;
    private final Pages pages;
    private final SongWords words;
    private final SheetLook look;
    private final double height;
    private final int columns;

    PatternsLayout(Song song, Timeline timeline, Pages pages, SheetLook look) {
        this.song = song.asShown();
        this.timeline = timeline;
        this.pages = pages;
        this.look = look;
        // Where everything shall be on few pages the pictures are lower and stand closer.
        boolean isClose = song.lesson().handout().fit() != Handout.Fit.AS_NEEDED;
        height = isClose ? LOW : HIGH;
        columns = isClose ? MORE_COLUMNS : COLUMNS;
        words = new SongWords(song);
    }

    void lay() throws IOException {
        List<PlayedForm> played = PlayedForm.of(song, timeline);
        layRows(played.stream().flatMap(each -> drawn(each).stream()).toList());
        for (Pattern pattern : song.patterns()) {
            boolean isPlayed =
                    played.stream().anyMatch(each -> each.pattern().id().equals(pattern.id()));
            if (isPlayed) layHints(pattern);
        }
    }

    /** Puts one pattern there, played or not, with what is to be said of it. */
    void lay(PatternId id) throws IOException {
        Pattern pattern =
                song.pattern(id).orElseThrow(() -> new IllegalArgumentException("there is no pattern " + id.value()));
        List<Drawn> all = PlayedForm.of(song, timeline).stream()
                .filter(each -> each.pattern().id().equals(id))
                .flatMap(each -> drawn(each).stream())
                .toList();
        layRows(
                all.isEmpty()
                        ? List.of(new Drawn(
                                pattern, pattern.name(), pattern.meter().toString(), Passage.of(pattern)))
                        : all);
        layHints(pattern);
    }

    private void layHints(Pattern pattern) throws IOException {
        List<String> hints = new HintWords(song)
                .forPlaying(pattern.id()).stream()
                        .map(hint -> pattern.name() + ": " + hint)
                        .toList();
        pages.paragraphs(hints, pages.left(), pages.width());
    }

    private void layRows(List<Drawn> all) throws IOException {
        for (List<Drawn> row : rows(all)) {
            boolean isWide = row.size() == 1 && row.getFirst().isWide();
            double width = isWide ? pages.width() : (pages.width() - (columns - 1) * GUTTER) / columns;
            double facts = FACTS
                    * row.stream()
                            .mapToInt(each -> facts(each, width).size())
                            .max()
                            .orElse(0);
            double top = pages.startBlock(height + HEAD + facts);
            for (int i = 0; i < row.size(); i++)
                lay(row.get(i), pages.left() + i * (width + GUTTER), top, width, facts);
            pages.moveDown(height + HEAD + facts);
        }
    }

    /** The title and where it is played, in as many lines as that needs. */
    private List<String> facts(Drawn drawn, double width) {
        return drawn.where().isEmpty() ? List.of() : pages.lines(drawn.where(), width, Typeface.REGULAR, 8.5);
    }

    /** Wide ones have a row of their own; the others fill rows in order. */
    private List<List<Drawn>> rows(List<Drawn> all) {
        var rows = new ArrayList<List<Drawn>>();
        var row = new ArrayList<Drawn>();
        for (Drawn each : all) {
            if (each.isWide()) {
                rows.add(List.of(each));
                continue;
            }
            row.add(each);
            if (row.size() == columns) {
                rows.add(List.copyOf(row));
                row.clear();
            }
        }
        if (!row.isEmpty()) rows.add(List.copyOf(row));
        return rows;
    }

    private void lay(Drawn drawn, double left, double top, double width, double facts) throws IOException {
        Pen pen = pages.pen();
        double size = 11.5;
        while (size > 7 && pen.width(drawn.title(), Typeface.BOLD, size) > width) size -= 0.5;
        pen.text(pen.fitted(drawn.title(), width, Typeface.BOLD, size), left, top + 11, Typeface.BOLD, size, Ink.DARK);
        double base = top + 11;
        for (String line : facts(drawn, width)) {
            base += FACTS;
            pen.text(line, left, base, Typeface.REGULAR, 8.5, Ink.SOFT);
        }
        var picture = HandPicture.of(
                drawn.passage(), new Frame(Frame.Size.PRINT, width, height, look.lowStringOnTop(), look.roles()));
        new PrintedPicture(pen, song.facts().tuning(), look.notes(), left, top + 16 + facts).print(picture);
    }

    /** More sections than these are counted. */
    private static final int MOST_PLACES = 6;

    private List<Drawn> drawn(PlayedForm played) {
        Pattern pattern = played.pattern();
        String name = played.whole(song).name();
        String title = played.form()
                .rule()
                .filter(_ -> !played.form().equals(FormChoice.FULL))
                .map(rule -> Words.of("ribbon.form", name, words.rules().of(rule)))
                .orElse(name);
        String places = where(played);
        String where = places.isEmpty() ? pattern.meter().toString() : pattern.meter() + "  ·  " + places;
        boolean isPicked = pattern.played().stream().anyMatch(Pluck.class::isInstance);
        if (!isPicked) return List.of(new Drawn(pattern, title, where, Passage.of(pattern)));
        Map<Passage, List<String>> chords = new LinkedHashMap<>();
        for (String chord : played.chords()) {
            Passage passage = song.chord(chord)
                    .filter(each -> each.fits(song.facts().tuning()))
                    .map(each ->
                            Passage.of(pattern, played.whole(song), song.facts().held(each), chord))
                    .orElseGet(() -> Passage.of(pattern));
            chords.computeIfAbsent(passage, _ -> new ArrayList<>()).add(ChordText.of(chord, look.notes()));
        }
        var all = new ArrayList<Drawn>();
        chords.forEach((passage, names) -> all.add(new Drawn(
                pattern,
                Words.of("sheet.picked-on", title, String.join(", ", names)),
                all.isEmpty() ? where : "",
                passage)));
        return all;
    }

    /** Where it is heard, as the timeline has it, and in which sections a second guitar plays it. */
    private String where(PlayedForm played) {
        Pattern pattern = played.pattern();
        List<SectionId> heard = PlayedForm.sections(song, timeline, pattern.id(), played.form());
        long all = song.uses().stream().map(Use::section).distinct().count();
        Stream<String> places = heard.size() == all && all > 1
                ? Stream.of(Words.of("sheet.played-everywhere"))
                : heard.size() > MOST_PLACES
                        ? Stream.of(Words.of("sheet.played-in-many", heard.size(), all))
                        : heard.stream()
                                .flatMap(id -> song.section(id).stream())
                                .map(Section::name);
        Stream<String> second = song.sections().stream()
                .filter(section -> section.second().contains(pattern.id()))
                .map(section -> Words.of("sheet.second-in", section.name()));
        return Stream.concat(places, second).distinct().collect(Collectors.joining("; "));
    }
}
