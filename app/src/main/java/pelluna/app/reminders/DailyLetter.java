package pelluna.app.reminders;

import java.util.ArrayList;
import java.util.List;
import pelluna.app.today.DueLists;
import pelluna.words.Words;

/** The mail of a day, in plain text. */
final class DailyLetter {
    private static final String DOT = "• ";

    private DailyLetter() {}

    record Written(String subject, String body) {}

    /**
     * @param tanks with something to say, at least one
     * @param site  how the reader reaches this server; empty where it is not known
     */
    static Written of(List<DueLists.OfTank> tanks, String site, Words say) {
        List<String> parts = new ArrayList<>();
        for (DueLists.OfTank t : tanks) {
            List<String> lines = new ArrayList<>();
            lines.add(t.name());
            t.due().forEach(d -> lines.add(line(d)));
            if (!t.watch().isEmpty()) {
                lines.add(say.text("page.mail.watch"));
                t.watch().forEach(w -> lines.add(line(w)));
            }
            if (!site.isEmpty()) {
                lines.add(site + "/tanks/" + t.tank() + "/today");
            }
            parts.add(String.join("\n", lines));
        }
        parts.add(
                site.isEmpty()
                        ? say.text("page.mail.whyThisNoSite")
                        : say.text("page.mail.whyThis", site + RemindersController.PATH));
        return new Written(subject(tanks, say), String.join("\n\n", parts));
    }

    private static String line(DueLists.Due due) {
        return due.why().isEmpty() ? DOT + due.says() : DOT + due.says() + "\n  " + due.why();
    }

    private static String subject(List<DueLists.OfTank> tanks, Words say) {
        int due = tanks.stream().mapToInt(t -> t.due().size()).sum();
        String where = tanks.size() == 1 ? tanks.get(0).name() : say.text("page.mail.soManyTanks", tanks.size());
        return due == 0 ? say.text("page.mail.watchSubject", where) : say.text("page.mail.dueSubject", due, where);
    }
}
