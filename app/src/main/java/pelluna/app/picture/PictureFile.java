package pelluna.app.picture;

import java.io.IOException;

import org.springframework.web.multipart.MultipartFile;

/** A picture that was sent. Its type is told by its first bytes, never by what it is called. */
public record PictureFile(byte[] bytes, String type) {
    private static final int MOST = 4_000_000;

    /** @throws IllegalArgumentException with a sentence, for what is no picture */
    public static PictureFile of(MultipartFile file) {
        try {
            byte[] bytes = file.getBytes();
            String type = type(bytes);
            if (type.isEmpty() || bytes.length > MOST) {
                throw new IllegalArgumentException("A picture is a JPEG, PNG or WebP of up to 4 MB.");
            }
            return new PictureFile(bytes, type);
        } catch (IOException e) {
            throw new IllegalArgumentException("The picture could not be read.", e);
        }
    }

    private static String type(byte[] b) {
        if (b.length > 12) {
            if ((b[0] & 0xff) == 0xff && (b[1] & 0xff) == 0xd8) {
                return "image/jpeg";
            }
            if ((b[0] & 0xff) == 0x89 && b[1] == 'P' && b[2] == 'N' && b[3] == 'G') {
                return "image/png";
            }
            if (b[0] == 'R' && b[1] == 'I' && b[2] == 'F' && b[3] == 'F' && b[8] == 'W' && b[9] == 'E' && b[10] == 'B' && b[11] == 'P') {
                return "image/webp";
            }
        }
        return "";
    }
}
