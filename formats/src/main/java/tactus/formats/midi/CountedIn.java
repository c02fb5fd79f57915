package tactus.formats.midi;

import java.util.Optional;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import tactus.words.Words;

/** Files of our own in which a bar is counted in front of the music: that bar is none of the song's. */
final class CountedIn {

    private CountedIn() {}

    /** {@code read} without what is counted in front, or itself where nothing is. */
    static Sequence without(Sequence read) {
        for (Track track : read.getTracks()) {
            Optional<Long> end = end(track);
            if (end.isPresent() && end.get() > 0 && isAlone(read, track, end.get()))
                return earlier(read, track, end.get());
        }
        return read;
    }

    /** Where the music begins, as the track that counts in says by its cue point; empty if it is no such track. */
    private static Optional<Long> end(Track track) {
        boolean isCountIn = false;
        Optional<Long> end = Optional.empty();
        for (int i = 0; i < track.size(); i++) {
            if (!(track.get(i).getMessage() instanceof MetaMessage meta)) continue;
            isCountIn |= meta.getType() == MidiFile.TRACK_NAME
                    && MidiReader.text(meta.getData()).equals(Words.of("midi.count-in"));
            if (meta.getType() == MidiFile.CUE_POINT)
                end = Optional.of(track.get(i).getTick());
        }
        return isCountIn ? end : Optional.empty();
    }

    private static boolean isAlone(Sequence read, Track countIn, long end) {
        for (Track track : read.getTracks()) {
            for (int i = 0; track != countIn && i < track.size(); i++) {
                MidiEvent event = track.get(i);
                boolean strikes = event.getMessage() instanceof ShortMessage played
                        && played.getCommand() == ShortMessage.NOTE_ON
                        && played.getData2() > 0;
                if (strikes && event.getTick() < end) return false;
            }
        }
        return true;
    }

    private static Sequence earlier(Sequence read, Track countIn, long by) {
        try {
            var sequence = new Sequence(Sequence.PPQ, read.getResolution());
            for (Track track : read.getTracks()) {
                if (track == countIn) continue;
                Track moved = sequence.createTrack();
                for (int i = 0; i < track.size(); i++) {
                    MidiEvent event = track.get(i);
                    moved.add(new MidiEvent(event.getMessage(), Math.max(0, event.getTick() - by)));
                }
            }
            return sequence;
        } catch (InvalidMidiDataException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
