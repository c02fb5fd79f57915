package tactus.app.work;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Properties;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.stroke.RoleSchool;
import tactus.core.music.time.CountSchool;
import tactus.core.patterns.dictation.Manner;
import tactus.formats.sheet.Paper;
import tactus.formats.sheet.SheetLook;
import tactus.records.folder.ChosenLanguage;
import tactus.records.folder.DataFolder;
import tactus.records.folder.SettingsFile;
import tactus.words.Language;
import tactus.words.Words;

/** What the user has chosen for all songs, kept in the data folder; each setting is one line. */
public final class Settings {

    private static final Logger LOG = LoggerFactory.getLogger(Settings.class);
    private static final int MOST_RECENT = 8;

    /**
     * How a setting is kept.
     *
     * @param value a change of it is written
     * @param read takes what is kept; what cannot be read is as at first
     */
    private record Kept(ObservableValue<?> value, Consumer<Properties> read, Consumer<Properties> write) {}

    private final List<Kept> all = new ArrayList<>();
    private final BooleanProperty showsNext = flag("showsNext", true);
    private final BooleanProperty dark = flag("dark", false);
    private final BooleanProperty lowStringOnTop = flag("lowStringOnTop", true);
    private final BooleanProperty leftHanded = flag("leftHanded", false);
    private final BooleanProperty saysH = flag("saysH", Language.current().saysH());
    private final ObjectProperty<String> language = kept(
            ChosenLanguage.SETTING,
            "",
            (kept, usual) -> kept.getProperty(ChosenLanguage.SETTING, usual),
            (code, kept) -> kept.setProperty(ChosenLanguage.SETTING, code));
    private final ObjectProperty<RoleSchool> roles = choice("roles", RoleSchool.values());
    private final ObjectProperty<CountSchool> counting = choice("counting", CountSchool.values());
    private final ObjectProperty<Manner> manner = kept(
            "manner",
            Manner.UNKNOWN,
            (kept, _) -> Manner.parse(kept.getProperty("manner", "")),
            (spoken, kept) -> kept.setProperty("manner", spoken.toString()));
    private final ObjectProperty<Paper> paper = choice("paper", Paper.values());
    private final ObjectProperty<FrettingHand> hand =
            kept("hand", FrettingHand.USUAL, Settings::hand, Settings::writeHand);
    private final ObjectProperty<Integer> scaleLength = kept(
            "scaleLength",
            (int) Neck.USUAL.scaleLength(),
            (kept, usual) -> (int) new Neck(number(kept, "scaleLength", usual), 0).scaleLength(),
            (length, kept) -> kept.setProperty("scaleLength", length.toString()));
    private final ObjectProperty<Delays> delays =
            kept("delays", Delays.NONE, (kept, _) -> Delays.read(kept), Delays::write);
    private final ObjectProperty<List<Path>> folders = paths(SettingsFile.SONG_FOLDERS);
    private final ObjectProperty<List<Path>> recent = paths("recent");
    private final DataFolder folder;
    private final Layouts layouts;
    private final SettingsFile file;

    /** Reads what was chosen before; what cannot be read is as at first. */
    public Settings(DataFolder folder) {
        this.folder = folder;
        layouts = new Layouts(folder);
        file = new SettingsFile(folder);
        Properties kept = file.readAtFirst();
        all.forEach(setting -> setting.read().accept(kept));
        file.startFrom(asProperties());
        all.forEach(setting -> setting.value().subscribe((_, _) -> file.write(asProperties())));
    }

    /** Whether the file says what is chosen; where it cannot be read or written, it holds until the program ends. */
    public boolean areKept() {
        return file.says(asProperties());
    }

    private Properties asProperties() {
        var kept = new Properties();
        all.forEach(setting -> setting.write().accept(kept));
        return kept;
    }

    private BooleanProperty flag(String key, boolean usual) {
        var value = new SimpleBooleanProperty(this, key, usual);
        all.add(new Kept(
                value,
                kept -> value.set(Boolean.parseBoolean(kept.getProperty(key, Boolean.toString(usual)))),
                kept -> kept.setProperty(key, Boolean.toString(value.get()))));
        return value;
    }

    /** The first of {@code choices} at first. */
    private <T extends Enum<T>> ObjectProperty<T> choice(String key, T[] choices) {
        return kept(
                key,
                choices[0],
                (kept, usual) -> Arrays.stream(choices)
                        .filter(choice -> choice.name().equals(kept.getProperty(key)))
                        .findFirst()
                        .orElse(usual),
                (choice, kept) -> kept.setProperty(key, choice.name()));
    }

