package tactus.app.place;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;

/** Something that goes to a printer, page by page. */
@FunctionalInterface
public interface Printed {

    /** Its pages as pictures; drawn beside the window. */
    List<BufferedImage> pages(float dotsPerInch) throws IOException;
}
