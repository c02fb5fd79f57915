package tactus.benchmarks;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * Starts the program with its demo song and an empty JavaFX window in turn, and compares how long each takes from the
 * start of the process until it is drawn. Needs a display.
 */
public final class StartComparison {

    private static final int RUNS = 5;

    private final Path root;
    private final Path cache;

    private StartComparison(Path root) throws IOException {
        this.root = root;
        this.cache = Files.createTempDirectory("tactus-start").resolve("window.aot");
    }

    /** @param arguments the folder of the repository, if it is not the one one stands in */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        new StartComparison(Path.of(arguments.length > 0 ? arguments[0] : ".")).run();
    }

    private void run() throws IOException, InterruptedException {
        seconds(tactus("-XX:AOTCacheOutput=" + cache));
        var program = new ArrayList<Double>();
        var bare = new ArrayList<Double>();
        var uncached = new ArrayList<Double>();
        for (int run = 0; run < RUNS; run++) {
            bare.add(seconds(emptyWindow()));
            program.add(seconds(tactus("-XX:AOTCache=" + cache)));
            uncached.add(seconds(tactus("-Dno.cache=true")));
        }
        print("empty window, no cache", bare);
        print("demo song, AOT cache", program);
        print("demo song, no cache", uncached);
        System.out.printf("ratio of medians, demo with cache to empty window: %.2f%n", median(program) / median(bare));
    }

    /** As the launcher starts it. */
    private List<String> tactus(String cacheOption) {
        var command = command(
                cacheOption, root.resolve("app/target/modules"), "tactus.app/tactus.app.Main", List.of("--demo"));
        command.add(1, "-XX:TieredStopAtLevel=1");
        return command;
    }

    private List<String> emptyWindow() {
        var command = command("-Dno.cache=true", root.resolve("app/target/modules"), null, List.of());
        command.addAll(List.of(
                "--add-modules",
                "javafx.controls",
                "-cp",
                root.resolve("benchmarks/target/classes").toString(),
                "tactus.benchmarks.EmptyWindow"));
        return command;
    }

    private static List<String> command(String cacheOption, Path modules, String module, List<String> arguments) {
        var command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                cacheOption,
                "-Xlog:aot=off",
                "-Xlog:cds=off",
                "-XX:+UseSerialGC",
                "-Xmx768m",
                "--enable-native-access=javafx.graphics",
                "-Dtactus.start.only=true",
                "--module-path",
                modules.toString()));
        if (module != null) command.addAll(List.of("--module", module));
        command.addAll(arguments);
        return command;
    }

    private static double seconds(List<String> command) throws IOException, InterruptedException {
        long start = System.nanoTime();
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        double seconds = Double.NaN;
        try (var out = new BufferedReader(new InputStreamReader(process.getInputStream()))) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                if (line.equals("drawn")) seconds = (System.nanoTime() - start) / 1e9;
            }
        }
        process.waitFor();
        return seconds;
    }

    private static double median(List<Double> numbers) {
        return numbers.stream().sorted().toList().get(numbers.size() / 2);
    }

    private static void print(String name, List<Double> seconds) {
        String all = String.join(
                ", ", seconds.stream().map(each -> "%.2f".formatted(each)).toList());
        System.out.printf("%-24s median %.2f s  (%s)%n", name, median(seconds), all);
    }
}
