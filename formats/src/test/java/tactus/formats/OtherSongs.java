package tactus.formats;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.Function;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/**
 * Songs that differ from one in a single fact each, for every fact that a song has: found by walking its types, so that a new
 * fact is there by itself.
 */
public final class OtherSongs {

    private final Map<String, Song> found = new LinkedHashMap<>();

    private OtherSongs() {}

    /** The songs by what is other in them, such as {@code facts.heading.title}; of a list its first element is changed. */
    public static Map<String, Song> of(Song song) {
        var others = new OtherSongs();
        others.change(song, "", other -> {
            if (other instanceof Song changed && !changed.equals(song)) return changed;
            return null;
        });
        return others.found;
    }

    /** @param whole makes the song that has another value at {@code path}, or null */
    private void change(Object value, String path, Function<Object, Song> whole) {
        Consumer<Object> instead = other -> {
            try {
                Song song = whole.apply(other);
                if (song != null) found.putIfAbsent(path, song);
            } catch (IllegalArgumentException refused) {
                // A value that no song can have.
            }
        };
        switch (value) {
            case String text -> List.of(text + "x", text + " 2", "4").forEach(instead);
            case Integer number -> List.of(number + 1, number - 1).forEach(instead);
            case Double number -> List.of(number + 1, number / 2).forEach(instead);
            case Boolean is -> instead.accept(!is);
            case Length length -> List.of(length.plus(length), Length.QUARTER).forEach(instead);
            case Enum<?> constant ->
                Arrays.stream(constant.getDeclaringClass().getEnumConstants())
                        .filter(other -> other != constant)
                        .forEach(instead);
            case OptionalInt number ->
                List.of(OptionalInt.of(number.orElse(0) + 1), OptionalInt.of(number.orElse(4) - 1))
                        .forEach(instead);
            case Optional<?> maybe -> {
                if (maybe.isPresent()) instead.accept(Optional.empty());
                maybe.ifPresent(inside -> change(inside, path + "?", other -> whole.apply(Optional.of(other))));
            }
            case List<?> list
            when !list.isEmpty() -> {
                instead.accept(list.subList(1, list.size()));
                change(list.getFirst(), path + "[]", other -> {
                    var copy = new ArrayList<Object>(list);
                    copy.set(0, other);
                    return whole.apply(copy);
                });
            }
            case Map<?, ?> parts ->
                parts.forEach((key, part) -> change(part, path + "." + key, other -> {
                    var copy = new LinkedHashMap<Object, Object>(parts);
                    copy.put(key, other);
                    return whole.apply(copy);
                }));
            // What it points to might not be there.
            case SectionId _, PatternId _ -> {}
            case Record record -> changeParts(record, path, whole);
            default -> {}
        }
    }

    private void changeParts(Record record, String path, Function<Object, Song> whole) {
        RecordComponent[] parts = record.getClass().getRecordComponents();
        Object[] values = Arrays.stream(parts).map(part -> get(record, part)).toArray();
        for (int i = 0; i < parts.length; i++) {
            int index = i;
            change(values[i], path + (path.isEmpty() ? "" : ".") + parts[i].getName(), other -> {
                Object[] changed = values.clone();
                changed[index] = other;
                return whole.apply(make(record.getClass(), parts, changed));
            });
        }
    }

    private static Object get(Record record, RecordComponent part) {
        try {
            return part.getAccessor().invoke(record);
        } catch (ReflectiveOperationException broken) {
            throw new AssertionError(part.toString(), broken);
        }
    }

    private static Object make(Class<?> type, RecordComponent[] parts, Object[] values) {
        try {
            Class<?>[] types =
                    Arrays.stream(parts).map(RecordComponent::getType).toArray(Class<?>[]::new);
            return type.getDeclaredConstructor(types).newInstance(values);
        } catch (InvocationTargetException refused) {
            if (refused.getCause() instanceof RuntimeException why) throw new IllegalArgumentException(why);
            throw new AssertionError(refused);
        } catch (ReflectiveOperationException broken) {
            throw new AssertionError(type.toString(), broken);
        }
    }
}
