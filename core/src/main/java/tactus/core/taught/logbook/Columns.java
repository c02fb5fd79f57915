package tactus.core.taught.logbook;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
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
    private final Constructor<E> constructor;
    private final List<Class<?>> types;
    private final List<Method> accessors;

    private Columns(Class<E> kind) {
        this.kind = kind;
        RecordComponent[] components = kind.getRecordComponents();
        types = Stream.of(components).<Class<?>>map(RecordComponent::getType).toList();
        accessors = Stream.of(components).map(RecordComponent::getAccessor).toList();
        try {
            constructor = kind.getDeclaredConstructor(types.toArray(Class<?>[]::new));
        } catch (NoSuchMethodException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The types of its values: a text, a number, a day, a moment, or an {@code Optional} whole number. */
    public List<Class<?>> types() {
        return types;
    }

    /** The entries of {@code records} that are of this kind. */
    public List<E> in(Records records) {
        return records.entries().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** The values of {@code entry}. */
    public List<Object> values(E entry) {
        var values = new ArrayList<Object>();
        for (Method accessor : accessors) {
            try {
                values.add(accessor.invoke(entry));
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
        try {
            return constructor.newInstance(values);
        } catch (InvocationTargetException refused) {
            if (refused.getCause() instanceof RuntimeException why) throw why;
            throw new IllegalStateException(refused);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
