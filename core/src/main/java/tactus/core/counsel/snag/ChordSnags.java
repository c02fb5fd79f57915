package tactus.core.counsel.snag;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.ShapeCheck;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.reading.chart.KeyGuess;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Section;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

/** Finds chords with two names or no use, stand-ins that are other chords, and a key in which the chords do not sound. */
final class ChordSnags implements Finder {

    /** How much more of the chords' notes another key must hold before the stated one is doubted; ours, from memory. */
    private static final double DOUBT = 0.2;
    /** How much of them it must hold at all. */
    private static final double SURE = 0.9;

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        Song song = laid.song();
        checkNames(song, found);
        checkUse(laid, found);
        song.versions().all().forEach(version -> checkStandIns(song, version, found));
        checkKey(song).ifPresent(found);
    }

    private static void checkNames(Song song, Consumer<Snag> found) {
        List<Chord> chords = song.chords();
        for (int later = 0; later < chords.size(); later++) {
            for (int earlier = 0; earlier < later; earlier++) {
                Chord one = chords.get(earlier);
                Chord other = chords.get(later);
                if (isSpelledOtherwise(one, other)) found.accept(twoNames(other, one));
            }
        }
    }

    private static Snag twoNames(Chord chord, Chord earlier) {
        boolean isSameShape = chord.voicing().equals(earlier.voicing());
        String code = isSameShape ? "snag.two-names" : "snag.two-names-two-shapes";
        return Snag.of(
                        Kind.TWO_NAMES_OF_ONE_CHORD,
                        new SnagPlace.InChord(chord.name()),
                        code,
                        chord.name(),
                        earlier.name())
                .about(chord.name(), earlier.name())
                .mendedBy(new SetUpFix.OneName(chord.name(), earlier.name()));
    }

    /** The same chord under names that differ in nothing but sharps and flats. */
    private static boolean isSpelledOtherwise(Chord one, Chord other) {
        Optional<ChordName> first = one.meaning();
        Optional<ChordName> second = other.meaning();
        return first.isPresent()
                && second.isPresent()
                && !first.equals(second)
                && first.get().quality().equals(second.get().quality())
                && first.get().root().pitchClass() == second.get().root().pitchClass()
                && first.get().bass().pitchClass() == second.get().bass().pitchClass();
    }

    /** Only where every section has its chords; until then more may be needed. */
    private static void checkUse(LaidSong laid, Consumer<Snag> found) {
        Song song = laid.song();
        boolean done = !song.sections().isEmpty()
                && song.sections().stream().noneMatch(section -> section.spans().isEmpty());
        if (!done) return;
        Set<String> used = new HashSet<>();
        for (Section section : song.sections()) {
            for (Span span : section.spans()) used.add(span.chord());
        }
        laid.timeline().spans().forEach(span -> used.add(span.chord()));
        addSpokenOf(song, used);
        addMadeByFingers(laid, used);
        song.chords().stream()
                .map(Chord::name)
                .filter(name -> !used.contains(name))
                .forEach(name ->
                        found.accept(Snag.of(Kind.CHORD_NOT_USED, new SnagPlace.InChord(name), "snag.not-used", name)
                                .about(name)
                                .mendedBy(new SetUpFix.TakeOut(name))));
    }

    /** What a version plays, and shapes that rules and other ways ask for, are needed though they do not sound now. */
    private static void addSpokenOf(Song song, Set<String> used) {
        for (Version version : song.versions().all()) {
            for (Section section : version.overlay().sections())
                section.spans().forEach(span -> used.add(span.chord()));
        }
        for (Rule rule : song.rules()) {
            rule.play()
                    .shapes()
                    .ifPresent(shapes -> song.chords().stream()
                            .map(Chord::name)
                            .filter(name -> shapes.of(name).equals(name))
                            .forEach(used::add));
        }
    }

    /** A chord that the fingers of a pattern make of another is played, though its name is written nowhere: the lift to Asus4. */
    private static void addMadeByFingers(LaidSong laid, Set<String> used) {
        Song song = laid.song();
        Tuning tuning = song.facts().tuning();
        Set<Set<Integer>> made = new HashSet<>();
        Set<List<Object>> seen = new HashSet<>();
        for (TimelineSpan span : laid.timeline().spans()) {
            Optional<Pattern> pattern = span.pattern().flatMap(song::pattern);
            Optional<Chord> chord = song.chord(span.chord()).filter(each -> each.fits(tuning));
            if (pattern.isEmpty()
                    || chord.isEmpty()
                    || !seen.add(List.of(pattern.get().id(), span.chord()))) continue;
            MovedShapes.of(pattern.get(), chord.get(), tuning)
                    .forEach(held -> made.add(Set.copyOf(held.entrySet().stream()
                            .map(each ->
                                    Math.floorMod(tuning.string(each.getKey()).number() + each.getValue(), 12))
                            .toList())));
        }
        song.chords().stream()
                .filter(chord -> chord.fits(tuning)
                        && made.contains(Set.copyOf(chord.voicing().pitchClasses(tuning, 0))))
                .map(Chord::name)
                .forEach(used::add);
    }

    private static void checkStandIns(Song song, Version version, Consumer<Snag> found) {
        var check = new ShapeCheck(song.facts().tuning());
        for (Chord standIn : version.standIns()) {
            if (!standIn.fits(song.facts().tuning())) continue;
            standIn.meaning()
                    .filter(name -> !check.canStandIn(name, standIn.voicing()))
                    .ifPresent(_ -> found.accept(otherChord(version, standIn)));
        }
    }

    private static Snag otherChord(Version version, Chord standIn) {
        return Snag.of(
                        Kind.STAND_IN_IS_ANOTHER_CHORD,
                        new SnagPlace.InChord(standIn.name()),
                        "snag.other-stand-in",
                        version.name(),
                        standIn.name(),
                        standIn.voicing())
                .about(version.name(), standIn.name())
                .counted("shape", standIn.voicing());
    }

    private static Optional<Snag> checkKey(Song song) {
        Instrument instrument = song.facts().instrument();
        Key stated = song.facts().key();
        // A section in a key of its own says nothing about that of the song.
        List<ChordName> sounding = song.sections().stream()
                .filter(section -> section.key().isEmpty())
                .flatMap(section -> section.spans().stream())
                .map(Span::chord)
                .filter(name -> !ChordName.isNoChord(name))
                .flatMap(name -> Chord.meaning(name).stream())
                .map(name ->
                        name.transposed(instrument.transposition(), song.facts().spelling(), stated))
                .toList();
        // Borrowed chords do not move a song whose chords come home.
        if (sounding.stream().map(ChordName::root).distinct().count() < 3 || KeyGuess.isAtHome(stated, sounding))
            return Optional.empty();
        Optional<Key> guess = KeyGuess.among(sounding);
        return guess.filter(key -> KeyGuess.share(key, sounding) >= SURE)
                .filter(key -> KeyGuess.share(key, sounding) - KeyGuess.share(stated, sounding) >= DOUBT)
                .map(key -> Snag.of(Kind.KEY_DOES_NOT_AGREE, SnagPlace.InFacts.CAPO, "snag.other-key", stated, key)
                        .at("where.key")
                        .counted("sounding-key", key)
                        .mendedBy(new SetUpFix.TakeKey(key)));
    }
}
