/** Reminders of what is due: to devices by Web Push, by a mail a day, in the calendar; and quiet hours. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "arrivals",
            "database",
            "limits",
            "mail",
            "pushservice",
            "rows",
            "shell",
            "signin",
            "today"
        })
package pelluna.app.reminders;

import org.springframework.modulith.ApplicationModule;
