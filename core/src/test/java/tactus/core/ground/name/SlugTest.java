package tactus.core.ground.name;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.Refusal;

class SlugTest {

    @ParameterizedTest
    @CsvSource({"Lantern march, lantern-march", "Über den Fluß!, uber-den-flu", "'  ', unnamed", "a, a-2", "日本, unnamed"
    })
    void aNameBecomesAFreshSlug(String name, String slug) {
        assertEquals(slug, Slug.fresh(name, Set.of("a")::contains));
        assertEquals(slug, Slug.checked(slug));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "-a", "a-", "A", "a b", "a--b"})
    void anythingElseIsNoSlug(String text) {
        assertThrows(IllegalArgumentException.class, () -> Slug.checked(text));
    }

    /** 64 letters are the most, also with a number behind them. */
    @ParameterizedTest
    @ValueSource(ints = {55, 56, 57, 64, 65, 200})
    void aLongNameBecomesASlugThatIsNotTooLongHoweverManyAreTaken(int letters) {
        String name = "a".repeat(letters);
        String first = Slug.fresh(name, _ -> false);
        var taken = new HashSet<String>();
        for (int i = 0; i < 1000; i++) taken.add(Slug.checked(Slug.fresh(name, taken::contains)));
        assertEquals(1000, taken.size());
        assertTrue(taken.contains(first));
        assertThrows(Refusal.class, () -> Slug.checked("a".repeat(65)));
    }
}
