package tactus.core.music.pitch;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A tuning that players know by a name (common practice).
 *
 * @param code what it is called in codes: {@code drop-d}
 * @param isUsual whether strings of that number are made for it
 */
public record CommonTuning(String code, Tuning tuning, boolean isUsual) {

    public CommonTuning {
        Objects.requireNonNull(code);
        Objects.requireNonNull(tuning);
    }

    private static final List<CommonTuning> ALL = build();

    private static List<CommonTuning> build() {
        var all = new ArrayList<CommonTuning>();
        usual(all, "standard", "E2 A2 D3 G3 B3 E4");
        other(all, "a-semitone-down", "Eb2 Ab2 Db3 Gb3 Bb3 Eb4");
        other(all, "a-whole-tone-down", "D2 G2 C3 F3 A3 D4");
        other(all, "three-semitones-down", "C#2 F#2 B2 E3 G#3 C#4");
        other(all, "two-whole-tones-down", "C2 F2 Bb2 Eb3 G3 C4");
        other(all, "drop-d", "D2 A2 D3 G3 B3 E4");
        other(all, "double-drop-d", "D2 A2 D3 G3 B3 D4");
        other(all, "drop-c", "C2 G2 C3 F3 A3 D4");
        other(all, "d-a-d-g-a-d", "D2 A2 D3 G3 A3 D4");
        other(all, "open-d", "D2 A2 D3 F#3 A3 D4");
        other(all, "open-d-minor", "D2 A2 D3 F3 A3 D4");
        other(all, "open-g", "D2 G2 D3 G3 B3 D4");
        other(all, "open-g-minor", "D2 G2 D3 G3 Bb3 D4");
        other(all, "open-c", "C2 G2 C3 G3 C4 E4");
        other(all, "open-e", "E2 B2 E3 G#3 B3 E4");
        other(all, "open-a", "E2 A2 E3 A3 C#4 E4");
        other(all, "all-fourths", "E2 A2 D3 G3 C4 F4");
        usual(all, "baritone-from-b", "B1 E2 A2 D3 F#3 B3");
        usual(all, "seven-strings", "B1 E2 A2 D3 G3 B3 E4");
        usual(all, "eight-strings", "F#1 B1 E2 A2 D3 G3 B3 E4");
        usual(all, "twelve-strings", "E2:E3 A2:A3 D3:D4 G3:G4 B3:B3 E4:E4");
        usual(all, "bass-four-strings", "E1 A1 D2 G2");
        usual(all, "bass-five-strings", "B0 E1 A1 D2 G2");
        usual(all, "ukulele", "G4 C4 E4 A4");
        usual(all, "mandolin-four-pairs", "G3:G3 D4:D4 A4:A4 E5:E5");
        return List.copyOf(all);
    }

    private static void usual(List<CommonTuning> all, String code, String notes) {
        all.add(new CommonTuning(code, Tuning.parse(notes), true));
    }

    private static void other(List<CommonTuning> all, String code, String notes) {
        all.add(new CommonTuning(code, Tuning.parse(notes), false));
    }

    /** Every tuning known by a name, the most usual first. */
    public static List<CommonTuning> all() {
        return ALL;
    }

    /** The common tuning with exactly these strings. */
    public static Optional<CommonTuning> of(Tuning tuning) {
        return ALL.stream().filter(common -> common.tuning.equals(tuning)).findFirst();
    }
}
