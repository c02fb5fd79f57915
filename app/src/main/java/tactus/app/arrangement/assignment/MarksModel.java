package tactus.app.arrangement.assignment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.arrangement.section.Choice;
import tactus.app.work.Work;
import tactus.core.counsel.suggestion.BassWalk;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Cue;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
import tactus.words.SongWords;
import tactus.words.Words;

/** What goes along with the bars of the chosen section: voice, cues, other names, a tag, a second guitar, walks. */
public final class MarksModel {

    private final Work work;
    private final ArrangementModel arrangement;

    public MarksModel(Work work, ArrangementModel arrangement) {
        this.work = work;
        this.arrangement = arrangement;
    }

    private Optional<Section> section() {
        return arrangement.section();
    }

    /** Where somebody sings, as it is typed. */
    String voice() {
        return VoiceText.of(section().map(Section::voice).orElse(List.of()));
    }

    /** Whether the words say where somebody sings, so that nothing else has to. */
    public boolean isVoiceSaid() {
        return section().filter(section -> !section.words().isEmpty()).isPresent();
    }

    /** Takes bars such as {@code 1-4, 6.3-8} as those where somebody sings. Returns what is wrong, if anything. */
    public Outcome takeVoice(String text) {
        return Outcome.of(() -> {
            List<Stretch> voice = VoiceText.read(text, section().orElseThrow(), arrangement);
            if (!section().map(Section::voice).equals(Optional.of(voice))) {
                arrangement.change("edit.voice", section -> section.withVoice(voice));
            }
        });
    }

    static List<String> parts(String text) {
        return Arrays.stream(text.split(","))
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .toList();
    }

    /** Sings or stops singing over the bars of the chosen chord. */
    public void toggleVoice() {
        section()
                .filter(section -> arrangement.choice().span() < section.spans().size())
                .ifPresent(section -> {
                    Stretch bars = barsOfChord(section);
                    var voice = new ArrayList<>(section.voice());
                    if (!voice.remove(bars)) voice.add(bars);
                    arrangement.change("edit.voice", each -> each.withVoice(voice));
                });
    }

    private Stretch barsOfChord(Section section) {
        BarLines lines = section.barLines();
        List<Length> edges = section.edges(Assignment.round(work.song(), section));
        int span = arrangement.choice().span();
        int first = lines.barAt(edges.get(span));
        int last = lines.barAt(edges.get(span + 1));
        boolean onLine = lines.start(last).equals(edges.get(span + 1)) && last > first;
        return Stretch.bars(first + 1, onLine ? last : last + 1);
    }

    /** The cues, a line each. */
    public List<String> cues() {
        return section().map(Section::cues).orElse(List.of()).stream()
                .map(MarksModel::said)
                .toList();
    }

    private static String said(Cue cue) {
        String place = cue.bar() == 0
                ? Words.of("marks.inFront", cue.beat())
                : Words.of("marks.barBeat", cue.bar(), cue.beat());
        return place + ": " + cue.text() + (cue.passes().isEvery() ? "" : " (" + SongWords.of(cue.passes()) + ")");
    }

    /** Adds a cue such as {@code 3.2 light the lamps}; bar 0 stands in front. Returns what is wrong, if anything. */
    public Outcome addCue(String text) {
        return Outcome.of(() -> {
            var cue = java.util.regex.Pattern.compile("(\\d{1,5})(?:\\.(\\d{1,2}))?\\s+(.+)")
                    .matcher(text.strip());
            if (!cue.matches()) throw new Refusal("marks.cueForm");
            int beat = cue.group(2) == null ? 1 : Integer.parseInt(cue.group(2));
            var added = new Cue(Integer.parseInt(cue.group(1)), beat, PassChoice.EVERY, cue.group(3));
            int bars = section().map(section -> section.bars().size()).orElse(0);
            if (added.bar() > bars) throw new Refusal("marks.noBar", added.bar(), bars);
            arrangement.change("edit.cue", section -> {
                var cues = new ArrayList<>(section.cues());
                cues.add(added);
                return section.withCues(cues);
            });
        });
    }

    public void removeCue(int index) {
        arrangement.change("edit.cue", section -> {
            var cues = new ArrayList<>(section.cues());
            cues.remove(index);
            return section.withCues(cues);
        });
    }

    String aliases() {
        return String.join(", ", section().map(Section::aliases).orElse(List.of()));
    }

    public Outcome takeAliases(String text) {
        List<String> aliases = parts(text);
        if (section().map(Section::aliases).equals(Optional.of(aliases))) return Outcome.DONE;
        return arrangement.change("edit.aliases", section -> section.withAliases(aliases));
    }

    /** The sections that can follow as a tag, none of which leads back. */
    public List<Section> possibleTags() {
        return work.song().sections().stream().filter(this::canBeTag).toList();
    }

    private boolean canBeTag(Section tag) {
        SectionId here = section().map(Section::id).orElse(null);
        for (Optional<SectionId> next = Optional.of(tag.id()); next.isPresent(); ) {
            if (next.get().equals(here)) return false;
            next = work.song().section(next.get()).flatMap(Section::tag);
        }
        return true;
    }

