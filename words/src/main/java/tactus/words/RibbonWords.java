package tactus.words;

import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.outline.Ribbon;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.What;
import tactus.core.written.song.Song;

/**
 * What a ribbon says, on the screen and on paper.
 *
 * @param whole {@code Lantern march, short form}, an event, or that nothing is said
 * @param brief for where there is little room: the form alone, if there is one
 */
public record RibbonWords(String whole, String brief) {

    public RibbonWords {
        Objects.requireNonNull(whole);
        Objects.requireNonNull(brief);
    }

    /** @param isSecond whether a second guitar plays it */
    public static RibbonWords of(Song song, SongWords words, Ribbon ribbon, boolean isSecond) {
        Optional<Pattern> pattern = ribbon.pattern().flatMap(song::pattern);
        if (ribbon.what().orElse(null) instanceof What.Event event) {
            String said = words.rules().of(event);
            // Muted strokes strike as the pattern does that would be played.
            return pattern.map(each -> new RibbonWords(Words.of("ribbon.muted", said, each.name()), said))
                    .orElseGet(() -> said(said));
        }
        if (pattern.isEmpty()) return said(Words.of("ribbon.nothing"));
        String name = pattern.get().name();
        if (isSecond) return said(Words.of("ribbon.second", name));
        if (ribbon.form().equals(FormChoice.FULL)) return said(name);
        String whole = Words.of("ribbon.form", name, words.rules().of(ribbon.form()));
        return new RibbonWords(
                whole, ribbon.form().rule().map(words.rules()::of).orElse(whole));
    }

    private static RibbonWords said(String text) {
        return new RibbonWords(text, text);
    }
}
