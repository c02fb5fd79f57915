package tactus.formats.song;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.Map;
import tactus.core.written.song.Handout;
import tactus.formats.file.FormatException;
import tactus.formats.file.WholeFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Layouts of the sheet with their names, for all songs; whom a sheet is for is not in them. */
public final class LayoutsFile {

    private static final String FORMAT = "tactus-layouts";

    private LayoutsFile() {}

    /**
     * Reads the layouts in the order in which they were kept; none if the file is not there.
     *
     * @throws FormatException if it holds none
     * @throws IOException if it cannot be read
     */
    public static Map<String, Handout> read(Path file) throws IOException {
        if (!Files.exists(file)) return Map.of();
        try {
            JsonNode tree = JsonMapper.shared().readTree(Files.readAllBytes(file));
            if (!FORMAT.equals(tree.path("format").asString("")))
                throw new FormatException(file, "format", "file.no-layouts");
            var layouts = new LinkedHashMap<String, Handout>();
            var problems = new ArrayList<Problem>();
            for (Map.Entry<String, JsonNode> entry : tree.path("layouts").properties())
                layouts.put(entry.getKey(), HandoutTree.read(new Branch(entry.getValue(), entry.getKey(), problems)));
            return layouts;
        } catch (JacksonException unread) {
            throw new FormatException(file, "", "file.no-layouts");
        }
    }

    /** Writes all of them, whole or not at all. */
    public static void write(Map<String, Handout> layouts, Path file) throws IOException {
        ObjectNode tree = JsonMapper.shared().createObjectNode().put("format", FORMAT);
        ObjectNode all = tree.putObject("layouts");
        layouts.forEach((name, layout) -> all.set(name, HandoutTree.of(layout.with(Handout.Reader.ANYBODY))));
        byte[] text = JsonMapper.shared().writerWithDefaultPrettyPrinter().writeValueAsBytes(tree);
        WholeFile.write(file, out -> out.write(text));
    }
}
