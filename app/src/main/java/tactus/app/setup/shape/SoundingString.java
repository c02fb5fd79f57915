package tactus.app.setup.shape;

import tactus.core.music.chord.ChordName;

/**
 * What a string sounds in a chord.
 *
 * @param note as the chord spells it
 * @param degree its sign above the root: {@code ♭3}; empty if it does not belong to the chord
 */
public record SoundingString(String note, String degree) {

    static SoundingString of(ChordName name, int pitchClass) {
        int interval = Math.floorMod(pitchClass - name.root().pitchClass(), 12);
        String degree = name.quality().degrees().stream()
                .filter(each -> each.semitones() == interval)
                .map(found -> found.sign().replace('b', '♭').replace('#', '♯'))
                .findFirst()
                .orElse("");
        return new SoundingString(name.note(pitchClass).toString(), degree);
    }
}
