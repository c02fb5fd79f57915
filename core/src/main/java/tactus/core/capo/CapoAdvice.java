package tactus.core.capo;

import java.util.List;
import java.util.Optional;

/** Says in a sentence why a choice is recommended. */
public final class CapoAdvice {

    private CapoAdvice() {}

    /** A sentence on the best of {@code plan} against what the song has now; empty if there is nothing to compare. */
    public static Optional<String> sentence(CapoPlan plan) {
        if (plan.choices().isEmpty()) return Optional.empty();
        CapoChoice best = plan.choices().getFirst();
        Optional<CapoChoice> now = plan.current();
        if (now.filter(best::equals).isPresent()) {
            return Optional.of("It is best as it is: " + place(best) + ", " + what(best) + ".");
        }
        return Optional.of(capital(place(best)) + ": " + what(best)
                + now.map(current -> "; now it is " + what(current)).orElse("") + ".");
    }

    /** {@code capo 3 with shapes in G}, {@code no capo, strings 1 down, with shapes in E}. */
    public static String place(CapoChoice choice) {
        String capo = choice.capo() == 0 ? "no capo" : "capo " + choice.capo();
        String down = choice.tunedDown() == 0 ? "" : ", strings " + choice.tunedDown() + " down,";
        return capo + down + " with shapes in " + choice.shapesKey();
    }

    private static String what(CapoChoice choice) {
        return String.join(
                ", ",
                List.of(
                        barres(choice.barres()),
                        "at most " + choice.stretch() + " mm of stretch",
                        "ease " + choice.ease()));
    }

    private static String barres(int count) {
        return switch (count) {
            case 0 -> "no barre";
            case 1 -> "one barre";
            default -> count + " barres";
        };
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
