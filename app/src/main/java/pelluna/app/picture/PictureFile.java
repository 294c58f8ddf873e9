package pelluna.app.picture;

import java.io.IOException;
import org.springframework.web.multipart.MultipartFile;
import pelluna.app.limits.Refused;

/**
 * A picture that is kept: painted anew from what was sent, so that nothing else that came with it, such as the
 * place where it was taken, is kept too.
 */
public record PictureFile(byte[] bytes, String type) {
    private static final int MOST = 4_000_000;

    /** @throws Refused beside the field, for what is no picture; before anything is written */
    public static PictureFile of(MultipartFile file) {
        try {
            byte[] bytes = file.getBytes();
            if (bytes.length > MOST) {
                throw new Refused(file.getName(), new PictureRefusal.NoPicture());
            }
            return Repainted.of(bytes);
        } catch (IOException e) {
            throw new Refused(file.getName(), new PictureRefusal.NoPicture(), e);
        }
    }

    /**
     * That bytes which come otherwise are a picture of their type.
     *
     * @throws Refused beside the field, if they are not
     */
    public static void check(String field, byte[] bytes, String type) {
        try {
            if (bytes.length > MOST || !Repainted.of(bytes).type().equals(type)) {
                throw new Refused(field, new PictureRefusal.NoPicture());
            }
        } catch (IOException e) {
            throw new Refused(field, new PictureRefusal.NoPicture(), e);
        }
    }
}
