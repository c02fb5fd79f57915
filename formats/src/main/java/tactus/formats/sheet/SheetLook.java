package tactus.formats.sheet;

import java.util.Objects;
import tactus.core.music.stroke.RoleSchool;

/**
 * What is chosen for all sheets.
 *
 * @param lowStringOnTop whether string 6 lies on top
 * @param leftHanded whether necks are drawn as a left-handed player sees them
 * @param roles how the fingers of the picking hand are called
 * @param today the date at the foot where the sheet says none of its own; empty for none
 */
public record SheetLook(Paper paper, boolean lowStringOnTop, boolean leftHanded, RoleSchool roles, String today) {

    public SheetLook {
        Objects.requireNonNull(paper);
        Objects.requireNonNull(roles);
        Objects.requireNonNull(today);
    }

    /** String 6 on top, for a right-handed player, without a date. */
    public static SheetLook on(Paper paper) {
        return new SheetLook(paper, true, false, RoleSchool.LETTERS, "");
    }
}
