package tactus.app.arrangement.assignment;

import java.util.List;
import java.util.stream.Collectors;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.core.written.section.Section;
import tactus.core.written.section.Stretch;
import tactus.words.SongWords;
import tactus.words.Words;

/** Bars where somebody sings, as they are typed: {@code 1-4, 6.3-8}, {@code all}. */
final class VoiceText {

    private VoiceText() {}

    /** Bars alone are typed as numbers. */
    static String of(List<Stretch> voice) {
        return voice.stream()
                .map(stretch -> stretch instanceof Stretch.Counted counted ? counted.code() : SongWords.of(stretch))
                .collect(Collectors.joining(", "));
    }

    /** @throws tactus.core.ground.refusal.Refusal if a part is no bars of {@code section} */
    static List<Stretch> read(String text, Section section, ArrangementModel arrangement) {
        return Words.lexicon().is("stretch.all", text)
                ? List.of(Stretch.bars(1, section.bars().size()))
                : MarksModel.parts(text).stream().map(arrangement::bars).toList();
    }
}
