package tactus.core.counsel.snag;

import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.written.section.Section;
import tactus.core.written.song.Hint;
import tactus.core.written.song.Song;

/** What mends words. */
public sealed interface WordedFix extends Fix {

    /** Other words in hints, cues and the note of the song. */
    record SayInstead(String words, String others) implements WordedFix {

        public SayInstead {
            Objects.requireNonNull(words);
            Objects.requireNonNull(others);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.say-instead", others);
        }

        @Override
        public Song appliedTo(Song song) {
            var hints = song.lesson().hints().stream()
                    .map(hint -> new Hint(hint.about(), said(hint.text())))
                    .toList();
            return song.withFacts(song.facts().withNote(said(song.facts().note())))
                    .withLesson(song.lesson().withHints(hints))
                    .withSections(song.sections().stream().map(this::said).toList());
        }

        private Section said(Section section) {
            return section.withCues(section.cues().stream()
                    .map(cue -> cue.withText(said(cue.text())))
                    .toList());
        }

        private String said(String text) {
            return text.replace(words, others);
        }
    }
}
