package tactus.formats.song;

import java.util.Optional;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.ChordMove;
import tactus.core.written.song.Accepted;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.ChangeCount;
import tactus.core.written.song.Handout;
import tactus.core.written.song.LessonNotes;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongId;
import tactus.core.written.song.Version;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Turns a song into the tree that is written. */
final class SongTree {

    private SongTree() {}

    static ObjectNode of(Song song, Optional<SongId> id) {
        ObjectNode tree = object();
        tree.put("format", SongFile.FORMAT);
        tree.put("version", SongFile.VERSION);
        id.ifPresent(known -> tree.put("id", known.value()));
        FactsTree.put(tree, song.facts());
        ArrayNode chords = tree.putArray("chords");
        song.chords().forEach(chord -> chords.add(of(chord)));
        ArrayNode patterns = tree.putArray("patterns");
        song.patterns().forEach(pattern -> patterns.add(PatternTree.of(pattern)));
        ArrayNode sections = tree.putArray("sections");
        song.sections().forEach(section -> sections.add(SectionTree.of(section)));
        ArrayNode order = tree.putArray("order");
        song.uses().forEach(use -> SectionTree.add(order, use));
        song.rules().forEach(rule -> tree.withArray("rules").add(RuleTree.of(rule)));
        song.versions().all().forEach(version -> tree.withArray("versions").add(of(version)));
        song.versions().shown().ifPresent(name -> tree.put("shownVersion", name));
        if (!song.changeCounts().isEmpty()) {
            ArrayNode changes = tree.putArray("changes");
            song.changeCounts().forEach(count -> changes.add(of(count)));
        }
        putLesson(tree, song.lesson());
        return tree;
    }

    static ObjectNode of(Chord chord) {
        ObjectNode tree =
                object().put("name", chord.name()).put("shape", chord.voicing().toString());
        chord.fingering().ifPresent(fingers -> tree.put("fingers", fingers.toText(chord.voicing())));
        chord.strummed().ifPresent(strings -> tree.put("strum", strings.toString()));
        if (!chord.moves().isEmpty()) tree.put("moves", ChordMove.line(chord.moves()));
        if (chord.isOffered()) tree.put("offered", true);
        return tree;
    }

    private static ObjectNode of(ChangeCount count) {
        return object().put("from", count.from()).put("to", count.to()).put("perMinute", count.perMinute());
    }

    private static ObjectNode of(Version version) {
        ObjectNode tree = object().put("name", version.name());
        version.standIns().forEach(chord -> tree.withArray("standIns").add(of(chord)));
        FactsTree.put(tree, version.facts(), Aspect.CAPO);
        if (version.isPlain()) tree.put("plain", true);
        FactsTree.put(tree, version.facts(), Aspect.COMPANY);
        version.mostStrokes().ifPresent(count -> tree.put("mostStrokes", count));
        ObjectNode other = OverlayTree.of(version);
        if (!other.isEmpty()) tree.set("other", other);
        return tree;
    }

    private static void putLesson(ObjectNode tree, LessonNotes lesson) {
        lesson.planned().forEach(part -> tree.withArray("planned").add(part));
        lesson.accepted().forEach(each -> tree.withArray("accepted").add(of(each)));
        lesson.hints().forEach(each -> tree.withArray("hints").add(HintTree.of(each)));
        lesson.mnemonics()
                .forEach(each -> tree.withArray("mnemonics")
                        .addObject()
                        .put("cell", each.cell())
                        .put("words", each.words()));
        if (!lesson.handout().equals(Handout.USUAL)) tree.set("sheet", HandoutTree.of(lesson.handout()));
    }

    private static ObjectNode of(Accepted accepted) {
        ObjectNode tree = object().put("snag", accepted.snag().kind());
        ArrayNode of = tree.putArray("of");
        accepted.snag().of().forEach(of::add);
        ArrayNode numbers = tree.putArray("numbers");
        accepted.numbers().forEach(numbers::add);
        return tree.put("reason", accepted.reason());
    }

    private static ObjectNode object() {
        return JsonNodeFactory.instance.objectNode();
    }
}
