package pelluna.app.lessons;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.springframework.stereotype.Component;
import pelluna.app.planfile.MovedDays;
import pelluna.app.planfile.PlanFiles;
import pelluna.core.lessons.Lesson;
import pelluna.core.plan.PlanFile;

/** The plans that ship with the lessons: how each begins, and a better one. Their days move with the calendar. */
@Component
class LessonPlans {
    private static final LocalDate WRITTEN = LocalDate.of(2026, 3, 1);

    private final PlanFiles files;

    LessonPlans(PlanFiles files) {
        this.files = files;
    }

    PlanFile begins(Lesson lesson, LocalDate today) {
        return read(lesson.word(), today);
    }

    PlanFile ours(Lesson lesson, LocalDate today) {
        return read(lesson.word() + "-ours", today);
    }

    private PlanFile read(String name, LocalDate today) {
        try (InputStream in = LessonPlans.class.getResourceAsStream("/lessons/" + name + ".json")) {
            return files.parse(MovedDays.in(new String(in.readAllBytes(), StandardCharsets.UTF_8), WRITTEN, today));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
