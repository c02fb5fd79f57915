package tactus.core.groove;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.time.Division;
import tactus.core.time.Grid;
import tactus.core.time.Meter;
import tactus.core.time.NotationException;

/** Reads drum syllables, words and letters. */
final class GrooveReader {

    private static final Pattern WORD = Pattern.compile("[A-Za-z]+|[^\\sA-Za-z,|]");
    private static final Map<String, Set<Drum>> WORDS = Map.ofEntries(
            Map.entry("k", Set.of(Drum.KICK)),
            Map.entry("kick", Set.of(Drum.KICK)),
            Map.entry("boom", Set.of(Drum.KICK)),
            Map.entry("bum", Set.of(Drum.KICK)),
            Map.entry("dum", Set.of(Drum.KICK)),
            Map.entry("s", Set.of(Drum.SNARE)),
            Map.entry("snare", Set.of(Drum.SNARE)),
            Map.entry("chick", Set.of(Drum.SNARE)),
            Map.entry("chack", Set.of(Drum.SNARE)),
            Map.entry("ka", Set.of(Drum.SNARE)),
            Map.entry("tak", Set.of(Drum.SNARE)),
            Map.entry("clap", Set.of(Drum.SNARE)),
            Map.entry("h", Set.of(Drum.HAT)),
            Map.entry("hat", Set.of(Drum.HAT)),
            Map.entry("t", Set.of(Drum.HAT)),
            Map.entry("ts", Set.of(Drum.HAT)),
            Map.entry("tss", Set.of(Drum.HAT)),
            Map.entry("tick", Set.of(Drum.HAT)),
            Map.entry("rest", Set.of()),
            Map.entry("-", Set.of()),
            Map.entry("–", Set.of()),
            Map.entry(".", Set.of()));

    private final String text;
    private final Meter meter;
    private final int beats;
    private final List<Set<Drum>> hits = new ArrayList<>();
    private Set<Drum> together;
    private int open;

    GrooveReader(String text, Meter meter, int beats) {
        this.text = text;
        this.meter = meter;
        this.beats = beats;
    }

    Groove read() {
        Matcher words = WORD.matcher(text);
        while (words.find()) read(words.group().toLowerCase(Locale.ROOT), words.start());
        if (together != null) throw new NotationException("has a bracket that is not closed", text, open);
        if (hits.isEmpty()) throw new NotationException("says no drum: write k s h, or boom chick ts", text, 0);
        for (Division division : Division.in(meter)) {
            if (Grid.of(meter, beats, division).size() == hits.size()) return new Groove(meter, beats, division, hits);
        }
        throw new NotationException(
                "has " + hits.size() + " hits, which do not come out even with " + beats + " beats of " + meter
                        + ": write - where no drum is hit",
                text,
                0);
    }

    private void read(String word, int index) {
        switch (word) {
            case "(" -> {
                if (together != null) throw new NotationException("has a bracket inside another", text, index);
                together = EnumSet.noneOf(Drum.class);
                open = index;
            }
            case ")" -> {
                if (together == null) throw new NotationException("closes a bracket that is not open", text, index);
                hits.add(together);
                together = null;
            }
            default -> hit(word, index);
        }
    }

    /** A word, or letters written together. */
    private void hit(String word, int index) {
        Set<Drum> drums = WORDS.get(word);
        if (drums != null) {
            if (together == null) hits.add(drums);
            else together.addAll(drums);
        } else if (word.length() > 1 && word.matches("[ksh]+")) {
            for (int i = 0; i < word.length(); i++) hit(word.substring(i, i + 1), index + i);
        } else {
            throw new NotationException(
                    "has \"" + word + "\", which is no drum: write k s h, or boom chick ts, or -", text, index);
        }
    }
}
