package pelluna.app.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.SocketTimeoutException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DatabaseTroubleOfTest {
    @ParameterizedTest
    @CsvSource({
        "08006,GONE",
        "08001,GONE",
        "57P01,GONE",
        "57P03,GONE",
        "53300,GONE",
        "53100,FULL",
        "57014,SLOW",
        "55P03,LOCKED",
        "40P01,LOCKED"
    })
    void statesOfTheDatabaseAreTrouble(String state, DatabaseTrouble trouble) {
        assertThat(DatabaseTrouble.of(new IllegalStateException(new SQLException("x", state))))
                .contains(trouble);
    }

    @ParameterizedTest
    @CsvSource({"23505", "23514", "42P01", "22P02"})
    void whatWasAskedWronglyIsNone(String state) {
        assertThat(DatabaseTrouble.of(new IllegalStateException(new SQLException("x", state))))
                .isEmpty();
    }

    @Test
    void silenceAndLostConnectionsAreTroubleToo() {
        assertThat(DatabaseTrouble.of(new SQLException("x", "08006", new SocketTimeoutException())))
                .contains(DatabaseTrouble.SLOW);
        assertThat(DatabaseTrouble.of(new SQLTransientConnectionException("x"))).contains(DatabaseTrouble.GONE);
        assertThat(DatabaseTrouble.of(new IllegalStateException(new SQLException("Connection is closed"))))
                .contains(DatabaseTrouble.GONE);
        assertThat(DatabaseTrouble.of(new IllegalStateException("x"))).isEmpty();
    }
}
