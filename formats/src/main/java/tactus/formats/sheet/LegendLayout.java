package tactus.formats.sheet;

import java.io.IOException;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.timeline.Fit;
import tactus.core.laid.timeline.PlayedForm;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Stop;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.stroke.Touch;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Swell;
import tactus.core.written.song.Handout;
import tactus.core.written.song.Song;
import tactus.formats.font.Typeface;
import tactus.words.Words;

/** Says what every mark means that stands on the pages, and no other. */
final class LegendLayout {

    private static final double LINE = 11.5;
    private static final double SIZE = 8.5;

    private final Song song;
    private final Timeline timeline;
    private final Pages pages;

    LegendLayout(Song song, Timeline timeline, Pages pages) {
        this.song = song.asShown();
        this.timeline = timeline;
        this.pages = pages;
    }

    void lay() throws IOException {
        List<String> said =
                marks().stream().map(code -> Words.of("legend." + code)).toList();
        if (said.isEmpty()) return;
        String text = Words.of("legend.title") + "  " + String.join("  ·  ", said);
        List<String> lines = pages.lines(text, pages.width(), Typeface.REGULAR, SIZE);
        double top = pages.startBlock(LINE * lines.size());
        for (int i = 0; i < lines.size(); i++) {
            pages.pen().text(lines.get(i), pages.left(), top + LINE * (i + 1), Typeface.REGULAR, SIZE, Ink.SOFT);
        }
        pages.moveDown(LINE * lines.size() + 8);
    }

    /** The codes of the marks that are used. */
    private Set<String> marks() {
        var marks = new LinkedHashSet<String>();
        List<Pattern> patterns =
                PlayedForm.of(song, timeline).stream().map(PlayedForm::pattern).toList();
        patterns.forEach(each -> each.played().forEach(stroke -> add(stroke, marks)));
        List<Handout.Part> parts = song.lesson().handout().parts();
        if (parts.contains(Handout.Part.PATTERNS)) addPictures(patterns, marks);
        boolean isAgainst = PlayedForm.of(song, timeline).stream()
                .map(PlayedForm::pattern)
                .anyMatch(pattern -> pattern.grid().slots().stream().anyMatch(pattern::isAgainstHand));
        if (isAgainst) marks.add("against");
        if (parts.contains(Handout.Part.BARS)) addBars(marks);
        return marks;
    }

    /** What the small pictures of the bars have not. */
    private static void addPictures(List<Pattern> patterns, Set<String> marks) {
        if (marks.contains("down") || marks.contains("up")) marks.add("path");
        if (patterns.stream().anyMatch(each -> each.played().contains(Miss.MISS))) marks.add("counted");
        boolean hasFingers = patterns.stream()
                .flatMap(each -> each.played().stream())
                .anyMatch(stroke -> stroke instanceof Pluck pluck
                        && pluck.picks().stream().anyMatch(Pick.ByRole.class::isInstance));
        if (hasFingers) marks.add("fingers");
        patterns.forEach(each -> each.moves().values().forEach(moves -> addMoves(moves, marks)));
    }

    private static void add(Stroke stroke, Set<String> marks) {
        switch (stroke) {
            case Strum strum -> {
                marks.add(strum.direction() == Direction.DOWN ? "down" : "up");
                if (strum.force().isAccented()) marks.add("accent");
                if (strum.force() == Force.SOFT) marks.add("soft");
                if (strum.reach() != Reach.ALL) marks.add("reach");
                if (strum.touch() == Touch.PALM_MUTED) marks.add("palm");
                if (strum.touch() == Touch.SWEPT) marks.add("sweep");
            }
            case Mute mute -> {
                marks.add("mute");
                if (mute.force().isAccented()) marks.add("accent");
            }
            case Pluck pluck -> {
                marks.add("pluck");
                if (pluck.force().isAccented()) marks.add("accent");
            }
            case Stop _ -> marks.add("stop");
            case Ring _ -> marks.add("ring");
            default -> {}
        }
    }

    private static void addMoves(List<FingerMove> moves, Set<String> marks) {
        for (FingerMove move : moves)
            marks.add(
                    move.fret().isEmpty()
                            ? "move-back"
                            : switch (move.sound()) {
                                case SILENT -> "move-put";
                                case SLURRED -> "move-hammer";
                                case SLID -> "move-slide";
                            });
    }

    private void addBars(Set<String> marks) {
        if (song.lesson().handout().pictures() == Handout.Pictures.EVERY_BAR)
            timeline.strokes().forEach(stroke -> addMoves(stroke.moves(), marks));
        boolean hasOwnNumbers =
                timeline.bars().stream().anyMatch(bar -> bar.number() > 0 && bar.number() != bar.numberInSection());
        if (hasOwnNumbers) marks.add("numbers");
        boolean hasOtherShapes = timeline.spans().stream()
                .anyMatch(span -> !Chord.plainName(span.chord()).equals(span.chord()));
        if (hasOtherShapes) marks.add("other-shape");
        boolean goesOn = timeline.bars().stream()
                .anyMatch(bar -> timeline.spansIn(bar).stream()
                        .anyMatch(span -> span.goesOn() || span.start().isLessThan(bar.start())));
        if (goesOn) marks.add("goes-on");
        boolean isLoud = timeline.margin().swells().stream()
                .anyMatch(each -> !each.swell().equals(Swell.USUAL));
        if (isLoud) marks.add("loud");
        if (timeline.spans().stream()
                .anyMatch(span -> span.fit().filter(Fit::isCut).isPresent())) marks.add("cut");
        if (!timeline.margin().sung().isEmpty()) marks.add("sung");
        boolean hasPasses = Outline.of(timeline).uses().stream()
                .flatMap(use -> use.blocks().stream())
                .anyMatch(block -> block.lanes().size() > 1);
        if (hasPasses) marks.add("passes");
        if (timeline.parts().isForTwo()) marks.add("second");
    }
}
