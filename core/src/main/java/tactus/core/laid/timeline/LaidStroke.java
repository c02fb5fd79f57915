package tactus.core.laid.timeline;

/** A stroke of a pass. */
record LaidStroke(PassSlot at, Motion motion, Sounding sound, PlayedFrom from) {

    /**
     * The same stroke in a song.
     *
     * @param pass where the pass begins
     * @param seconds when it sounds there
     */
    TimelineStroke placed(SongPosition pass, double seconds) {
        return new TimelineStroke(at.in(pass), seconds, motion.stroke(), motion.hand(), sound, from);
    }
}
