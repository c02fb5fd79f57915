package tactus.core.music.chord;

import java.util.ArrayList;
import java.util.List;
import java.util.StringTokenizer;

/**
 * The qualities that chords are called by, from the commonest to the rarest. The order is our judgement of how often
 * teachers write them (from memory).
 */
final class Vocabulary {

    /**
     * A quality with how seldom it is met.
     *
     * @param rarity 0 for a major triad, to about 5
     */
    record Entry(Quality quality, double rarity) {}

    // Each line is rarer than the one before it; "." is the major triad.
    private static final String[] LINES = {
        "0.0 .",
        "0.2 m",
        "0.8 7 m7 maj7 5",
        "1.3 sus4 sus2 add9 6 m6 9 m9 7sus4 dim aug dim7 m7b5",
        "1.6 maj9 69 m69 madd9 13 11 m11 maj13 mmaj7 aug7 7b5 7b9 7#9 9sus4 maj7#11",
        "2.0 7add11 maj7#5 maj7b5 9b5 aug9 9#11 maj9#11 mmaj9 mmaj11 maj11 13sus4 7#11 sus2sus4 dimmaj7",
        "2.4 m13 7sus2 maj7sus4 maj7sus2 7b9sus4 add11 madd11 m7add11 maj7add11 7add13 maj7add13 m7add13",
        "2.8 (b5) m(#5) 6b5 69#11 13b9 13#9 13#11 maj13#11 7#5#9 7#5b9 7b5#9 7b5b9 7b13 7b9b13 7#9b13 7b9#9 7#9#11 7b9#11",
        "3.2 addb9 add#11 addb13 maddb13 maddb9 6sus4 6sus2 6add11 m6add11 m9b5 m11b5 9add11 maj9add11 maj9#5 9b13 dim7add9",
        "3.6 m7#5 madd#11 m7b9 mmaj7b13 mmaj9b13 mmaj13 maj7b9 maj7#9 maj7#9#11 7b13#11 sus4add13 sus4addb9 13b5 dim7add11",
        "4.0 augadd9 dimadd9 addb9add11 m6add9add11 7b9#11b13 7#9#11b13 13b9#11 13#9#11 9#11b13 7alt dim7addb13 9sus4addb13",
    };

    private static final List<Entry> ENTRIES = read();

    private Vocabulary() {}

    private static List<Entry> read() {
        var entries = new ArrayList<Entry>();
        for (String line : LINES) {
            var words = new StringTokenizer(line);
            double rarity = Double.parseDouble(words.nextToken());
            while (words.hasMoreTokens()) {
                String suffix = words.nextToken().replace(".", "");
                entries.add(new Entry(ChordName.parse("C" + suffix).quality(), rarity));
            }
        }
        return List.copyOf(entries);
    }

    static List<Entry> entries() {
        return ENTRIES;
    }

    /** The suffixes in our house form. */
    static List<String> suffixes() {
        return ENTRIES.stream().map(entry -> entry.quality().toString()).toList();
    }
}
