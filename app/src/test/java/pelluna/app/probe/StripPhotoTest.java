package pelluna.app.probe;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;
import pelluna.core.plan.TestFile;

/** A photo of a test strip gives its day, and nothing else. */
class StripPhotoTest {
    private final long tank = Pelluna.tank("Strips");

    /** A JPEG with the one note of Exif that says when it was taken. */
    private static byte[] taken(String when) throws IOException {
        ByteArrayOutputStream plain = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "jpeg", plain);
        byte[] jpeg = plain.toByteArray();
        ByteArrayOutputStream exif = new ByteArrayOutputStream();
        exif.writeBytes("Exif\0\0II*\0".getBytes(StandardCharsets.ISO_8859_1));
        exif.writeBytes(new byte[] {8, 0, 0, 0, 1, 0, 0x69, (byte) 0x87, 4, 0, 1, 0, 0, 0, 26, 0, 0, 0, 0, 0, 0, 0});
        exif.writeBytes(new byte[] {1, 0, 3, (byte) 0x90, 2, 0, 20, 0, 0, 0, 44, 0, 0, 0, 0, 0, 0, 0});
        exif.writeBytes(Arrays.copyOf(when.getBytes(StandardCharsets.ISO_8859_1), 20));
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.write(jpeg, 0, 2);
        int length = exif.size() + 2;
        all.writeBytes(new byte[] {(byte) 0xff, (byte) 0xe1, (byte) (length >> 8), (byte) length});
        all.writeBytes(exif.toByteArray());
        all.writeBytes(Arrays.copyOfRange(jpeg, 2, jpeg.length));
        return all.toByteArray();
    }

    private static String noted(LocalDate day) {
        return DateTimeFormatter.ofPattern("uuuu:MM:dd").format(day) + " 21:40:00";
    }

    private HttpResponse<String> sent(LocalDate on, byte[] photo) {
        return Pelluna.upload(
                "/tanks/" + tank + "/log/water", Map.of("on", on.toString(), "nitrate", "7"), "strip", photo);
    }

    private LocalDate last() {
        return Pelluna.bean(TankPlans.class).tests(Pelluna.owned(tank)).stream()
                .map(TestFile::on)
                .reduce((a, b) -> b)
                .orElse(null);
    }

    @Test
    void itsDayIsTheDayOfTheTest() throws IOException {
        LocalDate day = Pelluna.today().minusDays(3);
        assertThat(sent(Pelluna.today(), taken(noted(day))).statusCode()).isEqualTo(200);
        assertThat(last()).isEqualTo(day);
        assertThat(TestCluster.jdbc()
                        .sql("select count(*) from picture where tank_id = ?")
                        .param(tank)
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    @Test
    void aDayThatWasChosenByHandCounts() throws IOException {
        LocalDate chosen = Pelluna.today().minusDays(1);
        sent(chosen, taken(noted(Pelluna.today().minusDays(3))));
        assertThat(last()).isEqualTo(chosen);
    }

    @Test
    void aPhotoThatSaysNoUsableDayIsRefusedAndNothingIsLogged() throws IOException {
        for (String when : new String[] {
            "",
            "not a day at all",
            "0000:00:00 00:00:00",
            "2024:02:30 10:00:00",
            noted(Pelluna.today().plusDays(2)),
            noted(Pelluna.today().minusYears(9))
        }) {
            HttpResponse<String> answer = sent(Pelluna.today(), taken(when));
            assertThat(answer.statusCode()).as(when).isEqualTo(422);
            assertThat(answer.body()).containsPattern(said("app.picture.NoDay"));
        }
        assertThat(sent(Pelluna.today(), new byte[] {1, 2, 3}).statusCode()).isEqualTo(422);
        assertThat(last()).isNull();
    }
}
