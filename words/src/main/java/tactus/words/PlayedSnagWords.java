package tactus.words;

import java.util.stream.Collectors;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.snag.PlayedSnag;
import tactus.core.snag.SecondPartSnag;
import tactus.core.song.Song;
import tactus.core.sum.Recording;
import tactus.core.time.Quantity;

/** The sentences of snags that are found in what is played. */
final class PlayedSnagWords {

    private final Song song;

    PlayedSnagWords(Song song) {
        this.song = song;
    }

    String sentence(PlayedSnag snag) {
        return switch (snag) {
            case PlayedSnag.Cut cut -> cut(cut);
            case PlayedSnag.Stop stop -> Words.of("snag.stop", Words.count(Quantity.beats(stop.beats())));
            case PlayedSnag.NotStruck chord ->
                Words.of(
                        "snag.not-struck",
                        chord.chord(),
                        pattern(chord.pattern()),
                        Words.of("snag.times", chord.times()));
            case PlayedSnag.TooFast fast ->
                Words.of(
                        "snag.too-fast",
                        pattern(fast.pattern()),
                        PlayedSnag.rounded(fast.perSecond(), 1),
                        fast.version(),
                        fast.most());
            case PlayedSnag.TooQuick quick ->
                Words.of(
                        "snag.too-quick",
                        quick.change().perMinute(),
                        PlayedSnag.rounded(quick.change().seconds(), 2),
                        PlayedSnag.rounded(quick.left(), 2),
                        quick.tempo());
            case PlayedSnag.OtherLength length -> length(length);
        };
    }

    String sentence(SecondPartSnag snag) {
        return switch (snag) {
            case SecondPartSnag.Uneven uneven ->
                Words.of(
                        "snag.second-uneven",
                        uneven.patterns().stream().map(this::pattern).collect(Collectors.joining(", ")),
                        Words.count(Quantity.beats(uneven.figures())),
                        Words.count(Quantity.beats(uneven.bars())),
                        Words.count(Quantity.beats(uneven.rest())));
            case SecondPartSnag.OffChord off ->
                Words.of(
                        "snag.second-off",
                        pattern(off.figure()),
                        off.bars().size(),
                        off.bars().stream().map(String::valueOf).collect(Collectors.joining(", ")),
                        off.chord(),
                        off.string());
        };
    }

    private String cut(PlayedSnag.Cut cut) {
        PlayedSnag.Cut.InBeats beats = cut.beats();
        String lost = Words.of("snag.last-beats", beats.missing().toDouble(), Phrasing.number(beats.missing()));
        String rounds = cut.fit().rounds() == 0
                ? Words.of("snag.cut-round", Words.count(Quantity.beats(beats.round())), lost)
                : Words.of(
                        "snag.cut-rounds",
                        count(Quantity.Unit.ROUND, cut.fit().rounds()),
                        Words.count(Quantity.beats(beats.rest())),
                        lost);
        return Words.of(
                "snag.cut",
                pattern(cut.pattern()),
                String.join(", ", cut.chords()),
                Words.count(Quantity.beats(beats.chord())),
                rounds,
                Words.of("snag.times", cut.times()));
    }

    private static String length(PlayedSnag.OtherLength snag) {
        Recording recording = snag.recording();
        double bar = recording.ours() / recording.bars();
        return Words.of(
                recording.difference() > 0 ? "snag.longer-than-recording" : "snag.shorter-than-recording",
                Recording.clock(recording.ours()),
                Recording.clock(recording.seconds()),
                PlayedSnag.rounded(Math.abs(recording.difference()), 1),
                PlayedSnag.rounded(Math.abs(recording.difference() / bar), 1),
                PlayedSnag.rounded(snag.tempo(), 1));
    }

    private static String count(Quantity.Unit unit, long number) {
        return Words.count(Quantity.of(unit, number));
    }

    private String pattern(PatternId id) {
        return song.pattern(id).map(Pattern::name).orElse(id.value());
    }
}
