package tactus.core.written.song;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The facts of which a version has others than the song.
 *
 * @param values what it has, each of the type of its aspect
 */
public record OtherFacts(Map<Aspect<?>, Object> values) {

    public static final OtherFacts NONE = new OtherFacts(Map.of());

    /** @throws tactus.core.ground.refusal.Refusal if no song can have one of them */
    public OtherFacts {
        values = Map.copyOf(values);
        Facts made = Facts.usual("?");
        for (Map.Entry<Aspect<?>, Object> each : values.entrySet()) made = put(made, each.getKey(), each.getValue());
    }

    @SuppressWarnings("unchecked") // of the type of its aspect, as it says
    private static <T> Facts put(Facts facts, Aspect<T> aspect, Object value) {
        return aspect.put(facts, (T) value);
    }

    /** What must be other in {@code written} so that {@code seen} comes of it, of what can be other in a version. */
    static OtherFacts between(Facts written, Facts seen) {
        Facts made = written;
        OtherFacts others = NONE;
        for (Aspect<?> aspect : Aspect.inVersions()) {
            if (aspect.isSame(made, seen)) continue;
            others = others.taken(aspect, seen);
            made = others.over(written);
        }
        return others;
    }

    private <T> OtherFacts taken(Aspect<T> aspect, Facts from) {
        return with(aspect, Optional.of(aspect.of(from)));
    }

    /** {@code facts} with what is other. */
    Facts over(Facts facts) {
        Facts made = facts;
        for (Aspect<?> aspect : Aspect.inVersions()) made = over(made, aspect);
        return made;
    }

    private <T> Facts over(Facts facts, Aspect<T> aspect) {
        return of(aspect).map(value -> aspect.edited(facts, value)).orElse(facts);
    }

    /** What the version has for {@code aspect}, if it has another than the song. */
    @SuppressWarnings("unchecked") // with() takes only values of the aspect's type
    public <T> Optional<T> of(Aspect<T> aspect) {
        return Optional.ofNullable((T) values.get(aspect));
    }

    /** The same with something else for {@code aspect}, or with what the song has. */
    public <T> OtherFacts with(Aspect<T> aspect, Optional<T> value) {
        var others = new HashMap<>(values);
        value.ifPresentOrElse(other -> others.put(aspect, other), () -> others.remove(aspect));
        return new OtherFacts(others);
    }

    /**
     * The same with what stands in a file for {@code aspect}.
     *
     * @throws tactus.core.ground.refusal.Refusal if it cannot be read, or no song can have it
     */
    public <T> OtherFacts read(Aspect<T> aspect, Written at) {
        return with(aspect, Optional.of(aspect.form().read(at, Facts.usual("?"))));
    }

    /** What the version has for {@code aspect}, as it is written, if it has another than the song. */
    public <T> Optional<Object> written(Aspect<T> aspect) {
        return of(aspect).map(aspect.form()::written);
    }
}
