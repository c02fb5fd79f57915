package tactus.console;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tactus.core.ground.language.Lexicon;
import tactus.core.music.chord.ChordName;
import tactus.core.music.chord.NameGuess;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.pitch.Pitch;
import tactus.core.music.shape.Effort;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Shape;
import tactus.core.music.shape.Voicing;
import tactus.words.NameWords;
import tactus.words.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What is answered to one query, for people and as a line of JSON. */
sealed interface ChordAnswer {

    String text();

    ObjectNode tree();

    default String json() {
        return JsonMapper.shared().writeValueAsString(tree());
    }

    private static ObjectNode object(String query) {
        return JsonNodeFactory.instance.objectNode().put("query", query);
    }

    private static void putClasses(ObjectNode tree, List<Integer> classes) {
        ArrayNode list = tree.putArray("pitchClasses");
        classes.forEach(list::add);
    }

    /**
     * The names of a shape.
     *
     * @param grip how it is held; empty if the hand cannot
     */
    record Named(
            String query,
            Voicing shape,
            List<Pitch> notes,
            List<Integer> classes,
            List<NameGuess> names,
            Optional<Grip> grip,
            NoteSchool school)
            implements ChordAnswer {

        @Override
        public String text() {
            ChordName best = names.getFirst().name();
            String fingers = grip.map(held ->
                            "  " + Words.of("command.fingers", held.fingering().toText(shape)))
                    .orElse("  " + Words.of("command.no-hand"));
            return shape + "  " + spelled(best) + fingers
                    + (shape.isMovable() ? "  " + Words.of("command.movable") : "") + "\n"
                    + names.stream()
                            .map(guess ->
                                    String.format("  %-10s %s", guess.name().written(school), NameWords.why(guess)))
                            .collect(Collectors.joining("\n"));
        }

        private String spelled(ChordName name) {
            return notes.stream()
                    .map(pitch -> school.written(name.note(pitch.pitchClass())))
                    .collect(Collectors.joining(" "));
        }

        @Override
        public ObjectNode tree() {
            ObjectNode tree = object(query);
            ArrayNode pitches = tree.putArray("notes");
            notes.forEach(pitch -> pitches.add(pitch.toString()));
            putClasses(tree, classes);
            ArrayNode list = tree.putArray("names");
            names.forEach(guess -> list.add(guess.name().written(school)));
            return tree;
        }
    }

    /** The shapes of a name. */
    record Found(String query, ChordName name, List<Shape> shapes, NoteSchool school) implements ChordAnswer {

        @Override
        public String text() {
            String head = name.written(school) + "  "
                    + name.notes().stream().map(school::written).collect(Collectors.joining(" "));
            if (shapes.isEmpty()) return head + "\n  " + Words.of("command.no-hand-tuning");
            return head + "\n" + shapes.stream().map(Found::line).collect(Collectors.joining("\n"));
        }

        private static String line(Shape shape) {
            String parts = shape.effort().parts().stream().map(Found::part).collect(Collectors.joining(", "));
            String movable = shape.voicing().isMovable() ? ", " + Words.of("command.movable") : "";
            String missing = shape.missing().isEmpty()
                    ? ""
                    : "  "
                            + Words.of(
                                    "command.without",
                                    Words.value(
                                            shape.missing().stream().sorted().toList()));
            return Words.of(
                    "command.shape-line",
                    "  %-17s %-8s".formatted(shape.voicing(), shape.fingers()),
                    "%3d".formatted(shape.ease()),
                    "%3d".formatted(shape.fullness()),
                    parts + movable + missing);
        }

        private static String part(Effort.Part part) {
            return Words.of("command.effort." + Lexicon.code(part.kind()), part.amount());
        }

        @Override
        public ObjectNode tree() {
            ObjectNode tree = object(query);
            tree.put("root", school.written(name.root()));
            tree.put("bass", school.written(name.bass()));
            putClasses(tree, name.pitchClasses());
            ArrayNode list = tree.putArray("shapes");
            for (Shape shape : shapes) {
                list.addObject()
                        .put("frets", shape.voicing().toString())
                        .put("fingers", shape.fingers())
                        .put("ease", shape.ease())
                        .put("fullness", shape.fullness());
            }
            return tree;
        }
    }

    /** A query that cannot be read. */
    record Unread(String query, String error) implements ChordAnswer {

        @Override
        public String text() {
            return error;
        }

        @Override
        public ObjectNode tree() {
            return object(query).put("error", error);
        }
    }
}
