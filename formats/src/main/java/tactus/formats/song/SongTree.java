package tactus.formats.song;

import java.util.List;
import tactus.core.chord.Chord;
import tactus.core.pattern.Pattern;
import tactus.core.song.Facts;
import tactus.core.song.Section;
import tactus.core.song.Song;
import tactus.core.song.Span;
import tactus.core.stroke.Hand;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Turns a song into the tree that is written. */
final class SongTree {

    private SongTree() {}

    static ObjectNode of(Song song) {
        ObjectNode tree = object();
        tree.put("format", SongFile.FORMAT);
        tree.put("version", SongFile.VERSION);
        putFacts(tree, song.facts());
        ArrayNode chords = tree.putArray("chords");
        song.chords().forEach(chord -> chords.add(of(chord)));
        ArrayNode patterns = tree.putArray("patterns");
        song.patterns().forEach(pattern -> patterns.add(of(pattern)));
        ArrayNode sections = tree.putArray("sections");
        song.sections().forEach(section -> sections.add(of(section)));
        ArrayNode order = tree.putArray("order");
        song.order().forEach(id -> order.add(id.value()));
        return tree;
    }

    private static void putFacts(ObjectNode tree, Facts facts) {
        tree.put("title", facts.title());
        if (!facts.note().isEmpty()) tree.put("note", facts.note());
        tree.put("key", facts.key().toString());
        tree.put("tuning", facts.tuning().toString());
        tree.put("capo", facts.capo());
        tree.put("meter", facts.meter().toString());
        ObjectNode tempo = tree.putObject("tempo");
        putPerMinute(tempo, facts.tempo());
        tempo.put("beat", facts.tempo().beat().toString());
    }

    private static void putPerMinute(ObjectNode tree, Tempo tempo) {
        double perMinute = tempo.perMinute();
        if (perMinute == Math.rint(perMinute)) tree.put("perMinute", (int) perMinute);
        else tree.put("perMinute", perMinute);
    }

    private static ObjectNode of(Chord chord) {
        return object().put("name", chord.name()).put("shape", chord.voicing().toString());
    }

    private static ObjectNode of(Pattern pattern) {
        ObjectNode tree = object();
        tree.put("id", pattern.id().value());
        tree.put("name", pattern.name());
        tree.put("meter", pattern.meter().toString());
        tree.put("beats", pattern.beats());
        tree.put("slotsPerBeat", pattern.division().slots());
        ObjectNode hand = tree.putObject("hand");
        hand.put("moves", pattern.hand().mode() == Hand.Mode.PENDULUM ? "pendulum" : "all down");
        hand.put("rate", pattern.hand().rate().toString());
        tree.put("strokes", pattern.line());
        if (!pattern.outside().isEmpty()) putKept(tree.putArray("kept"), pattern);
        return tree;
    }

    private static void putKept(ArrayNode kept, Pattern pattern) {
        pattern.outside().forEach((at, stroke) -> {
            ObjectNode tree = kept.addObject();
            tree.put("bar", at.bar());
            tree.put("at", at.inBar().toString());
            tree.put("stroke", KeptStroke.format(stroke));
        });
    }

    private static ObjectNode of(Section section) {
        ObjectNode tree = object();
        tree.put("id", section.id().value());
        tree.put("name", section.name());
        putBars(tree.putArray("bars"), section.bars());
        ArrayNode chords = tree.putArray("chords");
        section.spans().forEach(span -> chords.add(of(span)));
        tree.put("passes", section.passes());
        section.pattern().ifPresent(id -> tree.put("pattern", id.value()));
        section.lastPassPattern().ifPresent(id -> tree.put("lastPassPattern", id.value()));
        return tree;
    }

    private static ObjectNode of(Span span) {
        return object().put("chord", span.chord()).put("length", span.length().toString());
    }

    private static void putBars(ArrayNode runs, List<Meter> bars) {
        int from = 0;
        while (from < bars.size()) {
            int to = from;
            while (to < bars.size() && bars.get(to).equals(bars.get(from))) to++;
            runs.addObject().put("count", to - from).put("meter", bars.get(from).toString());
            from = to;
        }
    }

    private static ObjectNode object() {
        return JsonNodeFactory.instance.objectNode();
    }
}
