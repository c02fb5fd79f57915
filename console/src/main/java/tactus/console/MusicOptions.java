package tactus.console;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine.Option;
import tactus.console.export.MusicChoice;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.performance.CountVoice;
import tactus.core.laid.performance.Layer;
import tactus.core.laid.performance.Mix;
import tactus.core.laid.performance.MixVoice;
import tactus.core.music.time.CountSchool;
import tactus.sound.score.Playback;

/** Options of the export: which bars, and how they sound. */
final class MusicOptions {

    private static final Pattern SHARE = Pattern.compile("(\\d{1,3}(?:\\.\\d+)?)\\s*%?");
    private static final String COUNT_IN = "count-in";
    private static final String STRINGS = "strings";

    @Option(names = "--bars", paramLabel = "9-24")
    private String bars;

    @Option(names = "--with", split = ",", paramLabel = "VOICE")
    private List<String> with = List.of();

    @Option(names = "--without", split = ",", paramLabel = "VOICE")
    private List<String> without = List.of();

    @Option(names = "--tempo", defaultValue = "100%", paramLabel = "80%")
    private String tempo;

    @Option(names = "--rounds", defaultValue = "1", paramLabel = "N")
    private int rounds;

    @Option(names = "--layer", defaultValue = "whole", paramLabel = "WHAT")
    private String layer;

    @Option(names = "--says", defaultValue = "beats", paramLabel = "WHAT")
    private String says;

    @Option(names = "--silent", defaultValue = "never", paramLabel = "WHERE")
    private String silent;

    @Option(names = "--names")
    private boolean names;

    @Option(names = "--by-section")
    private boolean bySection;

    /**
     * What was chosen.
     *
     * @throws Refusal if an option says what cannot be
     */
    MusicChoice chosen() {
        Set<MixVoice> heard = EnumSet.of(MixVoice.GUITAR, MixVoice.SECOND);
        boolean countsIn = false;
        boolean strings = false;
        for (String each : with) {
            String name = each.strip();
            if (name.equals(COUNT_IN)) countsIn = true;
            else if (name.equals(STRINGS)) strings = true;
            else heard.add(one(MixVoice.values(), MixVoice::code, name, "--with", COUNT_IN, STRINGS));
        }
        for (String each : without) heard.remove(one(MixVoice.values(), MixVoice::code, each.strip(), "--without"));
        var voice = new CountVoice(
                CountSchool.NUMBERS,
                one(CountVoice.Said.values(), CountVoice.Said::code, says, "--says"),
                names,
                one(CountVoice.Silence.values(), CountVoice.Silence::code, silent, "--silent"));
        return new MusicChoice(
                bars == null ? "" : bars,
                Mix.of(heard.toArray(MixVoice[]::new)),
                countsIn,
                strings,
                speed(),
                rounds,
                one(Layer.values(), Layer::code, layer, "--layer"),
                voice,
                bySection);
    }

    private double speed() {
        Matcher said = SHARE.matcher(tempo.strip());
        double share = said.matches() ? Double.parseDouble(said.group(1)) / 100 : 0;
        if (share < Playback.SLOWEST || share > Playback.FASTEST) throw new Refusal("export.tempo", tempo);
        return share;
    }

    private static <T> T one(T[] all, Function<T, String> code, String name, String option, String... others) {
        return Arrays.stream(all)
                .filter(each -> code.apply(each).equals(name))
                .findFirst()
                .orElseThrow(() -> {
                    var known = new ArrayList<>(List.of(others));
                    for (T each : all) known.add(code.apply(each));
                    return new Refusal("export.option", option, name, String.join(", ", known));
                });
    }
}
