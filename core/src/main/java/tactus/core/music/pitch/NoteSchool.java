package tactus.core.music.pitch;

/** What the letters of notes mean where a teacher has learned them. */
public enum NoteSchool {

    /** A B C D E F G, as in English. */
    INTERNATIONAL,
    /** B flat is called B and B natural H, as in German and the Scandinavian languages (common practice). */
    WITH_H;

    boolean isLetter(char letter) {
        return letter >= 'A' && letter <= 'G' || this == WITH_H && letter == 'H';
    }

    NoteName note(char letter, int alter) {
        if (this == INTERNATIONAL) return new NoteName(letter, alter);
        return switch (letter) {
            case 'H' -> new NoteName('B', alter);
            // "Bb" is written by many who say B for B flat; it means the same.
            case 'B' -> new NoteName('B', alter <= 0 ? -1 : alter - 1);
            default -> new NoteName(letter, alter);
        };
    }

    /** How {@code note} is written in this school. */
    public String written(NoteName note) {
        if (this == INTERNATIONAL || note.letter() != 'B') return note.toString();
        return note.alter() == -1 ? "B" : note.toString().replace('B', 'H');
    }
}