    Optional<Section> tag() {
        return section().flatMap(Section::tag).flatMap(work.song()::section);
    }

    public Outcome takeTag(Optional<SectionId> tag) {
        if (section().map(Section::tag).equals(Optional.of(tag))) return Outcome.DONE;
        return arrangement.change("edit.tag", section -> section.withTag(tag));
    }

    /** The figures of the second guitar by name. */
    public String second() {
        return section().map(Section::second).orElse(List.of()).stream()
                .flatMap(id -> work.song().pattern(id).stream())
                .map(Pattern::name)
                .collect(Collectors.joining(", "));
    }

    public Outcome takeSecond(String text) {
        return Outcome.of(() -> {
            List<PatternId> figures = parts(text).stream().map(this::figure).toList();
            if (!section().map(Section::second).equals(Optional.of(figures))) {
                arrangement.change("edit.second", section -> section.withSecond(figures));
            }
        });
    }

    /** The key that the section is in, if that is not the song's. */
    String key() {
        return section().flatMap(Section::key).map(Key::toString).orElse("");
    }

    /** Takes a key such as {@code G} or {@code Em} as that of the section, or that of the song where it is blank. */
    public Outcome takeKey(String text) {
        return Outcome.of(() -> {
            Optional<Key> key = text.isBlank() ? Optional.empty() : Optional.of(Key.parse(text.strip()));
            if (!section().map(Section::key).equals(Optional.of(key)))
                arrangement.change("edit.section-key", section -> section.withKey(key));
        });
    }

    private PatternId figure(String name) {
        return work.song().patterns().stream()
                .filter(pattern -> pattern.name().equalsIgnoreCase(name))
                .map(Pattern::id)
                .findFirst()
                .orElseThrow(() -> new Refusal("marks.noFigure", name));
    }

    /** A walk over the last beats of the chosen chord to the next one. */
    public record Walk(BassWalk notes, String from, String to, int beats) {}

    /** The walk that leads from the chosen chord over its last {@code beats} beats; empty if there is none. */
    public Optional<Walk> walk(int beats) {
        return section().flatMap(section -> {
            int span = arrangement.choice().span();
            if (span >= section.spans().size()) return Optional.empty();
            String from = section.spans().get(span).chord();
            String to = next(section, span);
            Song song = work.song();
            // A chord that stays needs nothing that leads to it.
            if (from.equals(to)) return Optional.empty();
            return song.chord(from)
                    .flatMap(one -> song.chord(to)
                            .flatMap(other -> walk(one, other, beats))
                            .map(notes -> new Walk(notes, from, to, beats)));
        });
    }

    /** The chord behind a chord: at the end of the last pass that with which the next section begins. */
    private String next(Section section, int span) {
        if (span + 1 < section.spans().size())
            return section.spans().get(span + 1).chord();
        Choice choice = arrangement.choice();
        boolean goesOn = choice.pass() < arrangement.passes() || choice.use().isEmpty();
        int following = choice.use().orElse(0) + 1;
        Song song = work.song();
        if (goesOn || following >= song.order().size())
            return section.spans().getFirst().chord();
        return song.section(song.order().get(following))
                .flatMap(next -> next.spans().stream().findFirst())
                .orElse(section.spans().getFirst())
                .chord();
    }

    private Optional<BassWalk> walk(Chord from, Chord to, int beats) {
        var facts = work.song().facts();
        return BassWalk.between(from, to, beats, facts.shapesKey(), facts.tuning());
    }

    /** Writes the walk as a pattern and plays it at the end of the chosen chord. */
    public void take(Walk walk) {
        section().ifPresent(section -> {
            Stretch beats = lastBeats(section, walk.beats());
            String name = Words.of("marks.walkName", walk.from(), walk.to());
            work.change(
                    "edit.add",
                    song -> {
                        PatternId id = song.freshPatternId(name);
                        Where where = Where.in(section.id()).withPart(new Part.InBars(beats));
                        return song.withPattern(walk.notes()
                                        .pattern(id, name, song.facts().meter()))
                                .withRule(new Rule(where, Play.pattern(id)));
                    },
                    name);
        });
    }

    private Stretch lastBeats(Section section, int beats) {
        BarLines lines = section.barLines();
        Length end = section.edges(Assignment.round(work.song(), section))
                .get(arrangement.choice().span() + 1)
                .min(lines.length());
        long last = lines.beatsBefore(end).wholesOf(Length.WHOLE) - 1;
        int[] from = barAndBeat(lines, last - beats + 1);
        int[] to = barAndBeat(lines, last);
        return new Stretch.Counted(from[0], from[1], to[0], OptionalInt.of(to[1]));
    }

    private static int[] barAndBeat(BarLines lines, long beat) {
        Length at = lines.afterBeats(Length.ZERO, Length.of(Math.max(0, beat)));
        int bar = lines.barAt(at);
        Length inBar = lines.beatsBefore(at).minus(lines.beatsBefore(lines.start(bar)));
        return new int[] {bar + 1, (int) inBar.wholesOf(Length.WHOLE) + 1};
    }
}
