package tactus.core.laid.timeline;

import tactus.core.music.time.Length;

/** A chord of a pass or a piece of one, counted from the start of the pass. */
record LaidSpan(String chord, Length start, Length end, int inSection, boolean goesOn, TimelineSpan.Played played) {}
