package tactus.app.work;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.stroke.RoleSchool;
import tactus.core.music.time.CountSchool;
import tactus.formats.file.WholeFile;
import tactus.formats.sheet.Paper;
import tactus.formats.sheet.SheetLook;

/** What the user has chosen for all songs, kept in the data folder. */
public final class Settings {

    private static final Logger LOG = LoggerFactory.getLogger(Settings.class);
    private static final String FILE = "settings.properties";
    private static final int MOST_RECENT = 8;

    private final DataFolder folder;
    private final Layouts layouts;
    private boolean isReadable = true;
    /** What the file says of these settings, as far as this program knows. */
    private Properties written = new Properties();

    private final BooleanProperty showsNext = new SimpleBooleanProperty(this, "showsNext", true);
    private final BooleanProperty dark = new SimpleBooleanProperty(this, "dark");
    private final BooleanProperty lowStringOnTop = new SimpleBooleanProperty(this, "lowStringOnTop", true);
    private final BooleanProperty leftHanded = new SimpleBooleanProperty(this, "leftHanded");
    private final BooleanProperty saysH = new SimpleBooleanProperty(this, "saysH");
    private final ObjectProperty<RoleSchool> roles = new SimpleObjectProperty<>(this, "roles", RoleSchool.LETTERS);
    private final ObjectProperty<CountSchool> counting =
            new SimpleObjectProperty<>(this, "counting", CountSchool.NUMBERS);
    private final ObjectProperty<FrettingHand> hand = new SimpleObjectProperty<>(this, "hand", FrettingHand.USUAL);
    private final IntegerProperty scaleLength =
            new SimpleIntegerProperty(this, "scaleLength", (int) Neck.USUAL.scaleLength());
    private final ObjectProperty<Delays> delays = new SimpleObjectProperty<>(this, "delays", Delays.NONE);
    private final ObjectProperty<Paper> paper = new SimpleObjectProperty<>(this, "paper", Paper.A4);
    private final ObjectProperty<List<Path>> folders = new SimpleObjectProperty<>(this, "folders", List.of());
    private final ReadOnlyObjectWrapper<List<Path>> recent = new ReadOnlyObjectWrapper<>(this, "recent", List.of());

    /** Reads what was chosen before; what cannot be read is as at first. */
    public Settings(DataFolder folder) {
        this.folder = folder;
        layouts = new Layouts(folder);
        Properties kept = readAtFirst();
        dark.set(Boolean.parseBoolean(kept.getProperty("dark")));
        showsNext.set(!"false".equals(kept.getProperty("showsNext")));
        lowStringOnTop.set(Boolean.parseBoolean(kept.getProperty("lowStringOnTop", "true")));
        recent.set(paths(kept, "recent"));
        folders.set(paths(kept, "folders"));
        leftHanded.set(Boolean.parseBoolean(kept.getProperty("leftHanded")));
        saysH.set(Boolean.parseBoolean(kept.getProperty("saysH")));
        roles.set(chosen(RoleSchool.values(), kept.getProperty("roles")));
        counting.set(chosen(CountSchool.values(), kept.getProperty("counting")));
        paper.set(chosen(Paper.values(), kept.getProperty("paper")));
        readHand(kept);
        delays.set(Delays.read(kept));
        List.of(
                        dark,
                        showsNext,
                        lowStringOnTop,
                        leftHanded,
                        saysH,
                        roles,
                        counting,
                        hand,
                        scaleLength,
                        paper,
                        folders,
                        delays)
                .forEach(setting -> setting.subscribe((_, _) -> write()));
        written = asProperties();
    }

    private static List<Path> paths(Properties kept, String key) {
        return kept.getProperty(key, "")
                .lines()
                .filter(line -> !line.isBlank())
                .flatMap(line -> path(line).stream())
                .toList();
    }

    private static Optional<Path> path(String line) {
        try {
            return Optional.of(Path.of(line));
        } catch (InvalidPathException none) {
            LOG.warn("a path of the settings is none and is left out: {}", line);
            return Optional.empty();
        }
    }

