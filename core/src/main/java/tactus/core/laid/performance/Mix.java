package tactus.core.laid.performance;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * How loud each voice is.
 *
 * @param levels for each voice that is not at its usual level, in decibels above it, {@link #SOFTEST} to {@link #LOUDEST}
 * @param muted the voices that are silent
 * @param solo where there are any, the only ones that are heard; what is muted stays silent
 */
public record Mix(Map<MixVoice, Integer> levels, Set<MixVoice> muted, Set<MixVoice> solo) {

    public static final int SOFTEST = -30;
    public static final int LOUDEST = 6;

    /** Both guitars. */
    public static final Mix USUAL = of(MixVoice.GUITAR, MixVoice.SECOND);

    /** @throws IllegalArgumentException if a level is outside its range */
    public Mix {
        for (int level : levels.values()) {
            if (level < SOFTEST || level > LOUDEST)
                throw new IllegalArgumentException("a level is -30 to 6 decibels, was " + level);
        }
        levels = Map.copyOf(levels);
        muted = Set.copyOf(muted);
        solo = Set.copyOf(solo);
    }

    /** The voices {@code heard} at their usual level, and no other. */
    public static Mix of(MixVoice... heard) {
        var muted = EnumSet.allOf(MixVoice.class);
        Arrays.asList(heard).forEach(muted::remove);
        return new Mix(Map.of(), muted, Set.of());
    }

    public boolean isHeard(MixVoice voice) {
        Objects.requireNonNull(voice);
        return !muted.contains(voice) && (solo.isEmpty() || solo.contains(voice));
    }

    /** See {@link #levels}; 0 at the usual level. */
    public int level(MixVoice voice) {
        return levels.getOrDefault(voice, 0);
    }

    /** The factor of its amplitude, 0 where it is not heard. */
    public double gain(MixVoice voice) {
        return isHeard(voice) ? Math.pow(10, level(voice) / 20.0) : 0;
    }

    /** The same with {@code voice} at another level, which is put into its range. */
    public Mix withLevel(MixVoice voice, int decibels) {
        var changed = new EnumMap<MixVoice, Integer>(MixVoice.class);
        changed.putAll(levels);
        changed.put(voice, Math.clamp(decibels, SOFTEST, LOUDEST));
        return new Mix(changed, muted, solo);
    }

    /** The same with {@code voice} muted or not. */
    public Mix withMuted(MixVoice voice, boolean isMuted) {
        return new Mix(levels, with(muted, voice, isMuted), solo);
    }

    /** The same with {@code voice} heard alone, beside others that are, or not. */
    public Mix withSolo(MixVoice voice, boolean isSolo) {
        return new Mix(levels, muted, with(solo, voice, isSolo));
    }

    private static Set<MixVoice> with(Set<MixVoice> voices, MixVoice voice, boolean there) {
        var changed = EnumSet.noneOf(MixVoice.class);
        changed.addAll(voices);
        if (there) changed.add(voice);
        else changed.remove(voice);
        return changed;
    }
}
