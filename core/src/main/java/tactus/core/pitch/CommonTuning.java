package tactus.core.pitch;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A tuning that players know by a name (common practice).
 *
 * @param isUsual whether strings of that number are made for it
 */
public record CommonTuning(String name, Tuning tuning, boolean isUsual) {

    private static final List<CommonTuning> ALL = build();

    private static List<CommonTuning> build() {
        var all = new ArrayList<CommonTuning>();
        usual(all, "Standard", "E2 A2 D3 G3 B3 E4");
        other(all, "A semitone down", "Eb2 Ab2 Db3 Gb3 Bb3 Eb4");
        other(all, "A whole tone down", "D2 G2 C3 F3 A3 D4");
        other(all, "Three semitones down", "C#2 F#2 B2 E3 G#3 C#4");
        other(all, "Two whole tones down", "C2 F2 Bb2 Eb3 G3 C4");
        other(all, "Drop D", "D2 A2 D3 G3 B3 E4");
        other(all, "Double drop D", "D2 A2 D3 G3 B3 D4");
        other(all, "Drop C", "C2 G2 C3 F3 A3 D4");
        other(all, "D A D G A D", "D2 A2 D3 G3 A3 D4");
        other(all, "Open D", "D2 A2 D3 F#3 A3 D4");
        other(all, "Open D minor", "D2 A2 D3 F3 A3 D4");
        other(all, "Open G", "D2 G2 D3 G3 B3 D4");
        other(all, "Open G minor", "D2 G2 D3 G3 Bb3 D4");
        other(all, "Open C", "C2 G2 C3 G3 C4 E4");
        other(all, "Open E", "E2 B2 E3 G#3 B3 E4");
        other(all, "Open A", "E2 A2 E3 A3 C#4 E4");
        other(all, "All fourths", "E2 A2 D3 G3 C4 F4");
        usual(all, "Baritone, from B", "B1 E2 A2 D3 F#3 B3");
        usual(all, "Seven strings", "B1 E2 A2 D3 G3 B3 E4");
        usual(all, "Eight strings", "F#1 B1 E2 A2 D3 G3 B3 E4");
        usual(all, "Twelve strings", "E2:E3 A2:A3 D3:D4 G3:G4 B3:B3 E4:E4");
        usual(all, "Bass, four strings", "E1 A1 D2 G2");
        usual(all, "Bass, five strings", "B0 E1 A1 D2 G2");
        usual(all, "Ukulele", "G4 C4 E4 A4");
        usual(all, "Mandolin, four pairs", "G3:G3 D4:D4 A4:A4 E5:E5");
        return List.copyOf(all);
    }

    private static void usual(List<CommonTuning> all, String name, String notes) {
        all.add(new CommonTuning(name, Tuning.parse(notes), true));
    }

    private static void other(List<CommonTuning> all, String name, String notes) {
        all.add(new CommonTuning(name, Tuning.parse(notes), false));
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
