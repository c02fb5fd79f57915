package tactus.core.counsel.snag;

import java.util.List;
import java.util.Locale;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.language.Ordinals;
import tactus.core.written.section.Section;

/** Which sections are one thing by their names: Verse, Verse 2, Verse two, Verse B, second Verse and last verse. */
final class Namesakes {

    private final Lexicon lexicon;
    private final Ordinals ordinals;

    Namesakes(Lexicon lexicon) {
        this.lexicon = lexicon;
        ordinals = new Ordinals(lexicon);
    }

    /** Whether both are called the same but for a number or a letter. */
    boolean are(Section one, Section other) {
        return stem(one.name()).equals(stem(other.name()));
    }

    /** Whether a section called so leads in, links or ends: an intro, a tag. */
    boolean isLink(String name) {
        return lexicon.is("section-link", stem(name));
    }

    /** The name without what counts it; what is a number or a letter alone stays as it is. */
    private String stem(String name) {
        String[] words = name.toLowerCase(Locale.ROOT).strip().split("[\\s-]+");
        if (words.length == 1) {
            String bare = words[0].replaceAll("\\d+$", "");
            return bare.isEmpty() ? words[0] : bare;
        }
        boolean isNamed = ordinals.number(words[0]).isPresent() || lexicon.is("section-which", words[0]);
        int from = isNamed ? 1 : 0;
        int to = counts(words[words.length - 1]) ? words.length - 1 : words.length;
        return from < to ? String.join(" ", List.of(words).subList(from, to)) : name.toLowerCase(Locale.ROOT);
    }

    private boolean counts(String word) {
        return word.matches("\\d+|[a-h]|i{1,3}|iv|vi{0,3}")
                || lexicon.number(word).isPresent();
    }
}
