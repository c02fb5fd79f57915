package tactus.core.music.pitch;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import tactus.core.ground.refusal.NotationException;

/** Finds the octaves of a tuning that is said by its notes alone: {@code D A D G A D}. */
final class OpenNotes {

    private OpenNotes() {}

    static Tuning tuning(String[] notes, String text) {
        if (notes.length > Tuning.MOST_STRINGS) {
            throw new NotationException("open-notes.strings-more", text, text.length(), notes.length);
        }
        List<Integer> classes =
                Arrays.stream(notes).map(note -> pitchClass(note, text)).toList();
        return common(classes).orElseGet(() -> Tuning.checked(octaves(classes), List.of(), text));
    }

    private static int pitchClass(String note, String text) {
        try {
            return NoteName.parse(note.isEmpty() ? note : Character.toUpperCase(note.charAt(0)) + note.substring(1))
                    .pitchClass();
        } catch (NotationException wrong) {
            throw new NotationException("open-notes.note-e", text, Math.max(0, text.indexOf(note)), note);
        }
    }

    private static Optional<Tuning> common(List<Integer> classes) {
        return CommonTuning.all().stream()
                .map(CommonTuning::tuning)
                .filter(tuning -> tuning.partners().isEmpty()
                        && tuning.open().stream()
                                .map(Pitch::pitchClass)
                                .toList()
                                .equals(classes))
                .findFirst();
    }

    private static List<Pitch> octaves(List<Integer> classes) {
        var open = new ArrayList<Pitch>();
        boolean six = classes.size() == Tuning.STANDARD.strings();
        for (int i = 0; i < classes.size(); i++) {
            open.add(six ? near(classes.get(i), Tuning.STANDARD.open().get(i)) : above(classes.get(i), open));
        }
        return open;
    }

    /** The pitch at most a tritone from {@code usual}; the lower one of two, since a string is rather loosened. */
    private static Pitch near(int pitchClass, Pitch usual) {
        int up = Math.floorMod(pitchClass - usual.pitchClass(), 12);
        return usual.plus(up < 6 ? up : up - 12);
    }

    private static Pitch above(int pitchClass, List<Pitch> open) {
        int floor = open.isEmpty() ? 35 : open.getLast().number();
        return new Pitch(floor + Math.floorMod(pitchClass - floor, 12));
    }
}
