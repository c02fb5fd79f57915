package tactus.core.laid.timeline;

import tactus.core.music.time.Length;

/** A stroke of a pass, counted from the start of that. */
record LaidStroke(SlotTime at, Motion motion, Sounding sound, PlayedFrom from) {

    /**
     * The same stroke in a song.
     *
     * @param seconds when it sounds there
     */
    TimelineStroke placed(Length start, int firstBar, int firstSpan, double seconds) {
        return new TimelineStroke(
                at.movedBy(start, firstBar), seconds, motion.stroke(), motion.hand(), sound, from.movedBy(firstSpan));
    }
}
