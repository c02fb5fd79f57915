package tactus.records.folder;

import java.util.Locale;
import tactus.words.Language;

/** The language that the settings name; where they name none, that of the machine. */
public final class ChosenLanguage {

    /** What the setting is called in its file. */
    public static final String SETTING = "language";

    private ChosenLanguage() {}

    /** Speaks it from now on. It is called before anything is said. */
    public static void speak(DataFolder folder) {
        String chosen = new SettingsFile(folder).readAtFirst().getProperty(SETTING, "");
        Language.use(Language.of(chosen, Locale.getDefault()));
    }
}
