package tactus.formats.file;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/** A program that saves a file of another length again and again, until it is killed. */
final class KilledWhileSaving {

    private static final int LENGTHS = 50;

    private KilledWhileSaving() {}

    static String text(int number) {
        return number + " " + "a line of the song\n".repeat(2_000 + 40 * (number % LENGTHS));
    }

    public static void main(String[] arguments) throws Exception {
        Path file = Path.of(arguments[0]);
        for (int i = 0; ; i++) {
            byte[] bytes = text(i).getBytes(StandardCharsets.UTF_8);
            WholeFile.write(file, out -> out.write(bytes));
            System.out.println(i);
            System.out.flush();
        }
    }
}
