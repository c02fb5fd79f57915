package tactus.app.arrangement.bars;

/** What a hand does on the page. */
interface PageHand {

    /** Chooses an entry. */
    void chooseHead(PageRow.Head head);

    /** Shows or hides the bars of an entry. */
    void toggle(PageRow.Head head);

    /**
     * Chooses a chord.
     *
     * @param reaches whether those between it and the chosen one are chosen as well
     */
    void chooseChord(PageRow.Line line, int span, boolean reaches);

    /** Chooses the first pass that a lane is about. */
    void chooseLane(PageRow.Line line, int lane);

    /** Lets go on a heading what was dragged there. */
    void dropOnHead(PageRow.Head head);

    /** Lets go on a chord what was dragged there. */
    void dropOnChord(PageRow.Line line, int span);
}
