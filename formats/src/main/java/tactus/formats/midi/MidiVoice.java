package tactus.formats.midi;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;

/** What one track, or in a file of one track one channel, plays. */
final class MidiVoice {

    private static final int FIRST_GUITAR = 24;
    private static final int LAST_GUITAR = 31;
    private static final int FEWEST_STRINGS = 3;
    private static final int MOST_STRINGS = 6;

    private final List<long[]> notes = new ArrayList<>();
    private final BitSet channels = new BitSet();
    private int program = -1;
    private String name = "";

    /**
     * The voices of a file. Programs that give each channel a track of its own part the strings of a guitar, and only the first
     * keeps the name, or all do: such strings are one voice again.
     */
    static List<MidiVoice> joined(List<MidiVoice> tracks) {
        var joined = new ArrayList<MidiVoice>();
        for (int at = 0; at < tracks.size(); ) {
            MidiVoice first = tracks.get(at);
            int end = at + 1;
            while (end < tracks.size()
                    && end - at <= MOST_STRINGS
                    && tracks.get(end).isStringOf(first)) end++;
            var channels = new BitSet();
            tracks.subList(at, end).forEach(each -> channels.or(each.channels));
            int strings = end - at;
            boolean isStrings = first.isString()
                    && strings >= FEWEST_STRINGS
                    && strings <= MOST_STRINGS
                    && channels.cardinality() == strings;
            if (isStrings) tracks.subList(at + 1, end).forEach(first::add);
            joined.add(first);
            at = isStrings ? end : at + 1;
        }
        return joined;
    }

    /** Whether one string could play it: a guitar on one channel, no two notes at once. */
    private boolean isString() {
        return isGuitar()
                && channels.cardinality() == 1
                && notes.stream().mapToLong(note -> note[0]).distinct().count() == notes.size();
    }

    private boolean isStringOf(MidiVoice first) {
        boolean isCalledSo = name.isEmpty() ? !first.name.isEmpty() : name.equals(first.name);
        return isCalledSo && isString();
    }

    private void add(MidiVoice string) {
        notes.addAll(string.notes);
        notes.sort(Comparator.comparingLong(note -> note[0]));
        channels.or(string.channels);
    }

    /** A note is its tick, its key, how hard it is struck, the tick at which it ends, and its channel. */
    List<long[]> notes() {
        return notes;
    }

    BitSet channels() {
        return channels;
    }

    /** Its instrument, from 0; below 0 if none was said. */
    int program() {
        return program;
    }

    void play(int instrument) {
        program = instrument;
    }

    void call(String said) {
        name = said;
    }

    boolean isGuitar() {
        return program >= FIRST_GUITAR && program <= LAST_GUITAR;
    }

    /** Several channels one beside the other are strings (the mono mode of guitar controllers, common practice). */
    int string(int channel) {
        boolean isByString =
                channels.cardinality() >= FEWEST_STRINGS && channels.length() - channels.nextSetBit(0) <= MOST_STRINGS;
        return isByString ? channel % 10 + 1 : 0;
    }
}
