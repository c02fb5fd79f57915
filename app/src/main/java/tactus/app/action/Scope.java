package tactus.app.action;

import javafx.scene.Node;
import tactus.words.Words;

/** Where in the window a command's key works. */
public enum Scope {
    /** Everywhere. */
    ANYWHERE,
    /** Everywhere but in a text that is being typed. */
    OUTSIDE_TEXT,
    /** On the large picture of the bench. */
    PICTURE,
    /** On the large picture; the accented forms of its letters, which need no line of their own beside it. */
    PICTURE_ACCENTED,
    /** On the large picture; more strings and fingers, which need no line of their own beside it. */
    PICTURE_MORE,
    /** In the line of the bench where a pattern is said. */
    DICTATION,
    /** In that line; placements further down the list. */
    DICTATION_MORE,
    /** On the pad of the bench where a pattern is tapped. */
    TAPPING,
    /** In the practice. */
    PRACTICE,
    /** On the bars of the arrangement. */
    BARS,
    /** On the bars; commands of a row that is listed by its first. */
    BARS_MORE,
    /** On the running order. */
    ORDER,
    /** On the neck of the set-up. */
    NECK,
    /** On the neck; commands of a row that is listed by its first. */
    NECK_MORE;

    /** Marks {@code node} as a place where keys of this scope work. */
    public void markOn(Node node) {
        node.getProperties().put(Scope.class, this);
    }

    /** Answers whether keys of this scope work while {@code focus} has the focus. */
    public boolean reaches(Node focus) {
        return switch (this) {
            case ANYWHERE -> true;
            case OUTSIDE_TEXT -> !TextFocus.isText(focus);
            case PICTURE, PICTURE_ACCENTED, PICTURE_MORE -> isWithin(focus, PICTURE);
            case DICTATION, DICTATION_MORE ->
                focus != null && focus.getProperties().get(Scope.class) == DICTATION;
            case TAPPING -> isWithin(focus, TAPPING);
            case PRACTICE -> isWithin(focus, PRACTICE);
            case BARS, BARS_MORE -> isWithin(focus, BARS);
            case ORDER -> isWithin(focus, ORDER);
            case NECK, NECK_MORE -> isWithin(focus, NECK);
        };
    }

    /** Whether it is a part of the window, so that its keys work only where that has the focus. */
    boolean isPlace() {
        return this != ANYWHERE && this != OUTSIDE_TEXT;
    }

    private static boolean isWithin(Node focus, Scope scope) {
        if (TextFocus.isText(focus)) return false;
        for (Node node = focus; node != null; node = node.getParent()) {
            if (node.getProperties().get(Scope.class) == scope) return true;
        }
        return false;
    }

    /** What the list of keys calls it. */
    public String title() {
        return Words.of("scope." + name());
    }
}
