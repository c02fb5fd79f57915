package tactus.formats.song;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tactus.core.ground.refusal.Refusal;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Version;
import tactus.core.written.song.Versions;

/** Reads the versions of a song; one that cannot be is left out. */
final class VersionsReader {

    private final Branch root;
    private final OverlayReader overlays;

    VersionsReader(Branch root, OverlayReader overlays) {
        this.root = root;
        this.overlays = overlays;
    }

    /** The names that the file has for versions. */
    static Set<String> names(Branch root) {
        var names = new HashSet<String>();
        for (Branch at : root.field("versions").elements())
            if (at.field("name").isText()) names.add(at.field("name").text());
        return names;
    }

    Versions read() {
        Versions versions = Versions.NONE;
        for (Branch at : root.field("versions").elements()) {
            Versions before = versions;
            versions = at.or(before, "remedy.left-out", each -> with(before, version(each)));
        }
        Versions all = versions;
        Branch shown = root.field("shownVersion");
        return shown.isThere()
                ? shown.or(all, "remedy.the-full-version-shown", name -> all.withShown(Optional.of(name.text())))
                : all;
    }

    private static Versions with(Versions versions, Version version) {
        if (versions.named(version.name()).isPresent()) {
            throw new Refusal("file.version-twice", version.name());
        }
        return versions.with(version);
    }

    private Version version(Branch at) {
        at.expectOnly(Set.of("name", "standIns", "capo", "plain", "company", "mostStrokes", "other"));
        var standIns = new ArrayList<Chord>();
        for (Branch chord : at.field("standIns").elements()) {
            chord.optional("remedy.left-out", SongReader::chord).ifPresent(standIns::add);
        }
        Version version = Version.of(at.field("name").text()).withStandIns(standIns);
        if (at.field("plain").isThere())
            version = version.withPlain(at.field("plain").truth());
        version = version.withFacts(FactsTree.read(version.facts(), at, List.of(Aspect.CAPO, Aspect.COMPANY)));
        Branch other = at.field("other");
        if (other.isThere()) {
            version = version.withOverlay(overlays.read(other))
                    .withFacts(FactsTree.read(version.facts(), other, OverlayTree.facts()));
        }
        return at.field("mostStrokes").isThere()
                ? version.withMostStrokes(Optional.of(at.field("mostStrokes").number()))
                : version;
    }
}
