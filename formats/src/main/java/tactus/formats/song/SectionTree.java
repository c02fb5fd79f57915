package tactus.formats.song;

import java.util.List;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.Loop;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Cue;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.Syllable;
import tactus.core.written.section.Use;
import tactus.core.written.section.WordLine;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes sections and the entries of the running order. */
final class SectionTree {

    private SectionTree() {}

    static ObjectNode of(Section section) {
        ObjectNode tree = object();
        tree.put("id", section.id().value());
        tree.put("name", section.name());
        section.aliases().forEach(tree.withArray("aliases")::add);
        if (section.aliases().isEmpty()) tree.remove("aliases");
        putBars(tree, section.bars(), section.spans());
        putLoops(tree, section.harmony().loops());
        tree.put("passes", section.passes());
        section.tag().ifPresent(id -> tree.put("tag", id.value()));
        section.voice().forEach(stretch -> tree.withArray("voice").add(stretch.code()));
        section.cues().forEach(cue -> tree.withArray("cues").add(of(cue)));
        putWords(tree, section.words());
        section.key().ifPresent(key -> tree.put("key", key.toString()));
        section.second().forEach(id -> tree.withArray("secondGuitar").add(id.value()));
        return tree;
    }

    /** Each line is a list of syllables with the bar and the place in it; a hyphen behind one that goes on. */
    private static void putWords(ObjectNode tree, List<WordLine> words) {
        for (WordLine line : words) {
            ArrayNode syllables = tree.withArray("words").addArray();
            for (Syllable each : line.syllables()) {
                syllables
                        .addObject()
                        .put("bar", each.bar())
                        .put("at", each.inBar().toString())
                        .put("text", each.goesOn() ? each.text() + "-" : each.text());
            }
        }
    }

    private static ObjectNode of(Cue cue) {
        ObjectNode tree = object().put("bar", cue.bar()).put("beat", cue.beat()).put("text", cue.text());
        if (!cue.passes().isEvery()) tree.put("pass", cue.passes().code());
        return tree;
    }

    /** Adds an entry; one that is the same as its section and has its place as its id is the section's id alone. */
    static void add(ArrayNode order, Use use) {
        if (use.isTheSame() && use.name().isEmpty() && use.id() == order.size() + 1) {
            order.add(use.section().value());
            return;
        }
        order.add(of(use));
    }

    /** An entry with its id and all that is other in it. */
    static ObjectNode of(Use use) {
        ObjectNode tree =
                object().put("id", use.id()).put("section", use.section().value());
        use.name().ifPresent(name -> tree.put("name", name));
        use.excepts().forEach(except -> tree.withArray("except").add(of(except)));
        return tree;
    }

    private static ObjectNode of(Except except) {
        ObjectNode tree = object();
        if (!except.on().equals(PassChoice.EVERY)) tree.put("pass", except.on().code());
        switch (except.change()) {
            case Except.Runs(int passes) -> tree.put("runs", passes);
            case Except.OtherWords(var words) -> {
                if (words.isEmpty()) tree.putArray("words");
                putWords(tree, words);
            }
            case Except.OtherVoice(var voice) -> {
                ArrayNode codes = tree.putArray("voice");
                voice.forEach(stretch -> codes.add(stretch.code()));
            }
            case Except.LeftOut(var where) -> tree.put("leftOut", where.code());
            case Except.OtherBars(var where, var bars) -> {
                tree.put("instead", where.code());
                putBars(tree, bars);
            }
            case Except.ExtraBars(var bars) -> {
                tree.put("then", true);
                putBars(tree, bars);
            }
        }
        return tree;
    }

    private static void putBars(ObjectNode tree, List<Meter> bars, List<Span> spans) {
        putRuns(tree.putArray("bars"), bars);
        ArrayNode chords = tree.putArray("chords");
        spans.forEach(span -> putLength(chords.addObject().put("chord", span.chord()), span.length()));
    }

    private static void putBars(ObjectNode tree, Except.Bars bars) {
        putBars(tree, bars.bars(), bars.spans());
        putLoops(tree, bars.loops());
    }

    private static void putLoops(ObjectNode tree, List<Loop> loops) {
        loops.forEach(loop -> tree.withArray("loops")
                .addObject()
                .put("bar", loop.from() + 1)
                .put("bars", loop.bars())
                .put("times", loop.times()));
    }

    private static void putLength(ObjectNode tree, SpanLength length) {
        if (length instanceof SpanLength.Open) tree.put("open", true);
        else tree.put(Codes.plural(length.unit()), length.count().toString());
    }

    private static void putRuns(ArrayNode runs, List<Meter> bars) {
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