    private ObjectProperty<List<Path>> paths(String key) {
        return kept(
                key,
                List.of(),
                (kept, _) -> SettingsFile.paths(kept, key),
                (paths, kept) -> kept.setProperty(
                        key,
                        String.join("\n", paths.stream().map(Path::toString).toList())));
    }

    private <T> ObjectProperty<T> kept(
            String key, T usual, BiFunction<Properties, T, T> read, BiConsumer<T, Properties> write) {
        var value = new SimpleObjectProperty<>(this, key, usual);
        all.add(new Kept(
                value, kept -> value.set(readable(key, usual, read, kept)), kept -> write.accept(value.get(), kept)));
        return value;
    }

    private static <T> T readable(String key, T usual, BiFunction<Properties, T, T> read, Properties kept) {
        try {
            return read.apply(kept, usual);
        } catch (Refusal unreadable) {
            LOG.warn("the setting {} cannot be read and is taken as at first", key, unreadable);
            return usual;
        }
    }

    private static FrettingHand hand(Properties kept, FrettingHand usual) {
        return new FrettingHand(
                number(kept, "handSpan", usual.span()), Boolean.parseBoolean(kept.getProperty("thumb")));
    }

    private static void writeHand(FrettingHand hand, Properties kept) {
        kept.setProperty("handSpan", Integer.toString(hand.span()));
        kept.setProperty("thumb", Boolean.toString(hand.thumb()));
    }

    private static int number(Properties kept, String key, int usual) {
        String text = kept.getProperty(key, "");
        return text.matches("\\d{1,9}") ? Integer.parseInt(text) : usual;
    }

    /** By how much keys and instruments reach the program late, as it was measured. */
    public ObjectProperty<Delays> delaysProperty() {
        return delays;
    }

    /** The folders in which songs are looked for. */
    public ObjectProperty<List<Path>> foldersProperty() {
        return folders;
    }

    /** Where the logbook is kept. */
    public Path logbookFolder() {
        return folder.root();
    }

    /** Where the index of songs is kept. */
    public Path shelfFile() {
        return folder.file("shelf.db");
    }

    /** Puts {@code file} first among the recent ones. */
    public void remember(Path file) {
        Path whole = file.toAbsolutePath();
        var files = new ArrayList<>(recent.get());
        files.remove(whole);
        files.addFirst(whole);
        recent.set(List.copyOf(files.subList(0, Math.min(MOST_RECENT, files.size()))));
    }

    public ReadOnlyObjectProperty<List<Path>> recentProperty() {
        return recent;
    }

    /** Whether the header names the next step of the work. */
    public BooleanProperty showsNextProperty() {
        return showsNext;
    }

    public BooleanProperty darkProperty() {
        return dark;
    }

    public BooleanProperty lowStringOnTopProperty() {
        return lowStringOnTop;
    }

    /** Whether necks are drawn as a left-handed player sees them. */
    public BooleanProperty leftHandedProperty() {
        return leftHanded;
    }

    /** Whether B natural is called H and B flat B. */
    public BooleanProperty saysHProperty() {
        return saysH;
    }

    /** The code of the language that is spoken from the next start on; empty for that of the machine. */
    public ObjectProperty<String> languageProperty() {
        return language;
    }

    public NoteSchool noteSchool() {
        return saysH.get() ? NoteSchool.WITH_H : NoteSchool.INTERNATIONAL;
    }

    /** How the fingers of the picking hand are called. */
    public ObjectProperty<RoleSchool> rolesProperty() {
        return roles;
    }

    /** How bars are counted. */
    public ObjectProperty<CountSchool> countingProperty() {
        return counting;
    }

    /** What was answered of how patterns are said. */
    public ObjectProperty<Manner> mannerProperty() {
        return manner;
    }

    /** The hand of whoever plays. */
    public ObjectProperty<FrettingHand> handProperty() {
        return hand;
    }

    /** What the sheet is printed on. */
    public ObjectProperty<Paper> paperProperty() {
        return paper;
    }

    /** Named layouts of the sheet. */
    public Layouts layouts() {
        return layouts;
    }

    /** How sheets are drawn, with today's date. */
    public SheetLook sheetLook() {
        String today = Words.date("date.year", LocalDate.now());
        return new SheetLook(paper.get(), lowStringOnTop.get(), leftHanded.get(), roles.get(), noteSchool(), today);
    }

    /** The length of the strings in millimetres. */
    public ObjectProperty<Integer> scaleLengthProperty() {
        return scaleLength;
    }

    /** The neck with a capo at {@code fret}. */
    public Neck neck(int fret) {
        return new Neck(scaleLength.get(), fret);
    }
}
