package tactus.app.arrangement.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.edit.ChangeFact;
import tactus.core.counsel.suggestion.EasierVersion;
import tactus.core.counsel.suggestion.Replacements;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.written.rule.Company;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;
import tactus.core.written.song.Versions;
import tactus.words.OverlayWords;
import tactus.words.SongWords;
import tactus.words.Words;

/** The versions of the song: which is shown, what it changes, and how one is made. */
public final class VersionsModel {

    private final Work work;
    private final Settings settings;

    public VersionsModel(Work work, Settings settings) {
        this.work = work;
        this.settings = settings;
    }

    /** The names to choose from, the full version first. */
    public List<String> names() {
        var names = new ArrayList<String>();
        names.add(Version.FULL);
        work.song().versions().all().forEach(version -> names.add(version.name()));
        return names;
    }

    /** What a version is called on the screen. */
    public static String title(String name) {
        return name.equals(Version.FULL) ? Words.of("versions.full") : name;
    }

    /** The name of the version that is shown. */
    public String shown() {
        return work.song().versions().shown().orElse(Version.FULL);
    }

    /** Shows, plays and prints the version called {@code name}. */
    public void show(String name) {
        Optional<String> wanted = name.equals(Version.FULL) ? Optional.empty() : Optional.of(name);
        if (wanted.equals(work.song().versions().shown())) return;
        work.change(
                "edit.show-version", song -> song.withVersions(song.versions().withShown(wanted)), name);
    }

    /** Shows the next version. */
    public void showNext() {
        List<String> names = names();
        show(names.get((names.indexOf(shown()) + 1) % names.size()));
    }

    Optional<Version> version() {
        return work.song().versions().shownOne();
    }

    /** Adds a version that changes nothing yet, and shows it. Returns what is wrong with its name, if anything. */
    public Outcome add(String name) {
        return Outcome.of(() -> {
            Version version = Version.of(name);
            if (names().stream().anyMatch(version.name()::equalsIgnoreCase)) {
                throw new Refusal("versions.taken", version.name());
            }
            work.change(
                    "edit.add",
                    song -> song.withVersions(song.versions().with(version).withShown(Optional.of(version.name()))),
                    version.name());
        });
    }

    /** Makes an easier version by rule, or makes it anew, and shows it. */
    public Outcome makeEasier(String name) {
        return Outcome.of(() -> {
            EasierVersion made = easier(name);
            work.change("edit.easier", _ -> made.song(), name);
        });
    }

    private EasierVersion easier(String name) {
        Song song = work.written();
        return EasierVersion.of(
                song,
                name,
                settings.neck(song.facts().capo()),
                settings.handProperty().get());
    }

    /** What the shown version changes, a sentence each. */
    public List<String> changes() {
        return version().map(this::changes).orElse(List.of());
    }

    private List<String> changes(Version version) {
        var changes = new ArrayList<String>();
        Song song = work.song();
        song.rules().stream()
                .filter(rule -> rule.where().version().equals(Optional.of(version.name())))
                .forEach(rule -> changes.add(new SongWords(song).of(rule)));
        version.standIns()
                .forEach(chord -> changes.add(Words.of(
                        "versions.standIn",
                        chord.name(),
                        chord.voicing(),
                        work.written()
                                .chord(chord.name())
                                .map(full -> full.voicing().toString())
                                .orElse("–"))));
        Replacements.of(song, version).stream().map(Words::say).forEach(changes::add);
        OverlayWords.fact(version, Aspect.CAPO).ifPresent(changes::add);
        if (version.isPlain()) changes.add(Words.of("versions.isPlain"));
        OverlayWords.fact(version, Aspect.COMPANY).ifPresent(changes::add);
        version.mostStrokes().ifPresent(most -> changes.add(Words.of("versions.most", most)));
        return changes;
    }

    /** What the shown version has of its own beside shapes and rules. */
    List<OverlayWords.Item> own() {
        return version()
                .map(version -> new OverlayWords(work.written(), version).items())
                .orElse(List.of());
    }

    /** Has it as in the song again. */
    void takeBack(OverlayWords.Item item) {
        change(_ -> item.without());
    }

    private Outcome change(UnaryOperator<Version> change) {
        return Outcome.of(() -> version().ifPresent(version -> {
            Version changed = change.apply(version);
            if (!changed.equals(version))
                work.change(
                        "edit.version",
                        song -> song.withVersions(song.versions().with(changed)),
                        changed.name());
        }));
    }

    public Outcome takePlain(boolean plain) {
        return change(version -> version.withPlain(plain));
    }

    public Outcome takeMostStrokes(Optional<Integer> most) {
        return change(version -> version.withMostStrokes(most));
    }

    public Outcome takeCapo(Optional<Integer> fret) {
        return change(version -> version.with(Aspect.CAPO, fret));
    }

    /** Who plays along: in the shown version, or in the song where the full one is shown. */
    public Company company() {
        return work.song().facts().company();
    }

    public void takeCompany(Company company) {
        if (company == company()) return;
        if (version().isPresent()) change(version -> version.with(Aspect.COMPANY, Optional.of(company)));
        else work.change(new ChangeFact<>(Aspect.COMPANY, company));
    }

    /** Takes the shown version away, with its rules. */
    public void delete() {
        version()
                .ifPresent(version -> work.change(
                        "edit.delete",
                        song -> {
                            Versions rest = song.versions().without(version.name());
                            return song.withRules(song.rules().stream()
                                            .filter(rule ->
                                                    !rule.where().version().equals(Optional.of(version.name())))
                                            .toList())
                                    .withVersions(rest);
                        },
                        version.name()));
    }
}
