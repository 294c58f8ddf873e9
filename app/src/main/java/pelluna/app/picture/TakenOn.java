package pelluna.app.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.io.IOException;
import java.io.InputStream;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.format.ResolverStyle;
import java.util.Optional;
import org.springframework.web.multipart.MultipartFile;

/** The day on which a photo was taken, as its camera has noted it: Exif 2.3, tag 36867, in the camera's own hours. */
public final class TakenOn {
    private static final int DAY_LETTERS = 10;
    private static final DateTimeFormatter EXIF =
            DateTimeFormatter.ofPattern("uuuu:MM:dd").withResolverStyle(ResolverStyle.STRICT);

    private TakenOn() {}

    /** Empty for a picture that does not say, or no picture. Nothing of it is kept. */
    public static Optional<LocalDate> of(MultipartFile file) {
        try (InputStream in = file.getInputStream()) {
            return Optional.ofNullable(
                            ImageMetadataReader.readMetadata(in).getFirstDirectoryOfType(ExifSubIFDDirectory.class))
                    .map(d -> d.getString(ExifSubIFDDirectory.TAG_DATETIME_ORIGINAL))
                    .flatMap(TakenOn::day);
        } catch (ImageProcessingException | IOException e) {
            return Optional.empty();
        }
    }

    private static Optional<LocalDate> day(String noted) {
        try {
            return noted.length() < DAY_LETTERS
                    ? Optional.empty()
                    : Optional.of(LocalDate.parse(noted.substring(0, DAY_LETTERS), EXIF));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }
}
