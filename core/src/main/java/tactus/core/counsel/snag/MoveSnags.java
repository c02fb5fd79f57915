package tactus.core.counsel.snag;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Figure;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.picking.Plucked;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.ChordMove;

/** Finds fingers that are added or moved and change nothing, or that leave the chord and the key. */
final class MoveSnags implements Finder {

    /** The lowered third and seventh, in minor the raised ones, from the tonic up (common practice). */
    private static final Set<Integer> USUAL_BESIDES = Set.of(3, 9, 10, 11);

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        Map<PatternId, Set<Chord>> chords = new HashMap<>();
        for (TimelineSpan span : laid.timeline().spans()) {
            span.pattern()
                    .ifPresent(id -> laid.song()
                            .chord(span.chord())
                            .filter(chord -> chord.fits(laid.song().facts().tuning()))
                            .ifPresent(chord -> chords.computeIfAbsent(id, _ -> new LinkedHashSet<>())
                                    .add(chord)));
        }
        Map<StringOf, Map<String, Boolean>> struck = struck(laid);
        for (Pattern pattern : laid.song().patterns()) {
            Set<Chord> on = chords.getOrDefault(pattern.id(), Set.of());
            if (!pattern.moves().isEmpty() && !on.isEmpty()) checkMoves(laid, pattern, on, struck, found);
        }
        for (Chord chord : laid.song().chords()) {
            if (chord.fits(laid.song().facts().tuning())) checkChord(laid, chord, found);
        }
    }

    /** A string on which a pattern moves fingers. */
    private record StringOf(PatternId pattern, int string) {}

    /** On which chords it is played, and whether the string is struck there. */
    private static Map<StringOf, Map<String, Boolean>> struck(LaidSong laid) {
        Map<StringOf, Map<String, Boolean>> struck = new HashMap<>();
        for (TimelineStroke stroke : laid.timeline().strokes()) {
            Optional<Pattern> pattern = stroke.pattern().flatMap(laid.song()::pattern);
            if (pattern.isEmpty() || pattern.get().moves().isEmpty()) continue;
            String chord = laid.timeline().spans().get(stroke.span()).chord();
            pattern.get().moves().values().stream()
                    .flatMap(List::stream)
                    .forEach(move -> struck.computeIfAbsent(
                                    new StringOf(pattern.get().id(), move.string()), _ -> new LinkedHashMap<>())
                            .merge(
                                    chord,
                                    stroke.strings().stream().anyMatch(each -> each.string() == move.string()),
                                    Boolean::logicalOr));
        }
        return struck;
    }

    private static void checkChord(LaidSong laid, Chord chord, Consumer<Snag> found) {
        List<ChordMove> moves = chord.moves();
        for (int i = 0; i < moves.size(); i++) {
            ChordMove at = moves.get(i);
            List<FingerMove> onString = moves.stream()
                    .map(ChordMove::move)
                    .filter(move -> move.string() == at.move().string())
                    .toList();
            if (onString.size() == 1 && isAsShapeIs(at.move(), chord))
                found.accept(needless(chord, at, Kind.MOVE_WITHOUT_EFFECT, Statement.of("snag.chord-move-idle", at)));
            else if (at.move().fret().isPresent() && !leadsOn(moves.subList(i + 1, moves.size()), at.move()))
                strayed(laid, Set.of(chord), at.move())
                        .map(on -> Statement.of("snag.chord-move-stray", at, note(laid, on, at.move())))
                        .map(said -> needless(chord, at, Kind.MOVE_OFF_KEY, said))
                        .ifPresent(found);
        }
    }

    private static Snag needless(Chord chord, ChordMove at, Kind kind, Statement said) {
        return Snag.of(kind, new SnagPlace.InChord(chord.name()), said)
                .about(chord.name(), at)
                .mendedBy(new SetUpFix.TakeMoveBack(chord.name(), at));
    }

    /** @param silentOn the chords on which the string is not struck; empty where it is struck on none */
    private static Snag unheard(Pattern pattern, Slot slot, FingerMove move, List<String> silentOn) {
        String code = silentOn.isEmpty() ? "snag.move-unheard" : "snag.move-unheard-on";
        return inSlot(
                Kind.MOVE_WITHOUT_EFFECT,
                pattern,
                slot,
                move,
                Statement.of(code, move.string(), move.fret().orElse(0), silentOn));
    }

    private static Snag inSlot(Kind kind, Pattern pattern, Slot slot, FingerMove move, Statement said) {
        return PatternSnags.inSlot(kind, pattern, slot, said).about(pattern.id(), slot.index(), move);
    }

    private static boolean leadsOn(List<ChordMove> rest, FingerMove move) {
        return rest.stream()
                .map(ChordMove::move)
                .filter(later -> later.string() == move.string())
                .limit(1)
                .anyMatch(later -> later.fret().isPresent() && later.sound() != FingerMove.Sound.SILENT);
    }

    private static boolean isAsShapeIs(FingerMove move, Chord chord) {
        return move.fret()
                .filter(fret -> chord.voicing().fret(move.string()).stream().anyMatch(fret::equals))
                .isPresent();
    }

    private static void checkMoves(
            LaidSong laid,
            Pattern pattern,
            Set<Chord> chords,
            Map<StringOf, Map<String, Boolean>> struck,
            Consumer<Snag> found) {
        boolean strums = pattern.played().stream().anyMatch(stroke -> stroke.isStruck() && !(stroke instanceof Pluck));
        Set<Integer> plucked = chords.stream()
                .flatMap(chord -> Figure.of(pattern).on(laid.song().facts().held(chord), chord.name()).stream())
                .flatMap(List::stream)
                .map(Plucked::string)
                .collect(Collectors.toSet());
        for (Slot slot : pattern.grid().slots()) {
            for (FingerMove move : pattern.movesAt(slot)) {
                boolean unheard = !strums && !plucked.contains(move.string());
                List<String> silentOn =
                        silentOn(struck.getOrDefault(new StringOf(pattern.id(), move.string()), Map.of()));
                int fret = move.fret().orElse(0);
                if (unheard) found.accept(unheard(pattern, slot, move, List.of()));
                else if (isAsItWas(move, slot, chords, pattern))
                    found.accept(inSlot(
                            Kind.MOVE_WITHOUT_EFFECT,
                            pattern,
                            slot,
                            move,
                            Statement.of("snag.move-idle", move.string(), fret)));
                else if (!silentOn.isEmpty()) found.accept(unheard(pattern, slot, move, silentOn));
                else if (move.fret().isPresent() && !isOnTheWay(pattern, slot, move))
                    strayed(laid, chords, move)
                            .map(on -> Statement.of(
                                    "snag.move-stray", on.name(), note(laid, on, move), move.string(), fret))
                            .ifPresent(said -> found.accept(inSlot(Kind.MOVE_OFF_KEY, pattern, slot, move, said)));
            }
        }
    }

    private static List<String> silentOn(Map<String, Boolean> struck) {
        return struck.entrySet().stream()
                .filter(each -> !each.getValue())
                .map(Map.Entry::getKey)
                .toList();
    }

    /** The first chord that lies wholly in the key and on which the move leaves both; a blue note is meant. */
    private static Optional<Chord> strayed(LaidSong laid, Set<Chord> chords, FingerMove move) {
        Key key = laid.song().facts().shapesKey();
        int note = pitchClass(laid, move);
        int above = Math.floorMod(note - key.tonic(), 12);
        if (key.has(note) || USUAL_BESIDES.contains(above)) return Optional.empty();
        return chords.stream()
                .filter(chord -> chord.meaning().isPresent())
                .filter(chord -> {
                    ChordName name = chord.meaning().orElseThrow();
                    return name.pitchClasses().stream().allMatch(key::has) && !name.has(note);
                })
                .findFirst();
    }

    private static int pitchClass(LaidSong laid, FingerMove move) {
        Tuning tuning = laid.song().facts().tuning();
        return Math.floorMod(
                tuning.string(Math.min(move.string(), tuning.strings())).number()
                        + move.fret().orElse(0),
                12);
    }

    private static NoteName note(LaidSong laid, Chord on, FingerMove move) {
        return on.meaning().orElseThrow().note(pitchClass(laid, move));
    }

    /** Whether the string is slurred or slid on from there. */
    private static boolean isOnTheWay(Pattern pattern, Slot from, FingerMove move) {
        return pattern.grid().slots().stream()
                .filter(slot -> slot.index() > from.index())
                .flatMap(slot -> pattern.movesAt(slot).stream())
                .filter(later -> later.string() == move.string())
                .limit(1)
                .anyMatch(later -> later.fret().isPresent() && later.sound() != FingerMove.Sound.SILENT);
    }

    /** Whether every shape it is played on has the string at that fret, as it is when the finger moves for the first time. */
    private static boolean isAsItWas(FingerMove move, Slot slot, Set<Chord> chords, Pattern pattern) {
        if (move.fret().isEmpty()) return false;
        Optional<FingerMove> before = pattern.grid().slots().stream()
                .limit(slot.index() + 1L)
                .flatMap(each -> pattern.movesAt(each).stream())
                .takeWhile(each -> each != move)
                .filter(each -> each.string() == move.string())
                .reduce((_, last) -> last);
        boolean returns = before.isEmpty()
                && pattern.moves().values().stream()
                        .flatMap(List::stream)
                        .anyMatch(each -> each != move && each.string() == move.string());
        // What later fingers leave behind is there when it comes round again.
        if (returns) return false;
        return before.flatMap(FingerMove::fret).isPresent()
                ? before.get().fret().equals(move.fret())
                : chords.stream().allMatch(chord -> isAsShapeIs(move, chord));
    }
}
