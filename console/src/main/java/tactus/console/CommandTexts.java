package tactus.console;

import java.util.HashMap;
import java.util.ListResourceBundle;
import java.util.Map;
import tactus.words.Language;
import tactus.words.Words;

/**
 * What commands and their options are for, in the language that is spoken: {@code tactus.check.json}, or {@code tactus.json} where
 * that is the same for all of them.
 */
final class CommandTexts extends ListResourceBundle {

    private static final String ROOT = "tactus.";
    /** How picocli calls the options that every command has. */
    private static final String STANDARD = "mixinStandardHelpOptions.";

    @Override
    protected Object[][] getContents() {
        Map<String, String> texts = new HashMap<>();
        for (String key : Language.current().keys()) {
            if (!key.startsWith(ROOT)) continue;
            texts.put(key, Words.of(key));
            String shared = key.substring(ROOT.length());
            // There is nothing that all commands are for.
            if (shared.equals("usage.description")) continue;
            texts.put(shared, Words.of(key));
            texts.put(STANDARD + shared, Words.of(key));
        }
        return texts.entrySet().stream()
                .map(text -> new Object[] {text.getKey(), text.getValue()})
                .toArray(Object[][]::new);
    }
}
