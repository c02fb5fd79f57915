package tactus.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.lang.reflect.Field;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Modifier;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.performance.Heard;
import tactus.core.laid.performance.PatternAlone;
import tactus.core.laid.timeline.BarRange;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Voicing;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Role;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.Except;
import tactus.core.written.section.Harmony;
import tactus.core.written.song.Song;

/** The promise of core: null is always refused, and collections cannot be changed from outside. */
class RecordsTest {

    private static final Path CLASSES = Path.of("target", "classes");

    private static List<Class<?>> records() throws IOException {
        try (Stream<Path> files = Files.walk(CLASSES)) {
            return files.map(CLASSES::relativize)
                    .map(Path::toString)
                    .filter(name -> name.endsWith(".class") && !name.contains("-info"))
                    .map(name -> name.replace(".class", "").replace('/', '.').replace('\\', '.'))
                    .<Class<?>>map(RecordsTest::load)
                    .filter(Class::isRecord)
                    .filter(RecordsTest::isPublic)
                    .toList();
        }
    }

    private static Class<?> load(String name) {
        try {
            return Class.forName(name, false, RecordsTest.class.getClassLoader());
        } catch (ClassNotFoundException missing) {
            throw new AssertionError(missing);
        }
    }

    private static boolean isPublic(Class<?> type) {
        for (Class<?> each = type; each != null; each = each.getEnclosingClass()) {
            if (!Modifier.isPublic(each.getModifiers())) return false;
        }
        return true;
    }

    /** Values to try for what no rule can guess. */
    private static final Map<Class<?>, List<Object>> EXAMPLES = Map.of(
            String.class,
            List.of("a", "C", "4/4", "x", "", "00000000-0000-4000-8000-000000000000"),
            int.class,
            List.of(1, 0, 2, 4, 6, 60, 90, 440),
            long.class,
            List.of(1L),
            double.class,
            List.of(1.0, 90.0, 440.0, 648.0),
            boolean.class,
            List.of(false),
            char.class,
            List.of('d'),
            Length.class,
            List.of(Length.QUARTER));

    private static final Meter FOUR = Meter.of(4, 4);
    /** Records whose components no rule can guess. */
    private static final List<Record> KNOWN = List.of(
            FOUR,
            Tuning.STANDARD,
            NoteName.parse("C"),
            ChordName.parse("Am7/G"),
            ChordName.parse("Am7").quality(),
            Voicing.parse("x32010"),
            Groove.ofLine("kh", FOUR, 1),
            new Harmony(List.of(FOUR), List.of()),
            new Heard.Bars(
                    PatternAlone.of(Song.empty("a"), Pattern.empty(new PatternId("a"), "a", FOUR)), new BarRange(1, 1)),
            new Except.Bars(List.of(FOUR), List.of()),
            new Outcome.Refused(new Refusal("a")),
            new Pick.ByRole(Role.values()[0]));

    private static Optional<Record> known(Class<?> type) {
        return KNOWN.stream().filter(each -> each.getClass() == type).findFirst();
    }

    private static Object[] components(Record record) {
        return Arrays.stream(record.getClass().getRecordComponents())
                .map(component -> {
                    try {
                        return component.getAccessor().invoke(record);
                    } catch (ReflectiveOperationException broken) {
                        throw new AssertionError(broken);
                    }
                })
                .toArray();
    }

    /** Some values of a type, possible ones first. */
    private static List<Object> some(Class<?> type, int depth) {
        if (known(type).isPresent()) return List.of(known(type).get());
        if (EXAMPLES.containsKey(type)) return EXAMPLES.get(type);
        if (type == Optional.class) return List.of(Optional.empty());
        if (type == OptionalInt.class) return List.of(OptionalInt.empty());
        if (type == Set.class) return List.of(Set.of());
        if (type.isAssignableFrom(UnaryOperator.class) && type.isInterface()) return List.of(UnaryOperator.identity());
        if (type == Lexicon.class) return List.of(English.LEXICON);
        if (type.isAssignableFrom(List.class)) return List.of(List.of());
        if (type.isAssignableFrom(TreeMap.class)) return List.of(new TreeMap<>());
        if (type.isEnum()) return List.of(type.getEnumConstants()[0]);
        if (depth == 0) return List.of();
        var found = new ArrayList<Object>(constants(type));
        if (type.isRecord()) found.addAll(made(type, depth - 1));
        if (type.isSealed()) {
            for (Class<?> each : type.getPermittedSubclasses()) found.addAll(some(each, depth - 1));
        }
        return found.subList(0, Math.min(3, found.size()));
    }

