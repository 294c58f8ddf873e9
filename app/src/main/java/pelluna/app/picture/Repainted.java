package pelluna.app.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;

/** Decodes a picture and paints it anew, upright and no larger than a screen; its notes stay behind. */
final class Repainted {
    private static final Set<String> FORMATS = Set.of("jpeg", "png", "webp");
    /** Pixels of the longer side. */
    private static final int LONGEST = 2400;
    /** More than any camera has: what claims more is no photograph. */
    private static final long MOST_PIXELS = 200_000_000L;

    private static final float QUALITY = 0.88f;

    private Repainted() {}

    /** @throws IOException for what is none of the formats, or cannot be decoded */
    static PictureFile of(byte[] bytes) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            while (readers.hasNext()) {
                ImageReader reader = readers.next();
                try {
                    if (FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                        reader.setInput(in, true, true);
                        return written(upright(decoded(reader), orientation(bytes)));
                    }
                } catch (RuntimeException e) {
                    throw new IOException("not decoded", e);
                } finally {
                    reader.dispose();
                }
            }
        }
        throw new IOException("no picture");
    }

    private static BufferedImage decoded(ImageReader reader) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if ((long) width * height > MOST_PIXELS) {
            throw new IOException("too many pixels");
        }
        int every = Math.max(1, (int) Math.ceil(Math.max(width, height) / (double) LONGEST));
        ImageReadParam param = reader.getDefaultReadParam();
        param.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, param);
    }

    /** How the camera was held, 1 to 8 (Exif 2.3, tag 274); 1 if nobody says. */
    private static int orientation(byte[] bytes) {
        try {
            Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | MetadataException | IOException e) {
            return 1;
        }
    }

    private static BufferedImage upright(BufferedImage image, int orientation) {
        int w = image.getWidth();
        int h = image.getHeight();
        AffineTransform turn = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> new AffineTransform();
        };
        boolean clear = image.getColorModel().hasAlpha();
        boolean lies = orientation >= 5 && orientation <= 8;
        BufferedImage painted = new BufferedImage(
                lies ? h : w, lies ? w : h, clear ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        Graphics2D brush = painted.createGraphics();
        brush.drawImage(image, new AffineTransformOp(turn, AffineTransformOp.TYPE_NEAREST_NEIGHBOR), 0, 0);
        brush.dispose();
        return painted;
    }

    private static PictureFile written(BufferedImage image) throws IOException {
        boolean clear = image.getColorModel().hasAlpha();
        ImageWriter writer =
                ImageIO.getImageWritersByFormatName(clear ? "png" : "jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam param = writer.getDefaultWriteParam();
            if (!clear) {
                param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
                param.setCompressionQuality(QUALITY);
            }
            writer.write(null, new IIOImage(image, null, null), param);
        } finally {
            writer.dispose();
        }
        return new PictureFile(bytes.toByteArray(), clear ? "image/png" : "image/jpeg");
    }
}
