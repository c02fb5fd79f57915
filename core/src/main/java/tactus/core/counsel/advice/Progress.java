package tactus.core.counsel.advice;

/**
 * What was done with a song since it was opened and cannot be seen in it.
 *
 * @param capoCompared whether the places of the capo were looked at
 * @param heard whether it was played
 * @param sheetSeen whether the sheet was looked at
 */
public record Progress(boolean capoCompared, boolean heard, boolean sheetSeen) {

    /** Nothing yet. */
    public static final Progress NONE = new Progress(false, false, false);

    public Progress withCapoCompared() {
        return new Progress(true, heard, sheetSeen);
    }

    public Progress withHeard() {
        return new Progress(capoCompared, true, sheetSeen);
    }

    public Progress withSheetSeen() {
        return new Progress(capoCompared, heard, true);
    }
}
