package pelluna.app.picture;

import java.io.IOException;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Paints the pictures of earlier releases anew, so that what their cameras wrote into them is gone; one that
 * cannot be read stays as it is.
 */
@Component
class V9__Pictures_without_places extends BaseJavaMigration {
    private static final Logger LOG = LoggerFactory.getLogger(V9__Pictures_without_places.class);

    @Override
    public void migrate(Context context) throws SQLException {
        try (Statement all = context.getConnection().createStatement();
                ResultSet ids = all.executeQuery("select id from picture order by id");
                PreparedStatement read =
                        context.getConnection().prepareStatement("select bytes from picture where id = ?");
                PreparedStatement write = context.getConnection()
                        .prepareStatement("update picture set bytes = ?, type = ? where id = ?")) {
            while (ids.next()) {
                paint(ids.getLong(1), read, write);
            }
        }
    }

    private static void paint(long id, PreparedStatement read, PreparedStatement write) throws SQLException {
        read.setLong(1, id);
        try (ResultSet row = read.executeQuery()) {
            row.next();
            PictureFile painted = Repainted.of(row.getBytes(1));
            write.setBytes(1, painted.bytes());
            write.setString(2, painted.type());
            write.setLong(3, id);
            write.executeUpdate();
        } catch (IOException e) {
            LOG.warn("Picture {} could not be read and stays as it is", id);
        }
    }
}