    /** The one of {@code choices} that is called {@code name}; the first if none is. */
    private static <T extends Enum<T>> T chosen(T[] choices, String name) {
        return Arrays.stream(choices)
                .filter(choice -> choice.name().equals(name))
                .findFirst()
                .orElse(choices[0]);
    }

    private void readHand(Properties kept) {
        try {
            hand.set(new FrettingHand(
                    number(kept, "handSpan", FrettingHand.USUAL.span()),
                    Boolean.parseBoolean(kept.getProperty("thumb"))));
            int scale = number(kept, "scaleLength", scaleLength.get());
            scaleLength.set((int) new Neck(scale, 0).scaleLength());
        } catch (Refusal unreadable) {
            LOG.warn("the measures of the hand cannot be read and are taken as at first", unreadable);
        }
    }

    private static int number(Properties kept, String key, int usual) {
        String text = kept.getProperty(key, "");
        return text.matches("\\d{1,9}") ? Integer.parseInt(text) : usual;
    }

    /**
     * What is kept; nothing where there is no file yet.
     *
     * @throws IOException if it may not be read
     */
    private Properties read() throws IOException {
        var read = new Properties();
        Path file = folder.file(FILE);
        if (!Files.exists(file)) return read;
        try (var in = Files.newBufferedReader(file)) {
            read.load(in);
        } catch (IllegalArgumentException | CharacterCodingException unreadable) {
            LOG.warn("the settings cannot be read from some place on, and are taken as at first there", unreadable);
        }
        return read;
    }

    /** What is kept; where it may not be read nothing is ever written over it. */
    private Properties readAtFirst() {
        try {
            return read();
        } catch (IOException forbidden) {
            isReadable = false;
            LOG.warn("the settings cannot be read and are left as they are", forbidden);
            return new Properties();
        }
    }

    /** Writes what was changed here since it was read or written; what other programs have changed meanwhile stays. */
    private void write() {
        Properties now = asProperties();
        if (!isReadable || now.equals(written)) return;
        try {
            SharedFile.change(folder, () -> {
                Properties there = read();
                for (String key : now.stringPropertyNames())
                    if (!now.getProperty(key).equals(written.getProperty(key)))
                        there.setProperty(key, now.getProperty(key));
                WholeFile.write(folder.file(FILE), out -> there.store(out, "Tactus"));
                written = now;
            });
        } catch (IOException full) {
            LOG.warn("the settings cannot be kept", full);
        }
    }

    private Properties asProperties() {
        var kept = new Properties();
        kept.setProperty("dark", Boolean.toString(dark.get()));
        kept.setProperty("showsNext", Boolean.toString(showsNext.get()));
        kept.setProperty("lowStringOnTop", Boolean.toString(lowStringOnTop.get()));
        kept.setProperty("leftHanded", Boolean.toString(leftHanded.get()));
        kept.setProperty("saysH", Boolean.toString(saysH.get()));
        kept.setProperty("roles", roles.get().name());
        kept.setProperty("counting", counting.get().name());
        kept.setProperty("paper", paper.get().name());
        kept.setProperty("handSpan", Integer.toString(hand.get().span()));
        kept.setProperty("thumb", Boolean.toString(hand.get().thumb()));
        kept.setProperty("scaleLength", Integer.toString(scaleLength.get()));
        delays.get().write(kept);
        kept.setProperty("recent", lines(recent.get()));
        kept.setProperty("folders", lines(folders.get()));
        return kept;
    }

    private static String lines(List<Path> paths) {
        return String.join("\n", paths.stream().map(Path::toString).toList());
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
        write();
    }

    public ReadOnlyObjectProperty<List<Path>> recentProperty() {
        return recent.getReadOnlyProperty();
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
        String today = DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM).format(LocalDate.now());
        return new SheetLook(paper.get(), lowStringOnTop.get(), leftHanded.get(), roles.get(), today);
    }

    /** The length of the strings in millimetres. */
    public IntegerProperty scaleLengthProperty() {
        return scaleLength;
    }

    /** The neck with a capo at {@code fret}. */
    public Neck neck(int fret) {
        return new Neck(scaleLength.get(), fret);
    }
}
