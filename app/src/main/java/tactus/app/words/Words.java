package tactus.app.words;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/** Looks up what the user reads. */
public final class Words {

    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("tactus.app.words.words", Locale.ENGLISH);

    private Words() {}

    /**
     * Returns the text called {@code key}, with {@code arguments} put in for {@code {0}}, {@code {1}} ...
     *
     * @throws java.util.MissingResourceException if there is no such text
     */
    public static String of(String key, Object... arguments) {
        String text = BUNDLE.getString(key);
        return arguments.length == 0 ? text : new MessageFormat(text, Locale.ENGLISH).format(arguments);
    }
}
