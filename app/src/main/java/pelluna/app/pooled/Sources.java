package pelluna.app.pooled;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.limits.Refused;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.prediction.FiguresFile;

/** Files of figures of other installations. Asked for in the server's own name. */
@Component
class Sources {
    private final JdbcClient jdbc;
    private final PoolRows pool;
    private final FiguresReader reader;
    private final PlanFiles files;
    private final InstallationKey own;
    private final Clock clock;

    Sources(JdbcClient jdbc, PoolRows pool, FiguresReader reader, PlanFiles files, InstallationKey own, Clock clock) {
        this.jdbc = jdbc;
        this.pool = pool;
        this.reader = reader;
        this.files = files;
        this.own = own;
        this.clock = clock;
    }

    /**
     * One file.
     *
     * @param signedBy the key that it is signed with; empty if nobody has signed it
     * @param keepers  of the pair that most have had
     */
    record Source(long id, Optional<String> signedBy, Instant cameAt, boolean aside, int pairs, int keepers) {}

    @Transactional(readOnly = true)
    List<Source> all() {
        return jdbc.sql("""
                        select s.id, s.signed_by, s.came_at, s.aside, count(p.id) as pairs,
                          coalesce(max(p.keepers), 0) as keepers
                        from figures_source s left join pool_pair p on p.source_id = s.id
                        group by s.id order by s.id""")
                .query((row, n) -> new Source(
                        row.getLong("id"),
                        Optional.ofNullable(row.getString("signed_by")),
                        row.getTimestamp("came_at").toInstant(),
                        row.getBoolean("aside"),
                        row.getInt("pairs"),
                        row.getInt("keepers")))
                .list();
    }

    /**
     * Takes a file. A newer one of the same key takes the place of the older.
     *
     * @throws Refused if it is none, holds what cannot be, or is here already
     */
    @Transactional
    void take(String text) {
        SignedFigures.Opened opened = SignedFigures.open(text);
        FiguresFile figures = reader.read(opened.figures());
        if (opened.signedBy()
                .filter(SignedFigures.name(own.find().getPublic())::equals)
                .isPresent()) {
            throw new Refused("file", new PooledRefusal.OwnFile());
        }
        byte[] digest = digest(files.write(figures.pairs()) + files.write(figures.kinds()));
        opened.signedBy()
                .ifPresent(key -> jdbc.sql("delete from figures_source where signed_by = ?")
                        .param(key)
                        .update());
        Long id = jdbc.sql("""
                        insert into figures_source (digest, signed_by, came_at) values (?, ?, ?)
                        on conflict do nothing returning id""")
                .params(digest, opened.signedBy().orElse(null), Timestamp.from(clock.instant()))
                .query(Long.class)
                .optional()
                .orElseThrow(() -> new Refused("file", new PooledRefusal.HereAlready()));
        pool.from(id, figures);
    }

    @Transactional
    void aside(long id, boolean aside) {
        jdbc.sql("update figures_source set aside = ? where id = ?")
                .params(aside, id)
                .update();
    }

    @Transactional
    void remove(long id) {
        jdbc.sql("delete from figures_source where id = ?").param(id).update();
    }

    /** What it holds, whoever has signed it and however it is written. */
    private static byte[] digest(String held) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(held.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
