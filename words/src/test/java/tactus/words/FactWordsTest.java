package tactus.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.VoiceRange;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

class FactWordsTest {

    private static final Song SONG = Song.empty("Lamps");

    @Test
    void everyFactIsCalledSomethingInFieldsAndInWhatCanBeUndone() {
        for (Aspect<?> aspect : Aspect.all()) {
            assertFalse(Words.value(aspect).isBlank(), aspect.code());
            assertFalse(FactWords.label(aspect).isBlank(), aspect.code());
        }
    }

    @Test
    void whatIsOtherInAVersionIsSaidAndCanBeTakenBackOneByOne() {
        Version version = Version.of("Low")
                .with(Aspect.CAPO, Optional.of(3))
                .with(Aspect.KEY, Optional.of(Key.parse("A")))
                .with(Aspect.VOICE, Optional.of(Optional.of(VoiceRange.parse("G3-C5"))));
        List<OverlayWords.Item> items = new OverlayWords(SONG, version).items();
        assertEquals(
                List.of("Singer’s range: G3-C5", "Sounds in A"),
                items.stream().map(OverlayWords.Item::text).sorted().toList());
        items.forEach(item -> assertEquals(
                version.facts().values().size() - 1,
                item.without().facts().values().size()));
        assertEquals(Optional.of("Capo at 3"), OverlayWords.fact(version, Aspect.CAPO));
        Version nobody = Version.of("Low").with(Aspect.VOICE, Optional.of(Optional.empty()));
        assertEquals(Optional.of("Singer’s range: not said"), OverlayWords.fact(nobody, Aspect.VOICE));
    }

    @Test
    void amongTheFactsStandsOnlyWhatIsNotAsInMostSongs() {
        Facts facts = SONG.facts();
        assertEquals(Optional.empty(), FactWords.inLine(Aspect.VOICE, facts));
        Facts sung = Aspect.VOICE.put(facts, Optional.of(VoiceRange.parse("A3-E5")));
        assertEquals(Optional.of("singer’s range: A3-E5"), FactWords.inLine(Aspect.VOICE, sung));
    }
}
