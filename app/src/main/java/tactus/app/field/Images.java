package tactus.app.field;

import java.awt.image.BufferedImage;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** Pictures of the sheet as the window shows them. */
public final class Images {

    private Images() {}

    /** The same picture. */
    public static Image of(BufferedImage picture) {
        int width = picture.getWidth();
        int height = picture.getHeight();
        int[] pixels = picture.getRGB(0, 0, width, height, null, 0, width);
        var image = new WritableImage(width, height);
        image.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        return image;
    }
}
