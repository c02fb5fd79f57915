package tactus.core.written.song;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import tactus.core.ground.refusal.Refusal;

/**
 * How the sheet of a song is composed.
 *
 * @param parts what stands on it under the title, in order, each once; at least one
 * @param percent the size of print, {@link #SMALLEST} to {@link #LARGEST}; what fits is looked for where {@code fit} asks so
 * @param isLandscape whether the paper lies on its side
 * @param shapes the size of the pictures of shapes, 60 to 300 per cent of the usual one
 * @param hasEasier whether an easier shape stands beside each one that has one
 * @param pictures which of the bars have a small picture of what is played
 */
public record Handout(
        List<Part> parts,
        int percent,
        Fit fit,
        boolean isLandscape,
        int shapes,
        boolean hasEasier,
        Pictures pictures,
        Reader reader) {

    /** A part of the sheet. */
    public enum Part {
        /** Key, capo, meter, tempo, length. */
        FACTS,
        /** The note of the song and the hints about it as a whole. */
        NOTES,
        SHAPES,
        PATTERNS,
        /** What the marks mean; beside the pictures that have them. */
        LEGEND,
        /** The running order, a line for each entry. */
        MAP,
        /** The running order bar by bar. */
        BARS,
        /** What to practise, with boxes to tick. */
        PRACTICE
    }

    /** Which of the bars have a small picture of the hand. */
    public enum Pictures {
        NONE,
        /** In front of the name where something else is played. */
        WHERE_IT_CHANGES,
        /** What each bar plays. */
        EVERY_BAR
    }

    /** How many pages it shall have. */
    public enum Fit {
        AS_NEEDED,
        ONE_PAGE,
        /** Two that lie side by side. */
        TWO_PAGES;

        /** The most pages; as many as are needed where nothing is asked. */
        public int pages() {
            return switch (this) {
                case AS_NEEDED -> Integer.MAX_VALUE;
                case ONE_PAGE -> 1;
                case TWO_PAGES -> 2;
            };
        }
    }

    /**
     * Whom it is for; texts may be empty.
     *
     * @param name of the student, at most 60 characters
     * @param date as it is written, at most 40 characters
     * @param homework at most 1,000 characters
     */
    public record Reader(String name, String date, String homework) {

        /** Nobody in particular. */
        public static final Reader ANYBODY = new Reader("", "", "");

        private static final int LONGEST_NAME = 60;
        private static final int LONGEST_DATE = 40;
        private static final int LONGEST_HOMEWORK = 1_000;

        /** @throws Refusal if a text is too long */
        public Reader {
            name = checked("name", name, LONGEST_NAME);
            date = checked("date", date, LONGEST_DATE);
            homework = checked("homework", homework, LONGEST_HOMEWORK);
        }

        private static String checked(String what, String text, int longest) {
            String plain = text.strip().replaceAll("\\s+", " ");
            if (plain.length() > longest) throw new Refusal("handout." + what + "-characters", plain.length());
            return plain;
        }

        /** The same for another student. */
        public Reader withName(String other) {
            return new Reader(other, date, homework);
        }

        /** The same with another date. */
        public Reader withDate(String other) {
            return new Reader(name, other, homework);
        }

        /** The same with other homework. */
        public Reader withHomework(String other) {
            return new Reader(name, date, other);
        }
    }

    /** Print that can still be read: letters of 6.5 points. */
    public static final int SMALLEST = 70;

    /** For a music stand: letters of 21 points. */
    public static final int LARGEST = 220;

    private static final int SMALLEST_SHAPES = 60;
    private static final int LARGEST_SHAPES = 300;

    /** Everything but the map and what to practise, on as many pages as it needs. */
    public static final Handout USUAL = new Handout(
            List.of(Part.FACTS, Part.NOTES, Part.SHAPES, Part.PATTERNS, Part.LEGEND, Part.BARS),
            100,
            Fit.AS_NEEDED,
            false,
            100,
            false,
            Pictures.WHERE_IT_CHANGES,
            Reader.ANYBODY);

    /** @throws Refusal if there is no part or a size is outside its range */
    public Handout {
        parts = List.copyOf(new LinkedHashSet<>(parts));
        Objects.requireNonNull(fit);
        Objects.requireNonNull(pictures);
        Objects.requireNonNull(reader);
        if (parts.isEmpty()) throw new Refusal("handout.no-part");
        if (percent < SMALLEST || percent > LARGEST) throw new Refusal("handout.percent", percent, SMALLEST, LARGEST);
        if (shapes < SMALLEST_SHAPES || shapes > LARGEST_SHAPES)
            throw new Refusal("handout.percent", shapes, SMALLEST_SHAPES, LARGEST_SHAPES);
    }

    /** @throws Refusal if there is none */
    public Handout withParts(List<Part> others) {
        return new Handout(others, percent, fit, isLandscape, shapes, hasEasier, pictures, reader);
    }

    /** The same with {@code part}, at the place where it usually is, or without it. */
    public Handout with(Part part, boolean isThere) {
        var others = new ArrayList<>(parts);
        others.remove(part);
        if (isThere) {
            int at = 0;
            for (int i = 0; i < others.size(); i++) if (others.get(i).compareTo(part) < 0) at = i + 1;
            others.add(at, part);
        }
        return withParts(others);
    }

    /** The same with {@code part} {@code by} places further down, as far as there are any. */
    public Handout moved(Part part, int by) {
        var others = new ArrayList<>(parts);
        int from = others.indexOf(part);
        if (from < 0) return this;
        others.remove(from);
        others.add(Math.clamp(from + by, 0, others.size()), part);
        return withParts(others);
    }

    /** @throws Refusal if {@code other} is outside its range */
    public Handout withPercent(int other) {
        return new Handout(parts, other, fit, isLandscape, shapes, hasEasier, pictures, reader);
    }

    /** The same on another number of pages. */
    public Handout withFit(Fit other) {
        return new Handout(parts, percent, other, isLandscape, shapes, hasEasier, pictures, reader);
    }

    /** The same on paper that lies otherwise. */
    public Handout withLandscape(boolean lies) {
        return new Handout(parts, percent, fit, lies, shapes, hasEasier, pictures, reader);
    }

    /** @throws Refusal if {@code other} is outside its range */
    public Handout withShapes(int other) {
        return new Handout(parts, percent, fit, isLandscape, other, hasEasier, pictures, reader);
    }

    /** The same with easier shapes, or without. */
    public Handout withEasier(boolean has) {
        return new Handout(parts, percent, fit, isLandscape, shapes, has, pictures, reader);
    }

    /** The same with small pictures in other bars. */
    public Handout with(Pictures other) {
        return new Handout(parts, percent, fit, isLandscape, shapes, hasEasier, other, reader);
    }

    /** The same for somebody else. */
    public Handout with(Reader other) {
        return new Handout(parts, percent, fit, isLandscape, shapes, hasEasier, pictures, other);
    }

    /** The same look for this one's reader. */
    public Handout like(Handout layout) {
        return layout.with(reader);
    }
}
