package tactus.formats.sheet;

import java.io.IOException;
import java.util.concurrent.locks.ReentrantLock;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The fonts for everything that is not a PDF, read once; one at a time works with them. */
final class Measuring implements AutoCloseable {

    private static final ReentrantLock LOCK = new ReentrantLock();
    private static Fonts fonts;

    private Measuring() {}

    /** Waits until nobody else measures. */
    static Measuring begin() throws IOException {
        LOCK.lock();
        try {
            if (fonts == null) fonts = new Fonts(new PDDocument());
        } catch (IOException | RuntimeException unread) {
            LOCK.unlock();
            throw unread;
        }
        return new Measuring();
    }

    Fonts fonts() {
        return fonts;
    }

    @Override
    public void close() {
        LOCK.unlock();
    }
}
