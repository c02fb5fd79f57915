package tactus.formats.song;

import java.util.ArrayList;
import tactus.core.written.song.Facts;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The facts of a song alone, as one line of JSON with the fields that they have in song files. */
public final class FactsFile {

    private FactsFile() {}

    /** {@code facts} as a line. */
    public static String write(Facts facts) {
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        FactsTree.put(tree, facts);
        return tree.toString();
    }

    /** Reads what {@link #write} wrote; what cannot be read is as in a new song. */
    public static Facts read(String line) {
        JsonNode tree = JsonMapper.shared().readTree(line);
        return FactsTree.read(new Branch(tree, "", new ArrayList<>()));
    }
}
