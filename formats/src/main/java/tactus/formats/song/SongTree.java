package tactus.formats.song;

import java.util.List;
import java.util.Locale;
import tactus.core.pitch.ConcertPitch;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.Spelling;
import tactus.core.song.ChangeCount;
import tactus.core.song.Chord;
import tactus.core.song.Facts;
import tactus.core.song.Section;
import tactus.core.song.Song;
import tactus.core.song.Span;
import tactus.core.time.Meter;
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
        song.patterns().forEach(pattern -> patterns.add(PatternTree.of(pattern)));
        ArrayNode sections = tree.putArray("sections");
        song.sections().forEach(section -> sections.add(of(section)));
        ArrayNode order = tree.putArray("order");
        song.order().forEach(id -> order.add(id.value()));
        if (!song.changeCounts().isEmpty()) {
            ArrayNode changes = tree.putArray("changes");
            song.changeCounts().forEach(count -> changes.add(of(count)));
        }
        return tree;
    }

    private static void putFacts(ObjectNode tree, Facts facts) {
        tree.put("title", facts.title());
        if (!facts.note().isEmpty()) tree.put("note", facts.note());
        tree.put("key", facts.key().toString());
        if (facts.spelling() != Spelling.BY_KEY) {
            tree.put("spelling", facts.spelling().name().toLowerCase(Locale.ROOT));
        }
        putInstrument(tree, facts.instrument());
        tree.put("meter", facts.meter().toString());
        ObjectNode tempo = tree.putObject("tempo");
        putNumber(tempo, "perMinute", facts.tempo().perMinute());
        tempo.put("beat", facts.tempo().beat().toString());
        facts.groove()
                .ifPresent(groove -> tree.putObject("groove")
                        .put("meter", groove.meter().toString())
                        .put("beats", groove.beats())
                        .put("hits", groove.line()));
    }

    private static void putInstrument(ObjectNode tree, Instrument instrument) {
        tree.put("tuning", instrument.tuning().toString());
        if (instrument.tunedDown() > 0) tree.put("tunedDown", instrument.tunedDown());
        tree.put("capo", instrument.capo());
        if (!instrument.concert().equals(ConcertPitch.ISO_16)) {
            putNumber(tree, "concertPitch", instrument.concert().hertz());
        }
    }

    private static void putNumber(ObjectNode tree, String field, double number) {
        if (number == Math.rint(number)) tree.put(field, (int) number);
        else tree.put(field, number);
    }

    private static ObjectNode of(Chord chord) {
        ObjectNode tree =
                object().put("name", chord.name()).put("shape", chord.voicing().toString());
        chord.fingering().ifPresent(fingers -> tree.put("fingers", fingers.toText(chord.voicing())));
        chord.strummed().ifPresent(strings -> tree.put("strum", strings.toString()));
        return tree;
    }

    private static ObjectNode of(ChangeCount count) {
        return object().put("from", count.from()).put("to", count.to()).put("perMinute", count.perMinute());
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
