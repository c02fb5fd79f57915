package tactus.app.arrangement.assignment;

import java.util.Optional;
import tactus.app.arrangement.section.Choice;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.Where;
import tactus.core.written.section.PassChoice;
import tactus.words.Words;

/** Where a rule holds that is made by a key or a choice. */
public enum Target {
    SECTION,
    LAST_PASS,
    THIS_TIME,
    THIS_PASS,
    LAST_TIME,
    UNSUNG,
    SONG;

    String title() {
        return Words.of("target." + name());
    }

    /** The place for what is chosen. */
    Where where(Choice choice, Optional<Integer> entry) {
        Where section = choice.section().map(Where::in).orElse(Where.EVERYWHERE);
        Where use = entry.map(UseChoice::entry).map(section::withUse).orElse(section);
        return switch (this) {
            case SONG -> Where.EVERYWHERE;
            case SECTION -> section;
            case LAST_PASS -> section.withPass(PassChoice.LAST);
            case THIS_TIME -> use;
            case THIS_PASS -> use.withPass(PassChoice.of(choice.pass()));
            case LAST_TIME -> section.withUse(UseChoice.LAST);
            case UNSUNG -> section.withPart(new Part.Voice(false));
        };
    }
}
