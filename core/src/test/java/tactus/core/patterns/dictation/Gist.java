package tactus.core.patterns.dictation;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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

/** What a saying was understood as, in the signs of {@code sayings.txt}; written apart from what the program writes. */
final class Gist {

    private Gist() {}

    static String of(Dictation said) {
        return said.readings().stream().map(Gist::reading).collect(Collectors.joining(" | "));
    }

    private static String reading(Dictation said) {
        String unread = said.notes().unread().stream()
                .map(each -> " {" + each.word() + "}")
                .collect(Collectors.joining());
        return heard(said) + unread;
    }

    /** One reading, without the words that say nothing. */
    static String heard(Dictation said) {
        Stream<String> parts = Stream.of(
                        said.strokes().stream().map(Gist::of),
                        said.counts().isEmpty() ? Stream.<String>empty() : Stream.of("/"),
                        said.counts().stream()
                                .map(each -> each.isBracketed()
                                        ? "(" + each.said() + ")"
                                        : each.said().replace(" ", "")),
                        said.accents().isEmpty() ? Stream.<String>empty() : Stream.of("^"),
                        said.accents().stream(),
                        said.notes().filling().stream()
                                .map(each -> (each.isAlone() ? "fill" : "hand")
                                        + each.rate().map(rate -> " " + rate).orElse("")))
                .flatMap(each -> each);
        return parts.collect(Collectors.joining(" "));
    }

    private static String of(SpokenStroke said) {
        return (said.isCounted() ? "o" : form(said.form(), said.direction()))
                + said.count().map(count -> "@" + count.replace(" ", "")).orElse("")
                + said.beats().map(beats -> "*" + beats).orElse("");
    }

    private static String form(Stroke stroke, Optional<Direction> way) {
        String sign = switch (stroke) {
            case Strum strum
            when strum.reach() == Reach.ALL -> way.map(Gist::letter).orElse("?");
            case Strum strum -> reach(strum.reach()) + said(way);
            case Mute mute ->
                List.of("x", "f", "l").get(mute.kind().ordinal())
                        + (way.filter(Direction.UP::equals).isPresent() ? ".u" : "");
            case Pluck pluck ->
                pluck.picks().size() == 1
                        ? pick(pluck.picks().getFirst())
                        : pluck.picks().stream().map(Gist::pick).collect(Collectors.joining(" ", "(", ")"));
            case Miss _ -> "-";
            case Ring _ -> "=";
            case Stop _ -> "s";
        };
        String touch = stroke.touch() == Touch.SWEPT ? "~" : stroke.touch() == Touch.PALM_MUTED ? "_" : "";
        String force = stroke.force() == Force.ACCENTED ? "!" : stroke.force() == Force.SOFT ? "'" : "";
        return sign + touch + force;
    }

    private static String letter(Direction way) {
        return way == Direction.DOWN ? "d" : "u";
    }

    private static String said(Optional<Direction> way) {
        return way.map(each -> "." + letter(each)).orElse("");
    }

    private static String reach(Reach reach) {
        return switch (reach) {
            case Reach.Half half -> half == Reach.Half.BASS ? "b" : "t";
            case Reach.Named(int first, int last) -> "(" + last + "-" + first + ")";
        };
    }

    private static String pick(Pick pick) {
        return switch (pick) {
            case Pick.OnString(int string) -> String.valueOf(string);
            case Pick.Fretted(int string, int fret) -> string + ":" + fret;
            case Pick.ByRole(var role) -> String.valueOf(role.letter());
        };
    }
}
