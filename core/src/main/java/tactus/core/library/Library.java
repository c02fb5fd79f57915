package tactus.core.library;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import tactus.core.name.Slug;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternFrame;
import tactus.core.pattern.PatternId;
import tactus.core.stroke.Hand;
import tactus.core.time.Division;
import tactus.core.time.Feel;
import tactus.core.time.Meter;

/** About forty patterns of common practice and of our own making, by meter, feel and level. */
public final class Library {

    /** Name, meter, beats, slots a beat, hand and feel, level (1 to 4), what it suits, strokes. */
    private static final String TABLE = """
            Four downs | 4/4 | 4 | 2 | pendulum | 1 | steady march | d-d-d-d-
            Downs on one and three | 4/4 | 4 | 2 | pendulum | 1 | ballad slow | d---d---
            One held strum | 4/4 | 4 | 2 | pendulum | 1 | slow ending | d=======
            Down, down-up | 4/4 | 2 | 2 | pendulum | 1 | steady | d-du
            Down-up all the way | 4/4 | 4 | 2 | pendulum | 1 | steady | dudududu
            Three downs of a waltz | 3/4 | 3 | 2 | pendulum | 1 | waltz | d-d-d-
            Bass and two brushes | 3/4 | 3 | 2 | pendulum | 1 | waltz | b-t-t-
            Six downs | 6/8 | 2 | 3 | all down | 1 | ballad slow | dddddd
            Two in six | 6/8 | 2 | 3 | all down | 1 | ballad slow | d--d--
            Miss on three | 4/4 | 4 | 2 | pendulum | 2 | song campfire | d-du-udu
            Miss on three, light end | 4/4 | 4 | 2 | pendulum | 2 | song campfire | d-du-ud-
            Leaning forward | 4/4 | 4 | 2 | pendulum | 2 | pop song | d-dudu-u
            Bass, brush, bass, brush-up | 4/4 | 4 | 2 | pendulum | 2 | country march | b-t-b-tu
            Bass and brush-ups | 4/4 | 4 | 2 | pendulum | 2 | country | b-tub-tu
            Backbeat accents | 4/4 | 4 | 2 | pendulum | 2 | rock pop | duDududu
            Waltz with an up | 3/4 | 3 | 2 | pendulum | 2 | waltz | d-dud-
            Waltz in ups | 3/4 | 3 | 2 | pendulum | 2 | waltz | d-dudu
            Bass waltz with an up | 3/4 | 3 | 2 | pendulum | 2 | waltz country | b-t-tu
            Rocking six | 6/8 | 2 | 3 | pendulum | 2 | ballad | d-du-u
            Full six | 6/8 | 2 | 3 | pendulum | 2 | ballad | dududu
            Muted two and four | 4/4 | 4 | 2 | pendulum | 3 | rock funk | duxuduxu
            Chop with gaps | 4/4 | 4 | 2 | pendulum | 3 | funk | d-xu-uxu
            Palm-muted drive | 4/4 | 4 | 2 | all down | 3 | rock | d_d_d_d_d_d_d_d_
            Drive that opens | 4/4 | 4 | 2 | all down | 3 | rock | D_d_d_d_D_d_d_D
            Swung brush | 4/4 | 4 | 2 | pendulum 2:1 | 3 | shuffle swing | d-dud-du
            Shuffle with mutes | 4/4 | 4 | 2 | pendulum 2:1 | 3 | shuffle | duxuduxu
            Offbeats only | 4/4 | 4 | 2 | pendulum | 3 | island | -u-u-u-u
            Three and three and two | 4/4 | 4 | 2 | pendulum | 3 | pop latin | D--U--D-
            Pushed second half | 4/4 | 4 | 2 | pendulum | 3 | pop | d-du-u-u
            Sixteenth gallop | 4/4 | 2 | 4 | pendulum | 3 | rock march | d-dud-du
            Lantern sixteenths | 4/4 | 4 | 4 | pendulum | 3 | pop folk | d-d-dudu-udud-du
            Funk sixteenths | 4/4 | 4 | 4 | pendulum | 4 | funk | D-xu-uX--udux-xu
            Sixteenths all the way | 4/4 | 1 | 4 | pendulum | 4 | folk fast | Dudu
            Five with two and three | 2+3/8 | 2 | 2 | pendulum | 3 | odd | d-dud
            Seven in two, two, three | 2+2+3/8 | 3 | 2 | all down | 3 | odd | D-D-D-d
            Five quarters | 5/4 | 5 | 2 | pendulum | 3 | odd | d-dud-d-du
            Thumb and three | 4/4 | 4 | 2 | pendulum | 2 | picking ballad | pimapima
            There and back | 6/8 | 2 | 3 | pendulum | 2 | picking ballad | pimami
            There and back in four | 4/4 | 4 | 2 | pendulum | 2 | picking folk | pimiamim
            Waltz picking | 3/4 | 3 | 2 | pendulum | 2 | picking waltz | pi(ma)i(ma)i
            Thumb on every beat | 4/4 | 4 | 2 | pendulum | 3 | picking folk | piqmpiqm
            Pinch and roll | 4/4 | 4 | 2 | pendulum | 3 | picking folk | (pa)-qip-qm
            Four-finger ballad | 4/4 | 4 | 2 | pendulum | 2 | picking ballad | p-(ima)-q-(ima)-
            """;

    private static final List<LibraryPattern> ALL =
            TABLE.lines().map(Library::pattern).toList();

    private Library() {}

    /** All patterns, the easy ones of each kind first. */
    public static List<LibraryPattern> patterns() {
        return ALL;
    }

    private static LibraryPattern pattern(String line) {
        String[] cells = Stream.of(line.split("\\|")).map(String::strip).toArray(String[]::new);
        Meter meter = Meter.parse(cells[1]);
        Division division = Division.of(Integer.parseInt(cells[3]));
        PatternFrame frame = PatternFrame.of(
                        meter, Integer.parseInt(cells[2]), division, hand(cells[4], division, meter))
                .withFeel(cells[4].endsWith("2:1") ? Feel.TRIPLET_SWING : Feel.STRAIGHT);
        Pattern pattern = Pattern.empty(new PatternId(Slug.fresh(cells[0], _ -> false)), cells[0], frame)
                .withLine(cells[7]);
        return new LibraryPattern(pattern, Level.values()[Integer.parseInt(cells[5]) - 1], Set.of(cells[6].split(" ")));
    }

    private static Hand hand(String text, Division division, Meter meter) {
        return text.startsWith("all down")
                ? Hand.allDown(division.slotLength(meter))
                : Hand.pendulum(division.slotLength(meter));
    }
}