    private static List<Object> constants(Class<?> type) {
        var found = new ArrayList<Object>();
        for (Field field : type.getDeclaredFields()) {
            boolean constant = Modifier.isStatic(field.getModifiers()) && Modifier.isPublic(field.getModifiers());
            if (!constant || !type.isAssignableFrom(field.getType())) continue;
            try {
                found.add(field.get(null));
            } catch (IllegalAccessException hidden) {
                continue;
            }
        }
        return found;
    }

    private static List<Object> made(Class<?> record, int depth) {
        return possible(record, depth).map(values -> make(record, values)).stream()
                .toList();
    }

    /** Components with which a record can be made. */
    private static Optional<Object[]> possible(Class<?> record, int depth) {
        if (known(record).isPresent()) return known(record).map(RecordsTest::components);
        Class<?>[] types = types(record);
        var choices = Arrays.stream(types).map(type -> some(type, depth)).toList();
        if (choices.stream().anyMatch(List::isEmpty)) return Optional.empty();
        int most = choices.stream().mapToInt(List::size).max().orElse(1);
        for (int turn = 0; turn < most * most; turn++) {
            Object[] values = new Object[types.length];
            for (int i = 0; i < types.length; i++) {
                List<Object> choice = choices.get(i);
                values[i] = choice.get((i % 2 == 0 ? turn % most : turn / most) % choice.size());
            }
            try {
                make(record, values);
                return Optional.of(values);
            } catch (IllegalArgumentException | ArithmeticException refused) {
                continue;
            }
        }
        return Optional.empty();
    }

    private static Class<?>[] types(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .map(RecordComponent::getType)
                .toArray(Class<?>[]::new);
    }

    private static Object make(Class<?> record, Object[] values) {
        try {
            return record.getDeclaredConstructor(types(record)).newInstance(values);
        } catch (InvocationTargetException refused) {
            if (refused.getCause() instanceof RuntimeException why) throw why;
            throw new AssertionError(refused.getCause());
        } catch (ReflectiveOperationException broken) {
            throw new AssertionError(broken);
        }
    }

    private static boolean takesNull(Class<?> record, Object[] possible, int index) {
        Object[] values = possible.clone();
        values[index] = null;
        try {
            make(record, values);
            return true;
        } catch (NullPointerException refused) {
            return false;
        }
    }

    @Test
    void noPublicRecordTakesNull() throws IOException {
        var taking = new TreeSet<String>();
        var unproven = new TreeSet<String>();
        int count = 0;
        for (Class<?> record : records()) {
            Optional<Object[]> possible = possible(record, 4);
            if (possible.isEmpty()) unproven.add(record.getName());
            RecordComponent[] components = record.getRecordComponents();
            for (int i = 0; i < components.length && possible.isPresent(); i++) {
                if (components[i].getType().isPrimitive()) continue;
                count++;
                if (takesNull(record, possible.get(), i)) taking.add(record.getName() + "." + components[i].getName());
            }
        }
        assertEquals(new TreeSet<>(), taking);
        assertTrue(count > 250, count + " components");
        assertTrue(unproven.size() < 11, unproven.toString());
    }

    @Test
    void everyListOfARecordIsACopy() throws ReflectiveOperationException, IOException {
        var shared = new TreeSet<String>();
        int count = 0;
        for (Class<?> record : records()) {
            RecordComponent[] components = record.getRecordComponents();
            if (components.length != 1 || components[0].getType() != List.class) continue;
            var given = new ArrayList<Object>();
            try {
                Object made = record.getDeclaredConstructor(List.class).newInstance(given);
                count++;
                if (components[0].getAccessor().invoke(made) == given) shared.add(record.getName());
            } catch (InvocationTargetException refused) {
                continue;
            }
        }
        assertTrue(count > 3, count + " records");
        assertEquals(new TreeSet<>(), shared);
    }
}
