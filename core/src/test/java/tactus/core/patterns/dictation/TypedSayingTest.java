package tactus.core.patterns.dictation;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tactus.core.ground.refusal.NotationException;
import tactus.core.outside.English;

/** While it is typed, and with slips of the finger, a saying is read or refused; nothing else happens. */
class TypedSayingTest {

    private static final Speech SPEECH = Speech.of(English.LEXICON);

    private final List<String> sayings;
    private final Random random = new Random(29);
    private int read;
    private int refused;

    TypedSayingTest() throws IOException {
        sayings = SayingsTest.corpus("sayings.txt").stream()
                .map(SayingsTest.Meant::said)
                .toList();
    }

    private Optional<Dictation> read(String text) {
        try {
            Dictation said = Dictation.heard(text, SPEECH);
            read++;
            said.notes()
                    .unread()
                    .forEach(each -> assertTrue(
                            text.regionMatches(
                                    each.index(), each.word(), 0, each.word().length()),
                            text + ": " + each));
            return Optional.of(said);
        } catch (NotationException wrong) {
            refused++;
            assertTrue(wrong.index() >= 0 && wrong.index() <= text.length(), text);
            return Optional.empty();
        }
    }

    @Test
    void everyBeginningOfASayingIsReadOrRefused() {
        for (String saying : sayings) for (int end = 1; end <= saying.length(); end++) read(saying.substring(0, end));
        assertTrue(read > 3_000 && refused > 1_000, read + " read, " + refused + " refused");
    }

    @Test
    void aSlipOfOneLetterIsReadOrRefusedAndManyAreShown() {
        int shown = 0;
        for (String saying : sayings) {
            Optional<Dictation> whole = read(saying);
            for (int run = 0; run < 6 && whole.isPresent(); run++) {
                Optional<Dictation> slipped = read(slipped(saying));
                if (slipped.filter(said -> !said.notes().unread().isEmpty()
                                || !said.notes().remarks().isEmpty())
                        .isPresent()) shown++;
            }
        }
        assertTrue(shown > 300, shown + " shown");
    }

    private String slipped(String saying) {
        var text = new StringBuilder(saying);
        int at = random.nextInt(text.length());
        switch (random.nextInt(4)) {
            case 0 -> text.deleteCharAt(at);
            case 1 -> text.insert(at, (char) ('a' + random.nextInt(26)));
            case 2 -> text.setCharAt(at, (char) ('a' + random.nextInt(26)));
            default -> text.insert(at, text.charAt(at));
        }
        return text.toString();
    }

    @Test
    void wordsInAnyOrderAreReadOrRefused() {
        for (int run = 0; run < 4_000; run++) {
            var words = new ArrayList<String>();
            for (int i = 0; i <= random.nextInt(3); i++)
                words.addAll(List.of(sayings.get(random.nextInt(sayings.size())).split(" ")));
            Collections.shuffle(words, random);
            read(String.join(" ", words));
        }
        assertTrue(read > 2_000, read + " read, " + refused + " refused");
    }
}
