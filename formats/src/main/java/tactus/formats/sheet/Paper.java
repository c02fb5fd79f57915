package tactus.formats.sheet;

import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** The size of the page. */
public enum Paper {
    A4("A4", PDRectangle.A4),
    LETTER("Letter", PDRectangle.LETTER);

    private final String title;
    private final PDRectangle rectangle;

    Paper(String title, PDRectangle rectangle) {
        this.title = title;
        this.rectangle = rectangle;
    }

    public String title() {
        return title;
    }

    PDRectangle rectangle() {
        return rectangle;
    }
}
