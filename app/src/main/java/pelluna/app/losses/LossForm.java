package pelluna.app.losses;

import java.time.LocalDate;
import java.util.Map;
import pelluna.app.limits.Days;
import pelluna.app.limits.Refused;
import pelluna.app.shell.TypedFigure;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Left;
import pelluna.core.losses.Sure;
import pelluna.core.units.Named;

/** What the form of a loss sends. */
final class LossForm {
    private LossForm() {}

    /** @throws Refused, for what cannot be read */
    static LossReport read(Map<String, String> form, LocalDate today) {
        Double cost = TypedFigure.price("cost", form.getOrDefault("cost", ""));
        String count = form.getOrDefault("count", "1").strip();
        if (!count.matches("[1-9]\\d{0,2}|1\\d{3}|2000")) {
            throw new Refused("count", new LossRefusal.HowMany());
        }
        String seen = form.getOrDefault("seen", "").strip();
        return new LossReport(
                number(form.get("fish")),
                number(form.get("crew")),
                Integer.parseInt(count),
                day(form.getOrDefault("on", ""), today),
                Named.find(Left.class, form.getOrDefault("how", "lost")).orElse(Left.LOST),
                Named.find(Cause.class, form.getOrDefault("cause", "")).orElse(Cause.UNKNOWN),
                Named.find(Sure.class, form.getOrDefault("sure", "")).orElse(Sure.GUESS),
                number(form.get("by")),
                seen,
                cost);
    }

    private static LocalDate day(String text, LocalDate today) {
        return text.isBlank() ? today : day(text);
    }

    static LocalDate day(String text) {
        return Days.happened("on", text);
    }

    private static Long number(String text) {
        return text == null || !text.matches("\\d{1,18}") ? null : Long.valueOf(text);
    }
}
