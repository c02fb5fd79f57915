package tactus.core.ground.name;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

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
}
