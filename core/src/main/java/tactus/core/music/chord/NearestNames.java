package tactus.core.music.chord;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.pitch.NoteSchool;

/** Says why a chord's name cannot be read, and which names that can be read lie nearest. */
final class NearestNames {

    private static final int SHOWN = 3;

    private NearestNames() {}

    static NotationException noRoot(String text, NoteSchool school) {
        char first = text.charAt(0);
        if (first == 'H') return beginsWithH(text, school);
        String root = Character.toString(Character.toUpperCase(first));
        String code = NoteName.lengthIn(root, 0, school) > 0 ? "nearest-names.small-letter" : "nearest-names.no-root";
        return new NotationException(code, text, 0, nearest(root + text.substring(1), school));
    }

    /** Only a name that can be read is proposed. */
    private static NotationException beginsWithH(String text, NoteSchool school) {
        String rest = text.substring(1);
        return ChordName.find("B" + rest).isPresent()
                ? new NotationException("nearest-names.begins-h", text, 0, rest)
                : new NotationException("nearest-names.no-root", text, 0, nearest("B" + rest, school));
    }

    static NotationException noBass(String text, int index, NoteSchool school) {
        String rest = text.substring(index);
        return new NotationException("nearest-names.bass", text, index, rest, nearest(text, school));
    }

    static NotationException unreadable(String text, int index, NoteSchool school) {
        return new NotationException(
                "nearest-names.read-on", text, index, text.substring(index), nearest(text, school));
    }

    private static List<String> nearest(String text, NoteSchool school) {
        return candidates(text, school)
                .map(name -> new Near(name, distance(text, name)))
                .sorted(Comparator.comparingInt(Near::distance))
                .limit(SHOWN)
                .map(Near::name)
                .distinct()
                .toList();
    }

    private record Near(String name, int distance) {}

    private static Stream<String> candidates(String text, NoteSchool school) {
        int length = NoteName.lengthIn(text, 0, school);
        List<String> roots = new ArrayList<>();
        if (length > 0) roots.add(text.substring(0, length));
        else roots.addAll(List.of("A", "B", "C", "D", "E", "F", "G"));
        return roots.stream().flatMap(root -> Vocabulary.suffixes().stream().map(suffix -> root + suffix));
    }

    /** The number of letters to change, add, drop or swap (the distance of Damerau and Levenshtein). */
    static int distance(String from, String to) {
        String a = from.toLowerCase(Locale.ROOT);
        String b = to.toLowerCase(Locale.ROOT);
        int[][] cost = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) cost[i][0] = i;
        for (int j = 0; j <= b.length(); j++) cost[0][j] = j;
        for (int i = 1; i <= a.length(); i++) {
            for (int j = 1; j <= b.length(); j++) {
                int change = cost[i - 1][j - 1] + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                cost[i][j] = Math.min(change, Math.min(cost[i - 1][j], cost[i][j - 1]) + 1);
                boolean swapped =
                        i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
                if (swapped) cost[i][j] = Math.min(cost[i][j], cost[i - 2][j - 2] + 1);
            }
        }
        return cost[a.length()][b.length()];
    }
}
