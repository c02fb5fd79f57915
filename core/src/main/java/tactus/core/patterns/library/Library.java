package tactus.core.patterns.library;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Division;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;

/** About forty patterns of common practice and of our own making, by meter, feel and level. */
public final class Library {

    /** Code, meter, beats, slots a beat, hand and feel, level (1 to 4), what it suits, strokes. */
    private static final String TABLE = """
            four-downs | 4/4 | 4 | 2 | pendulum | 1 | steady march | d-d-d-d-
            downs-on-one-and-three | 4/4 | 4 | 2 | pendulum | 1 | ballad slow | d---d---
            one-held-strum | 4/4 | 4 | 2 | pendulum | 1 | slow ending | d=======
            down-down-up | 4/4 | 2 | 2 | pendulum | 1 | steady | d-du
            down-up-all-the-way | 4/4 | 4 | 2 | pendulum | 1 | steady | dudududu
            three-downs-of-a-waltz | 3/4 | 3 | 2 | pendulum | 1 | waltz | d-d-d-
            bass-and-two-brushes | 3/4 | 3 | 2 | pendulum | 1 | waltz | b-t-t-
            six-downs | 6/8 | 2 | 3 | all-down | 1 | ballad slow | dddddd
            two-in-six | 6/8 | 2 | 3 | all-down | 1 | ballad slow | d--d--
            miss-on-three | 4/4 | 4 | 2 | pendulum | 2 | song campfire | d-du-udu
            miss-on-three-light-end | 4/4 | 4 | 2 | pendulum | 2 | song campfire | d-du-ud-
            leaning-forward | 4/4 | 4 | 2 | pendulum | 2 | pop song | d-dudu-u
            bass-brush-bass-brush-up | 4/4 | 4 | 2 | pendulum | 2 | country march | b-t-b-tu
            bass-and-brush-ups | 4/4 | 4 | 2 | pendulum | 2 | country | b-tub-tu
            backbeat-accents | 4/4 | 4 | 2 | pendulum | 2 | rock pop | duDududu
            waltz-with-an-up | 3/4 | 3 | 2 | pendulum | 2 | waltz | d-dud-
            waltz-in-ups | 3/4 | 3 | 2 | pendulum | 2 | waltz | d-dudu
            bass-waltz-with-an-up | 3/4 | 3 | 2 | pendulum | 2 | waltz country | b-t-tu
            rocking-six | 6/8 | 2 | 3 | pendulum | 2 | ballad | d-du-u
            full-six | 6/8 | 2 | 3 | pendulum | 2 | ballad | dududu
            muted-two-and-four | 4/4 | 4 | 2 | pendulum | 3 | rock funk | duxuduxu
            chop-with-gaps | 4/4 | 4 | 2 | pendulum | 3 | funk | d-xu-uxu
            palm-muted-drive | 4/4 | 4 | 2 | all-down | 3 | rock | d_d_d_d_d_d_d_d_
            drive-that-opens | 4/4 | 4 | 2 | all-down | 3 | rock | D_d_d_d_D_d_d_D
            swung-brush | 4/4 | 4 | 2 | pendulum 2:1 | 3 | shuffle swing | d-dud-du
            shuffle-with-mutes | 4/4 | 4 | 2 | pendulum 2:1 | 3 | shuffle | duxuduxu
            offbeats-only | 4/4 | 4 | 2 | pendulum | 3 | island | -u-u-u-u
            three-and-three-and-two | 4/4 | 4 | 2 | pendulum | 3 | pop latin | D--U--D-
            pushed-second-half | 4/4 | 4 | 2 | pendulum | 3 | pop | d-du-u-u
            sixteenth-gallop | 4/4 | 2 | 4 | pendulum | 3 | rock march | d-dud-du
            lantern-sixteenths | 4/4 | 4 | 4 | pendulum | 3 | pop folk | d-d-dudu-udud-du
            funk-sixteenths | 4/4 | 4 | 4 | pendulum | 4 | funk | D-xu-uX--udux-xu
            sixteenths-all-the-way | 4/4 | 1 | 4 | pendulum | 4 | folk fast | Dudu
            five-with-two-and-three | 2+3/8 | 2 | 2 | pendulum | 3 | odd | d-dud
            seven-in-two-two-three | 2+2+3/8 | 3 | 2 | all-down | 3 | odd | D-D-D-d
            five-quarters | 5/4 | 5 | 2 | pendulum | 3 | odd | d-dud-d-du
            thumb-and-three | 4/4 | 4 | 2 | pendulum | 2 | picking ballad | pimapima
            there-and-back | 6/8 | 2 | 3 | pendulum | 2 | picking ballad | pimami
            there-and-back-in-four | 4/4 | 4 | 2 | pendulum | 2 | picking folk | pimiamim
            waltz-picking | 3/4 | 3 | 2 | pendulum | 2 | picking waltz | pi(ma)i(ma)i
            thumb-on-every-beat | 4/4 | 4 | 2 | pendulum | 3 | picking folk | piqmpiqm
            pinch-and-roll | 4/4 | 4 | 2 | pendulum | 3 | picking folk | (pa)-qip-qm
            four-finger-ballad | 4/4 | 4 | 2 | pendulum | 2 | picking ballad | p-(ima)-q-(ima)-
            """;

    private static final List<LibraryPattern> ALL =
            TABLE.lines().map(Library::pattern).toList();

    private Library() {}

    /** All patterns, the easy ones of each kind first. */
    public static List<LibraryPattern> patterns() {
        return ALL;
    }

    /** All patterns; those that are too hard for {@code level} come last. */
    public static List<LibraryPattern> patterns(Optional<Level> level) {
        return ALL.stream()
                .sorted(Comparator.comparing(
                        each -> level.isPresent() && each.level().compareTo(level.get()) > 0))
                .toList();
    }

    private static LibraryPattern pattern(String line) {
        String[] cells = Stream.of(line.split("\\|")).map(String::strip).toArray(String[]::new);
        Meter meter = Meter.parse(cells[1]);
        Division division = Division.of(Integer.parseInt(cells[3]));
        PatternFrame frame = PatternFrame.of(
                        meter, Integer.parseInt(cells[2]), division, hand(cells[4], division, meter))
                .withFeel(cells[4].endsWith("2:1") ? Feel.TRIPLET_SWING : Feel.STRAIGHT);
        Pattern pattern =
                Pattern.empty(new PatternId(cells[0]), cells[0], frame).withLine(cells[7]);
        return new LibraryPattern(pattern, Level.values()[Integer.parseInt(cells[5]) - 1], Set.of(cells[6].split(" ")));
    }

    private static Hand hand(String text, Division division, Meter meter) {
        return text.equals("all-down")
                ? Hand.allDown(division.slotLength(meter))
                : Hand.pendulum(division.slotLength(meter));
    }
}
