package tactus.formats.song;

import java.util.Optional;
import java.util.function.BiFunction;
import tactus.core.groove.Groove;
import tactus.core.library.Level;
import tactus.core.picking.FingerSchool;
import tactus.core.picking.Strike;
import tactus.core.pitch.ConcertPitch;
import tactus.core.pitch.Guitar;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.Key;
import tactus.core.pitch.Spelling;
import tactus.core.pitch.Tuning;
import tactus.core.refusal.Refusal;
import tactus.core.song.Facts;
import tactus.core.song.Song;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;

/** Reads the facts of a song, which stand at the root of its file. */
final class FactsReader {

    private final Branch root;

    FactsReader(Branch root) {
        this.root = root;
    }

    Facts read() {
        Facts usual = Song.empty("Untitled").facts();
        Meter meter = root.field("meter").or(usual.meter(), "remedy.4-4-taken", at -> Meter.parse(at.text()));
        Facts facts = usual.withMeter(meter)
                .withKey(root.field("key").or(usual.key(), "remedy.c-taken", at -> Key.parse(at.text())))
                .withInstrument(instrument())
                .withTempo(root.field("tempo").or(Tempo.of(90, meter), "remedy.90-taken", FactsReader::tempo));
        facts = with(facts, "title", "remedy.named-untitled", (each, at) -> each.withTitle(at.text()));
        facts = ifThere(facts, "note", "remedy.left-out", (each, at) -> each.withNote(at.text()));
        facts = ifThere(
                facts,
                "level",
                "remedy.left-out",
                (each, at) -> each.withLevel(Optional.of(Codes.read(at, Level.values()))));
        facts = ifThere(
                facts,
                "tags",
                "remedy.left-out",
                (each, at) ->
                        each.withTags(at.elements().stream().map(Branch::text).toList()));
        facts = ifThere(
                facts, "groove", "remedy.left-out", (each, at) -> each.withGroove(Optional.of(groove(at, meter))));
        facts = ifThere(facts, "pickup", "remedy.no-pick-up", (each, at) -> each.withPickup(at.number()));
        facts = ifThere(
                facts, "company", "remedy.played-alone", (each, at) -> each.withCompany(RulesReader.company(at)));
        facts = ifThere(
                facts, "recording", "remedy.left-out", (each, at) -> each.withRecording(Optional.of(at.decimal())));
        facts = ifThere(facts, "spelling", "remedy.spelled-by-key", (each, at) -> each.withSpelling(spelling(at)));
        return picking(facts);
    }

    private Facts picking(Facts facts) {
        Facts fingered = ifThere(
                facts,
                "fingers",
                "remedy.left-out",
                (each, at) -> each.withPicking(each.picking().with(Codes.read(at, FingerSchool.values()))));
        return ifThere(
                fingered,
                "strike",
                "remedy.left-out",
                (each, at) ->
                        each.withPicking(each.picking().withStrike(Optional.of(Codes.read(at, Strike.values())))));
    }

    private Instrument instrument() {
        Tuning tuning =
                root.field("tuning").or(Tuning.STANDARD, "remedy.standard-taken", at -> Tuning.parse(at.text()));
        Instrument guitar = Instrument.USUAL.withTuning(tuning);
        guitar = with(guitar, "capo", "remedy.no-capo-taken", (each, at) -> each.withCapo(at.number()));
        guitar = ifThere(guitar, "tunedDown", "remedy.not-tuned-down", (each, at) -> each.withTunedDown(at.number()));
        guitar = ifThere(
                guitar,
                "concertPitch",
                "remedy.440-taken",
                (each, at) -> each.withConcert(new ConcertPitch(at.decimal())));
        return ifThere(
                guitar, "guitar", "remedy.left-out", (each, at) -> each.withGuitar(Codes.read(at, Guitar.values())));
    }

    private <T> T ifThere(T whole, String field, String remedy, BiFunction<T, Branch, T> change) {
        return root.field(field).isThere() ? with(whole, field, remedy, change) : whole;
    }

    private <T> T with(T whole, String field, String remedy, BiFunction<T, Branch, T> change) {
        return root.field(field).or(whole, remedy, at -> change.apply(whole, at));
    }

    private static Groove groove(Branch at, Meter meter) {
        Meter own = at.field("meter").isThere() ? Meter.parse(at.field("meter").text()) : meter;
        return Groove.ofLine(at.field("hits").text(), own, at.field("beats").number());
    }

    private static Spelling spelling(Branch at) {
        return switch (at.text()) {
            case "sharps" -> Spelling.SHARPS;
            case "flats" -> Spelling.FLATS;
            default -> throw new Refusal("file.one-of", "sharps, flats", at.text());
        };
    }

    static Tempo tempo(Branch at) {
        return new Tempo(
                at.field("perMinute").decimal(), Length.parse(at.field("beat").text()));
    }
}
