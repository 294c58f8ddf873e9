package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.SpareDatabase;

/**
 * Rows of the last release that broke pages are mended when it is brought over, none is lost, and such rows cannot
 * come again.
 */
class RoughDatabaseTest {
    private SpareDatabase old;

    @BeforeEach
    void aDatabaseOfTheLastRelease() throws SQLException {
        old = new SpareDatabase();
        old.to("7");
        old.run(
                "insert into keeper (name) values ('local')",
                "insert into tank (keeper_id, name) values (1, 'Old')",
                "insert into fish (tank_id, species) values (1, 'Gramma loreto'), (1, 'Ecsenius midas')");
    }

    @AfterEach
    void drop() throws SQLException {
        old.close();
    }

    @Test
    void aPlaceWithOneShareIsNoPlace() throws SQLException {
        old.run(
                "insert into log_entry (tank_id, at, doing, fish_id, x) values (1, now(), 'eats', 1, 0.5)",
                "insert into log_entry (tank_id, at, doing, fish_id, x, y) values (1, now(), 'eats', 1, 0.5, 0.5)");
        old.toNow();
        assertThat(old.asked("select string_agg(coalesce(x::text, '-') || coalesce(y::text, '-'), ',' order by id) "
                        + "from log_entry"))
                .isEqualTo("--,0.50.5");
        assertThatThrownBy(() -> old.run(
                        "insert into log_entry (tank_id, at, doing, fish_id, y) values (1, now(), 'eats', 1, 0.5)"))
                .hasMessageContaining("log_entry_place");
    }

    @Test
    void anIncidentOfTheYearOneStandsOnTheFirstDayThatCanBeAndKeepsItsOwn() throws SQLException {
        old.run("insert into incident (tank_id, title, kind, on_day, from_day, until_day, what) values (1, 'A crash', "
                + "'crash', "
                + "'0001-01-01', '0001-01-01', '0001-01-02', 'Cold.')");
        old.toNow();
        assertThat(old.asked("select on_day || ' ' || from_day || ' ' || until_day || ' ' || what from incident"))
                .isEqualTo("1990-01-01 1990-01-01 1990-01-01 Cold. (Written down with the day 0001-01-01.)");
    }

    @Test
    void ofTwoSandboxesTheNewestStaysAndTheOtherIsATank() throws SQLException {
        old.run("insert into tank (keeper_id, name, sandbox_of, sandbox_base) values (1, 'What if: Old', 1, '{}'), "
                + "(1, 'What if: "
                + "Old', 1, '{}')");
        old.toNow();
        assertThat(old.asked(
                        "select string_agg(id || ':' || coalesce(sandbox_of::text, '-'), ' ' order by id) from tank"))
                .isEqualTo("1:- 2:- 3:1");
        assertThatThrownBy(() -> old.run("insert into tank (keeper_id, name, sandbox_of) values (1, 'Once more', 1)"))
                .hasMessageContaining("tank_sandbox");
    }

    @Test
    void figuresThatAreNoneBecomeUnknown() throws SQLException {
        old.run("update tank set rock_kg = 'NaN', length_cm = 'Infinity', width_cm = 50");
        old.toNow();
        assertThat(old.asked(
                        "select coalesce(rock_kg::text, '-') || coalesce(length_cm::text, '-') || width_cm from tank"))
                .isEqualTo("--50");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "update tank set rock_kg = 'NaN'",
                "update tank set length_cm = 'Infinity'",
                "update livestock set came_on = '0026-03-01'",
                "update livestock set left_on = '9999-12-31'",
                "update log_entry set at = '0001-01-01'"
            })
    void suchRowsCannotComeAgain(String sql) throws SQLException {
        old.run("insert into log_entry (tank_id, at, doing, fish_id) values (1, now(), 'eats', 1)");
        old.toNow();
        assertThatThrownBy(() -> old.run(sql))
                .isInstanceOf(SQLException.class)
                .hasMessageContaining("check constraint");
    }

    @Test
    void picturesLoseWhereTheyWereTakenAndStandUpright() throws SQLException, IOException {
        byte[] lying = ExifPicture.lying();
        assertThat(new String(lying, java.nio.charset.StandardCharsets.ISO_8859_1))
                .contains("Exif", "GPS-MARK");
        try (Connection c = old.connect();
                var insert = c.prepareStatement(
                        "insert into picture (tank_id, bytes, type) values (1, ?, 'image/jpeg'), (1, ?, "
                                + "'image/png')")) {
            insert.setBytes(1, lying);
            insert.setBytes(2, new byte[] {1, 2, 3});
            insert.execute();
        }
        old.toNow();
        byte[] kept =
                java.util.HexFormat.of().parseHex(old.asked("select encode(bytes, 'hex') from picture where id = 1"));
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(upright.getWidth()).isEqualTo(20);
        assertThat(upright.getHeight()).isEqualTo(40);
        assertThat(new String(kept, java.nio.charset.StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif", "GPS-MARK");
        assertThat(old.asked("select encode(bytes, 'hex') from picture where id = 2"))
                .as("what cannot be read stays")
                .isEqualTo("010203");
    }

    /** A JPEG of 40 by 20 that says it lies on its side, and where it was taken. */
    static final class ExifPicture {
        private ExifPicture() {}

        static byte[] lying() throws IOException {
            ByteArrayOutputStream plain = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(40, 20, BufferedImage.TYPE_INT_RGB), "jpeg", plain);
            byte[] jpeg = plain.toByteArray();
            ByteArrayOutputStream tiff = new ByteArrayOutputStream();
            tiff.writeBytes("Exif\0\0II*\0".getBytes(java.nio.charset.StandardCharsets.ISO_8859_1));
            tiff.writeBytes(new byte[] {8, 0, 0, 0, 1, 0, 0x12, 0x01, 3, 0, 1, 0, 0, 0, 6, 0, 0, 0, 0, 0, 0, 0});
            tiff.writeBytes("GPS-MARK".getBytes(java.nio.charset.StandardCharsets.ISO_8859_1));
            ByteArrayOutputStream all = new ByteArrayOutputStream();
            all.write(jpeg, 0, 2);
            int length = tiff.size() + 2;
            all.writeBytes(new byte[] {(byte) 0xff, (byte) 0xe1, (byte) (length >> 8), (byte) length});
            all.writeBytes(tiff.toByteArray());
            all.writeBytes(Arrays.copyOfRange(jpeg, 2, jpeg.length));
            return all.toByteArray();
        }
    }

    @Test
    void aPictureOfTodayIsPaintedAnewToo() throws IOException {
        long tank = Pelluna.tank("Pictures");
        Pelluna.post("/tanks/" + tank + "/residents", java.util.Map.of("species", "Gramma loreto"));
        long fish = Pelluna.bean(pelluna.app.fish.Individuals.class)
                .all(Pelluna.owned(tank))
                .get(0)
                .id();
        assertThat(Pelluna.upload(
                                "/tanks/" + tank + "/log/fish/" + fish + "/picture",
                                java.util.Map.of(),
                                "file",
                                ExifPicture.lying())
                        .statusCode())
                .isEqualTo(200);
        String kept =
                Pelluna.get("/tanks/" + tank + "/log/fish/" + fish + "/picture").body();
        assertThat(kept).isNotEmpty().doesNotContain("Exif", "GPS-MARK");
    }
}
