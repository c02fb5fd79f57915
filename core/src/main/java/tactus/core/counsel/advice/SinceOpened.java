package tactus.core.counsel.advice;

/**
 * What was done with a song since it was opened and cannot be seen in it.
 *
 * @param capoCompared whether the places of the capo were looked at
 * @param heard whether it was played
 * @param sheetSeen whether the sheet was looked at
 */
public record SinceOpened(boolean capoCompared, boolean heard, boolean sheetSeen) {

    /** Nothing yet. */
    public static final SinceOpened NONE = new SinceOpened(false, false, false);

    public SinceOpened withCapoCompared() {
        return new SinceOpened(true, heard, sheetSeen);
    }

    public SinceOpened withHeard() {
        return new SinceOpened(capoCompared, true, sheetSeen);
    }

    public SinceOpened withSheetSeen() {
        return new SinceOpened(capoCompared, heard, true);
    }
}
