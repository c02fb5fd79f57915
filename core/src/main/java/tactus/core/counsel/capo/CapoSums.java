package tactus.core.counsel.capo;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;

/** Capo sums asked the other way round. Sounding key = key of the shapes + capo - semitones tuned down. */
public final class CapoSums {

    private CapoSums() {}

    /**
     * A way to set the guitar up.
     *
     * @param tunedDown semitones
     */
    public record Setting(int tunedDown, int capo) {

        /** Where the capo sits low and the strings stay as they are it is best. */
        double cost() {
            return CapoPlan.cramp(tunedDown, capo) + 0.3 * capo;
        }
    }

    /** Every way to make shapes in {@code shapes} sound in {@code sounding}, the best first. */
    public static List<Setting> settings(Key sounding, Key shapes) {
        var settings = new ArrayList<Setting>();
        for (int down = 0; down <= Instrument.LOWEST_TUNED_DOWN; down++) {
            settings.add(new Setting(down, Math.floorMod(sounding.tonic() - shapes.tonic() + down, 12)));
        }
        settings.sort(Comparator.comparingDouble(Setting::cost));
        return settings;
    }

    /**
     * The key a song is heard in when its chords, meant in {@code key}, are played on a guitar tuned {@code semitones}
     * lower.
     */
    public static Key onLoweredGuitar(Key key, int semitones) {
        return key.plus(-semitones);
    }

    /** The key that shapes sound in when a student who has no capo plays them as they are. */
    public static Key withoutCapo(Key sounding, Instrument instrument) {
        return sounding.plus(-instrument.capo());
    }
}
