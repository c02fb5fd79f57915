package tactus.core.patterns.saying;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tactus.core.ground.language.Lexicon;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stop;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.stroke.Touch;

/** Strokes in words that a dictation reads back: {@code accent bass up}, {@code pinch 5-1}. */
final class StrokeWords {

    private final Lexicon lexicon;

    StrokeWords(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /** @param way the direction as far as it is said */
    String of(Stroke stroke, Optional<Direction> way) {
        List<String> words = new ArrayList<>();
        force(stroke.force()).map(lexicon::word).ifPresent(words::add);
        touch(stroke.touch()).map(lexicon::word).ifPresent(words::add);
        switch (stroke) {
            case Strum strum -> {
                reach(strum.reach()).ifPresent(words::add);
                way.map(this::word).ifPresent(words::add);
                if (way.isEmpty() && strum.reach() == Reach.ALL) words.add(lexicon.word("stroke.strum"));
            }
            case Mute mute -> {
                words.add(mute(mute));
                way.filter(Direction.UP::equals).map(this::word).ifPresent(words::add);
            }
            case Pluck pluck -> words.add(pluck(pluck));
            case Miss _ -> words.add(lexicon.word("stroke.miss"));
            case Ring _ -> words.add(lexicon.word("stroke.ring"));
            case Stop _ -> words.add(lexicon.word("stroke.stop"));
        }
        return String.join(" ", words);
    }

    private String word(Direction way) {
        return lexicon.word("stroke", way);
    }

    /** The stroke with its direction, unless the hand, crossing as {@code hand}, gives it that direction anyway. */
    String against(Stroke stroke, Optional<Direction> hand) {
        boolean strum = stroke instanceof Strum each && each.reach() == Reach.ALL;
        boolean told = strum || stroke instanceof Mute;
        return of(stroke, stroke.way().filter(way -> told || !Optional.of(way).equals(hand)));
    }

    /** One syllable to say in time; a breath where nothing is struck. */
    String syllable(Stroke stroke) {
        return switch (stroke) {
            case Strum strum ->
                switch (strum.reach()) {
                    case Reach.Half half ->
                        switch (half) {
                            case ALL -> lexicon.word("aloud", strum.direction());
                            case BASS -> lexicon.word("aloud.bass");
                            case TREBLE -> lexicon.word("aloud.treble");
                        };
                    case Reach.Named _ -> lexicon.word("aloud.named");
                };
            case Mute _ -> lexicon.word("aloud.mute");
            case Pluck pluck ->
                pluck.isPinch()
                        ? lexicon.word("aloud.pinch")
                        : syllable(pluck.picks().getFirst());
            case Miss _ -> lexicon.word("aloud.miss");
            case Ring _ -> lexicon.word("aloud.ring");
            case Stop _ -> lexicon.word("aloud.stop");
        };
    }

    private String syllable(Pick pick) {
        return switch (pick) {
            case Pick.OnString(int string) -> lexicon.forms("aloud.string").get(string - 1);
            case Pick.Fretted fretted -> lexicon.forms("aloud.string").get(fretted.string() - 1);
            case Pick.ByRole(Role role) ->
                role == Role.RING ? lexicon.word("aloud.finger-ring") : lexicon.word("aloud", role);
        };
    }

    private Optional<String> reach(Reach reach) {
        return switch (reach) {
            case Reach.Half half ->
                switch (half) {
                    case ALL -> Optional.empty();
                    case BASS -> Optional.of(lexicon.word("stroke.bass"));
                    case TREBLE -> Optional.of(lexicon.word("stroke.treble"));
                };
            case Reach.Named(int first, int last) -> Optional.of(lexicon.say("stroke.strings", last, first));
        };
    }

    private String mute(Mute mute) {
        return lexicon.word(
                switch (mute.kind()) {
                    case CHOP -> "stroke.mute";
                    case RELEASE -> "stroke.release";
                    case LAID -> "stroke.laid";
                });
    }

    private String pluck(Pluck pluck) {
        if (!pluck.isPinch()) return pick(pluck.picks().getFirst());
        return lexicon.say(
                "stroke.pinch", pluck.picks().stream().map(this::inPinch).collect(Collectors.joining("-")));
    }

    private String pick(Pick pick) {
        return switch (pick) {
            case Pick.OnString(int string) -> lexicon.say("stroke.string", string);
            case Pick.Fretted(int string, int fret) -> lexicon.say("stroke.string-fret", string, fret);
            case Pick.ByRole(Role role) ->
                lexicon.word(role == Role.RING ? "stroke.ring-finger" : "stroke." + code(role));
        };
    }

    private String inPinch(Pick pick) {
        return switch (pick) {
            case Pick.OnString(int string) -> Integer.toString(string);
            case Pick.Fretted(int string, int fret) -> string + ":" + fret;
            case Pick.ByRole(Role role) -> lexicon.word("pinch." + code(role));
        };
    }

    private static String code(Role role) {
        return switch (role) {
            case ROOT_BASS -> "thumb";
            case ALTERNATE_BASS -> "alternate";
            case INDEX -> "index";
            case MIDDLE -> "middle";
            case RING -> "ring";
        };
    }

    private static Optional<String> force(Force force) {
        return switch (force) {
            case SOFT -> Optional.of("mark.soft");
            case PLAIN -> Optional.empty();
            case ACCENTED -> Optional.of("mark.accented");
        };
    }

    private static Optional<String> touch(Touch touch) {
        return switch (touch) {
            case PLAIN -> Optional.empty();
            case SWEPT -> Optional.of("mark.swept");
            case PALM_MUTED -> Optional.of("mark.palm-muted");
        };
    }
}
