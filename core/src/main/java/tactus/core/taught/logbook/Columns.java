package tactus.core.taught.logbook;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;

/**
 * What an entry consists of, one value after the other, for whatever keeps entries as rows: the components of its record, in
 * order, are all that is said of it. What is a record itself counts as its own components.
 *
 * @param <E> the kind of entry
 */
public final class Columns<E extends Entry> {

    public static final Columns<Student> STUDENTS = new Columns<>(Student.class);
    public static final Columns<Lesson> LESSONS = new Columns<>(Lesson.class);
    public static final Columns<TakeEntry> TAKES = new Columns<>(TakeEntry.class);
    public static final Columns<ChangeEntry> CHANGES = new Columns<>(ChangeEntry.class);

    private final Class<E> kind;
    private final List<Class<?>> types;

    private Columns(Class<E> kind) {
        this.kind = kind;
        types = types(kind).toList();
    }

    private static Stream<Class<?>> types(Class<?> type) {
        if (!type.isRecord()) return Stream.of(type);
        return Stream.of(type.getRecordComponents()).flatMap(each -> types(each.getType()));
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
        add((Record) entry, values);
        return List.copyOf(values);
    }

    private static void add(Record whole, List<Object> values) {
        for (RecordComponent each : whole.getClass().getRecordComponents()) {
            try {
                Object value = each.getAccessor().invoke(whole);
                if (value instanceof Record part) add(part, values);
                else values.add(value);
            } catch (ReflectiveOperationException impossible) {
                throw new IllegalStateException(impossible);
            }
        }
    }

    /**
     * The entry with {@code values}, which are of its types.
     *
     * @throws tactus.core.ground.refusal.Refusal if there is no such entry
     */
    public E entry(Object... values) {
        return kind.cast(made(kind, Arrays.asList(values).iterator()));
    }

    private static Object made(Class<?> type, Iterator<Object> values) {
        if (!type.isRecord()) return values.next();
        List<Class<?>> parts = Stream.of(type.getRecordComponents())
                .<Class<?>>map(RecordComponent::getType)
                .toList();
        Object[] made = parts.stream().map(part -> made(part, values)).toArray();
        try {
            Constructor<?> constructor = type.getDeclaredConstructor(parts.toArray(Class<?>[]::new));
            return constructor.newInstance(made);
        } catch (InvocationTargetException refused) {
            if (refused.getCause() instanceof RuntimeException why) throw why;
            throw new IllegalStateException(refused);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
