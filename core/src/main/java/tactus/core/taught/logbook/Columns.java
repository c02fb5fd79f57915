package tactus.core.taught.logbook;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * What an entry consists of, one value after the other, for whatever keeps entries as rows: the components of its record, in
 * order, are all that is said of it.
 *
 * @param <E> the kind of entry
 */
public final class Columns<E extends Entry> {

    public static final Columns<Student> STUDENTS = new Columns<>(Student.class);
    public static final Columns<Lesson> LESSONS = new Columns<>(Lesson.class);
    public static final Columns<TakeEntry> TAKES = new Columns<>(TakeEntry.class);
    public static final Columns<ChangeEntry> CHANGES = new Columns<>(ChangeEntry.class);

    private final Class<E> kind;
    private final List<RecordComponent> components;

    private Columns(Class<E> kind) {
        this.kind = kind;
        components = List.of(kind.getRecordComponents());
    }

    /** The types of its values: a text, a number, a day, a moment, or an {@code Optional} whole number. */
    public List<Class<?>> types() {
        return components.stream().<Class<?>>map(RecordComponent::getType).toList();
    }

    /** The entries of {@code records} that are of this kind. */
    public List<E> in(Records records) {
        return records.entries().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** The values of {@code entry}. */
    public List<Object> values(E entry) {
        var values = new ArrayList<Object>();
        for (RecordComponent component : components) {
            try {
                values.add(component.getAccessor().invoke(entry));
            } catch (ReflectiveOperationException impossible) {
                throw new IllegalStateException(impossible);
            }
        }
        return List.copyOf(values);
    }

    /**
     * The entry with {@code values}, which are of its types.
     *
     * @throws tactus.core.ground.refusal.Refusal if there is no such entry
     */
    public E entry(Object... values) {
        Class<?>[] types = types().toArray(Class<?>[]::new);
        try {
            return kind.getDeclaredConstructor(types).newInstance(values);
        } catch (InvocationTargetException refused) {
            if (refused.getCause() instanceof RuntimeException why) throw why;
            throw new IllegalStateException(refused);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible + " " + Stream.of(values).toList() + Arrays.toString(types));
        }
    }
}
