package tactus.core.ground.language;

import java.util.Optional;

/** Numbers that say which: {@code second}, {@code 11th}. Where a language's words end, digits with an ending go on. */
public final class Ordinals {

    private final Lexicon lexicon;

    /** Ordinals in the words of {@code lexicon}. */
    public Ordinals(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /** Writes {@code number}, from 1. */
    public String of(int number) {
        String code = "ordinal." + number;
        if (lexicon.codes("ordinal").contains(code)) return lexicon.word(code);
        boolean teen = number % 100 >= 11 && number % 100 <= 19;
        return number + lexicon.forms("ordinal-endings").get(teen ? 0 : number % 10);
    }

    /** The number that {@code text} says; empty if it is none. */
    public Optional<Integer> number(String text) {
        Optional<Integer> word = lexicon.find("ordinal", text).map(Integer::valueOf);
        if (word.isPresent() || !text.matches("\\d{1,4}\\D+")) return word;
        String digits = text.replaceAll("\\D", "");
        return lexicon.forms("ordinal-endings").contains(text.substring(digits.length()))
                ? Optional.of(Integer.valueOf(digits))
                : Optional.empty();
    }
}
