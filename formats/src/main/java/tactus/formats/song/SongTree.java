package tactus.formats.song;

import java.util.Locale;
import java.util.Optional;
import tactus.core.harmony.Chord;
import tactus.core.harmony.ChordMove;
import tactus.core.picking.FingerSchool;
import tactus.core.picking.PickingStyle;
import tactus.core.pitch.ConcertPitch;
import tactus.core.pitch.Guitar;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.Spelling;
import tactus.core.rule.Company;
import tactus.core.song.Accepted;
import tactus.core.song.ChangeCount;
import tactus.core.song.Facts;
import tactus.core.song.Handout;
import tactus.core.song.Lesson;
import tactus.core.song.Overlay;
import tactus.core.song.Song;
import tactus.core.song.SongId;
import tactus.core.song.Version;
import tactus.core.time.Tempo;
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
        putFacts(tree, song.facts());
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

    private static void putFacts(ObjectNode tree, Facts facts) {
        tree.put("title", facts.title());
        if (!facts.note().isEmpty()) tree.put("note", facts.note());
        facts.level().ifPresent(level -> tree.put("level", Codes.of(level)));
        facts.heading().tags().forEach(tag -> tree.withArray("tags").add(tag));
        tree.put("key", facts.key().toString());
        if (facts.spelling() != Spelling.BY_KEY) {
            tree.put("spelling", facts.spelling().name().toLowerCase(Locale.ROOT));
        }
        putInstrument(tree, facts.instrument());
        tree.put("meter", facts.meter().toString());
        tree.set("tempo", of(facts.tempo()));
        if (facts.pickup() > 0) tree.put("pickup", facts.pickup());
        if (facts.company() != Company.ALONE) tree.put("company", Codes.of(facts.company()));
        PickingStyle picking = facts.picking();
        if (picking.school() != FingerSchool.FOLLOWING) tree.put("fingers", Codes.of(picking.school()));
        picking.strike().ifPresent(strike -> tree.put("strike", Codes.of(strike)));
        facts.recording().ifPresent(seconds -> putNumber(tree, "recording", seconds));
        facts.groove()
                .ifPresent(groove -> tree.putObject("groove")
                        .put("meter", groove.meter().toString())
                        .put("beats", groove.beats())
                        .put("hits", groove.line()));
    }

    static ObjectNode of(Tempo tempo) {
        ObjectNode tree = object();
        putNumber(tree, "perMinute", tempo.perMinute());
        return tree.put("beat", tempo.beat().toString());
    }

    private static void putInstrument(ObjectNode tree, Instrument instrument) {
        tree.put("tuning", instrument.tuning().toString());
        if (instrument.tunedDown() > 0) tree.put("tunedDown", instrument.tunedDown());
        tree.put("capo", instrument.capo());
        if (instrument.guitar() != Guitar.AS_TUNED) tree.put("guitar", Codes.of(instrument.guitar()));
        if (!instrument.concert().equals(ConcertPitch.ISO_16)) {
            putNumber(tree, "concertPitch", instrument.concert().hertz());
        }
    }

    private static void putNumber(ObjectNode tree, String field, double number) {
        if (number == Math.rint(number)) tree.put(field, (int) number);
        else tree.put(field, number);
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
        version.capo().ifPresent(fret -> tree.put("capo", fret));
        if (version.isPlain()) tree.put("plain", true);
        version.company().ifPresent(company -> tree.put("company", Codes.of(company)));
        version.mostStrokes().ifPresent(count -> tree.put("mostStrokes", count));
        if (!version.overlay().equals(Overlay.NONE)) tree.set("other", OverlayTree.of(version.overlay()));
        return tree;
    }

    private static void putLesson(ObjectNode tree, Lesson lesson) {
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
