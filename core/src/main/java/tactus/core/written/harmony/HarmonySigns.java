package tactus.core.written.harmony;

/** The signs of written music in a line of chords, in ours: {@code ||: C | G :||} as {@code | [ C | G ] |}. */
final class HarmonySigns {

    private HarmonySigns() {}

    /** Bar lines with repeats become brackets, commas outside of round brackets blanks; nothing moves. */
    static String of(String line) {
        var plain = new StringBuilder();
        int depth = 0;
        for (char sign : line.toCharArray()) {
            if (sign == '(') depth++;
            if (sign == ')') depth--;
            plain.append(depth <= 0 && (sign == ',' || sign == ';') ? ' ' : sign);
        }
        return plain.toString()
                .replace("||:", "| [")
                .replace("|:", "|[")
                .replace(":||", "] |")
                .replace(":|", "]|")
                .replace("||", "| ");
    }
}
