package tactus.formats.sheet;

import java.util.Objects;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.stroke.RoleSchool;
import tactus.words.Language;

/**
 * What is chosen for all sheets.
 *
 * @param lowStringOnTop whether string 6 lies on top
 * @param leftHanded whether necks are drawn as a left-handed player sees them
 * @param roles how the fingers of the picking hand are called
 * @param notes what the letters of notes mean to whoever reads it
 * @param today the date at the foot where the sheet says none of its own; empty for none
 */
public record SheetLook(
        Paper paper, boolean lowStringOnTop, boolean leftHanded, RoleSchool roles, NoteSchool notes, String today) {

    public SheetLook {
        Objects.requireNonNull(paper);
        Objects.requireNonNull(roles);
        Objects.requireNonNull(notes);
        Objects.requireNonNull(today);
    }

    /** String 6 on top, for a right-handed player, in the letters of the language that is spoken, without a date. */
    public static SheetLook on(Paper paper) {
        NoteSchool notes = Language.current().saysH() ? NoteSchool.WITH_H : NoteSchool.INTERNATIONAL;
        return new SheetLook(paper, true, false, RoleSchool.LETTERS, notes, "");
    }
}
