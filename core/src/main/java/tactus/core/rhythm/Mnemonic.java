package tactus.core.rhythm;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tactus.core.pattern.Pattern;
import tactus.core.time.Slot;

/**
 * Words to feel a cell by, one syllable a stroke. The words are our own.
 *
 * @param syllables as they are written: {@code LAN tern light}
 */
public record Mnemonic(List<String> syllables) {

    private static final List<Mnemonic> ALL = List.of(
            of("GLOW"),
            of("LAN tern"),
            of("GO HOME"),
            of("a LIGHT"),
            of("LAN tern LIGHT"),
            of("HOLD it up"),
            of("ONE lit LAMP"),
            of("the POND is"),
            of("HAND in HAND home"),
            of("WALK a round the"),
            of("LAN terns GLOW ing"),
            of("LIGHT the LAN tern"),
            of("WALK to the POND now"),
            of("DOWN by the WA ter"),
            of("LAN terns in a ROW"),
            of("WALK with the LAN terns on"),
            of("CAN dles BURN all EVE ning"),
            of("SEE the LIGHT is go ing"),
            of("CAR ry the LAN tern for ME"),
            of("ROUND the POND and BACK home NOW"),
            of("ALL the CHIL dren SING a LONG now"),
            of("ROUND a bout the POND to NIGHT we"));

    public Mnemonic {
        syllables = List.copyOf(syllables);
    }

    private static Mnemonic of(String words) {
        return new Mnemonic(List.of(words.split(" ")));
    }

    /**
     * The words whose strong syllables fall on felt beats as well as any of ours do.
     *
     * @param slots how many slots of {@code pattern} they are for
     * @return empty if there are none of as many syllables
     */
    public static Optional<Mnemonic> of(Pattern pattern, int slots) {
        List<Boolean> strong = pattern.grid().slots().stream()
                .filter(slot -> slot.index() < slots && pattern.at(slot).isStruck())
                .map(Slot::startsBeat)
                .toList();
        return ALL.stream()
                .filter(words -> words.syllables.size() == strong.size())
                .max(Comparator.comparingInt(words -> words.agreement(strong)));
    }

    private int agreement(List<Boolean> strong) {
        int agreeing = 0;
        for (int i = 0; i < strong.size(); i++) if (isStrong(i) == strong.get(i)) agreeing++;
        return agreeing;
    }

    /** Whether the syllable with {@code index} is stressed. */
    public boolean isStrong(int index) {
        return Character.isUpperCase(syllables.get(index).charAt(0));
    }

    @Override
    public String toString() {
        return String.join(" ", syllables);
    }
}
