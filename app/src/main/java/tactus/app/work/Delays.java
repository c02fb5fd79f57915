package tactus.app.work;

import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * By how much what is played on something reaches the program late, in milliseconds, for the keys and for each instrument that
 * was measured.
 *
 * @param byName for what each is called; the keys have the empty name
 */
public record Delays(Map<String, Integer> byName) {

    private static final String PREFIX = "latency.";
    private static final String KEYS = "latency";
    /** Later than this nothing is. */
    private static final int MOST = 1_000;

    static final Delays NONE = new Delays(Map.of());

    public Delays {
        byName = Map.copyOf(byName);
    }

    /** That of {@code name}; 0 if it was never measured. */
    public int of(String name) {
        return byName.getOrDefault(name, 0);
    }

    /** The same with another one for {@code name}. */
    public Delays with(String name, int milliseconds) {
        var other = new TreeMap<>(byName);
        other.put(name, milliseconds);
        return new Delays(other);
    }

    static Delays read(Properties kept) {
        return new Delays(kept.stringPropertyNames().stream()
                .filter(key -> key.equals(KEYS) || key.startsWith(PREFIX))
                .filter(key -> kept.getProperty(key).matches("-?\\d{1,4}"))
                .collect(Collectors.toMap(
                        key -> key.equals(KEYS) ? "" : key.substring(PREFIX.length()),
                        key -> Math.clamp(Integer.parseInt(kept.getProperty(key)), -MOST, MOST))));
    }

    void write(Properties kept) {
        byName.forEach((name, delay) -> kept.setProperty(name.isEmpty() ? KEYS : PREFIX + name, delay.toString()));
    }
}
