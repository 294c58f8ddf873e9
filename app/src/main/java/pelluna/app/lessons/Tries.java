package pelluna.app.lessons;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.planfile.PlanFiles;
import pelluna.core.lessons.Lesson;
import pelluna.core.plan.PlanFile;
import pelluna.core.units.Named;

/** What the keeper has tried in each lesson, as it stands. */
@Component
class Tries {
    private final JdbcClient jdbc;
    private final CurrentKeeper keeper;
    private final PlanFiles files;

    Tries(JdbcClient jdbc, CurrentKeeper keeper, PlanFiles files) {
        this.jdbc = jdbc;
        this.keeper = keeper;
        this.files = files;
    }

    /** @param played whether its plan as it stands was played @param solvedOn null if it has not gone well yet */
    record Try(PlanFile plan, boolean played, LocalDate solvedOn) {}

    @Transactional(readOnly = true)
    public Optional<Try> of(Lesson lesson) {
        return jdbc.sql("select plan, played, solved_on from lesson_try where keeper_id = ? and lesson = ?")
                .params(keeper.get().id(), lesson.word())
                .query((row, n) -> new Try(
                        files.parse(row.getString("plan")),
                        row.getBoolean("played"),
                        row.getObject("solved_on", LocalDate.class)))
                .optional();
    }

    /** The day on which each went well; none for those that are only begun. */
    @Transactional(readOnly = true)
    public Map<Lesson, Optional<LocalDate>> all() {
        return jdbc
                .sql("select lesson, solved_on from lesson_try where keeper_id = ?")
                .param(keeper.get().id())
                .query((row, n) -> Map.entry(
                        row.getString("lesson"), Optional.ofNullable(row.getObject("solved_on", LocalDate.class))))
                .list()
                .stream()
                .filter(e -> Named.find(Lesson.class, e.getKey()).isPresent())
                .collect(Collectors.toMap(
                        e -> Named.find(Lesson.class, e.getKey()).orElseThrow(), Map.Entry::getValue));
    }

    @Transactional
    public void put(Lesson lesson, PlanFile plan, boolean played) {
        jdbc.sql("""
                        insert into lesson_try (keeper_id, lesson, plan, played) values (?, ?, ?, ?)
                        on conflict (keeper_id, lesson) do update set plan = excluded.plan, played = excluded.played,
                          version = lesson_try.version + 1""")
                .params(keeper.get().id(), lesson.word(), files.write(plan), played)
                .update();
    }

    /** It has gone well; the first day counts. */
    @Transactional
    public void solved(Lesson lesson, LocalDate on) {
        jdbc.sql("""
                        update lesson_try set solved_on = coalesce(solved_on, ?), version = version + 1
                        where keeper_id = ? and lesson = ?""").params(on, keeper.get().id(), lesson.word()).update();
    }
}
