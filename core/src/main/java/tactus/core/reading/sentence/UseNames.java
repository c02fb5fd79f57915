package tactus.core.reading.sentence;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.language.Ordinals;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/** What the entries of a running order are called: {@code Outro} if it has a name of its own, {@code second Chorus} where there are several. */
public final class UseNames {

    private final Lexicon lexicon;
    private final Ordinals ordinals;
    private final Song song;

    /** Names of the entries of {@code song} in the words of {@code lexicon}. */
    public UseNames(Lexicon lexicon, Song song) {
        this.lexicon = lexicon;
        ordinals = new Ordinals(lexicon);
        this.song = song;
    }

    /** The name of the entry with the index {@code use}, from 0. */
    public String of(int use) {
        return song.uses().get(use).name().orElseGet(() -> byNumber(use));
    }

    /** The same without a name that the entry has of its own. */
    private String byNumber(int use) {
        SectionId id = song.uses().get(use).section();
        String name = song.section(id).orElseThrow().name();
        List<Integer> uses = song.indicesOf(id);
        return uses.size() == 1 ? name : lexicon.say("rule-use.nth", ordinals.of(uses.indexOf(use) + 1), name);
    }

    /** The section and number of the entry with {@code id}, as long as there is one; it can be read in a rule. */
    public Optional<String> ofId(int id) {
        return IntStream.range(0, song.uses().size())
                .filter(use -> song.uses().get(use).id() == id)
                .mapToObj(this::byNumber)
                .findFirst();
    }
}
